import { BUILT_IN, CABLES, CONNECTORS, type Cable, type Connector } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { EVERY_PAIR } from '../testing/tasks';
import { fitProblems as problemsOf } from './fit';

const fitProblems = (cable: Cable, part: Connector, place: Cable['environment'] = 'indoor') =>
  inEnglish(problemsOf({ cable, part, place }, BUILT_IN));

/** The same judgement, written out plainly, indoors. */
function fits(wire: Cable, { accepts, shielded, wiring, impedanceOhm }: Connector): boolean {
  const { jacketMm, insulationMm, conductorMm, gaugeAwg, stranding, cores, pitchMm } = accepts;
  const inside = (value: number, range: { min: number; max: number } | null) =>
    range === null || (value >= range.min && value <= range.max);
  return (
    accepts.families.includes(wire.family) &&
    inside(wire.jacketMm, jacketMm) &&
    inside(wire.insulationMm, insulationMm) &&
    inside(wire.conductorMm, conductorMm) &&
    inside(wire.gaugeAwg, gaugeAwg) &&
    inside(wire.cores.length, cores) &&
    stranding.includes(wire.stranding) &&
    (pitchMm === null || wire.pitchMm === pitchMm) &&
    (impedanceOhm === null || wire.impedanceOhm === null || impedanceOhm === wire.impedanceOhm) &&
    !(shielded && wiring === 'four-pair' && wire.shield === 'none')
  );
}

const pairs = CABLES.flatMap((wire) => CONNECTORS.map((part) => ({ wire, part })));

describe('a suggestion', () => {
  it('mates with what is there: the same outline and gender, for every cable and connector', () => {
    let told = 0;
    for (const { cable, connector } of EVERY_PAIR)
      for (const { suggestion } of fitProblems(cable, connector)) {
        const name = /^Use “(.+)”\.$/.exec(suggestion)?.[1];
        const other = BUILT_IN.connectors.find((row) => row.name === name);
        if (!other) continue;
        told += 1;
        expect([other.outline, other.gender])
          .withContext(`${connector.id} for ${cable.id}: ${suggestion}`)
          .toEqual([connector.outline, connector.gender]);
      }
    expect(told).toBeGreaterThan(100);
  });
});

describe('fitProblems', () => {
  it('agree with the plain judgement for every cable and connector', () => {
    for (const { wire, part } of pairs)
      expect(fitProblems(wire, part).length === 0)
        .withContext(`${wire.id} in ${part.id}`)
        .toBe(fits(wire, part));
  });

  it('suggest only what would fit', () => {
    for (const { wire, part } of pairs)
      for (const { suggestion } of fitProblems(wire, part)) {
        const otherPart = CONNECTORS.find(({ name }) => suggestion === `Use “${name}”.`);
        const otherWire = CABLES.find(({ name }) => suggestion === `Use ${name} cable.`);
        if (otherPart) expect(fits(wire, otherPart)).withContext(suggestion).toBeTrue();
        else if (otherWire) expect(fits(otherWire, part)).withContext(suggestion).toBeTrue();
        else expect(suggestion).toContain('Nothing in the catalogue');
      }
  });

  it('tell what is and what is needed, with units', () => {
    for (const { wire, part } of pairs)
      for (const { what, have, need, off } of fitProblems(wire, part)) {
        expect(what.length).toBeGreaterThan(8);
        if (/Jacket|Insulation/.test(what)) {
          expect(have).toMatch(/^\d+(\.\d+)? mm$/);
          expect(need).toMatch(/^\d+(\.\d+)? mm to \d+(\.\d+)? mm$/);
          expect(off).toMatch(/^\d+(\.\d+)? mm too (thin|thick)$/);
        }
        if (/gauge/.test(what)) expect(`${have} ${need}`).toMatch(/AWG .*AWG/);
      }
  });

  it('know a cable that is a hair too thick for an entry', () => {
    const part = CONNECTORS[0] as Connector;
    const wire = CABLES.find((row) => fits(row, part)) as Cable;
    const { max, min } = part.accepts.jacketMm ?? { max: 0, min: 0 };
    const thick = (jacketMm: number) => fitProblems({ ...wire, jacketMm }, part).length;
    expect(thick(max)).toBe(0);
    expect(thick(max + 0.01)).toBe(1);
    expect(thick(min)).toBe(0);
    expect(thick(min - 0.01)).toBe(1);
  });

  it('know a ribbon whose cores lie otherwise than the grooves, and leave the rest alone', () => {
    const pressed = CONNECTORS.filter(({ accepts }) => accepts.pitchMm !== null);
    const ribbons = CABLES.filter(({ family }) => family === 'ribbon');
    const pitches = (wire: Cable, part: Connector) =>
      fitProblems(wire, part).filter(({ what }) => what.startsWith('Pitch'));
    expect(pressed.length * ribbons.length).toBeGreaterThan(0);
    for (const part of pressed)
      for (const wire of ribbons) {
        const pitchMm = part.accepts.pitchMm ?? 0;
        expect(pitches({ ...wire, pitchMm }, part)).toEqual([]);
        const [wrong] = pitches({ ...wire, pitchMm: pitchMm / 2 }, part);
        expect(wrong?.need).toBe(`${pitchMm} mm`);
      }
    for (const part of CONNECTORS.filter(({ accepts }) => accepts.pitchMm === null))
      for (const wire of CABLES) expect(pitches({ ...wire, pitchMm: 1 }, part)).toEqual([]);
  });

  it('know which jackets a place takes, and which joints', () => {
    const jack = BUILT_IN.connector('keystone-punch-down');
    const told = (cable: string, place: Cable['environment'], part = jack) =>
      fitProblems(BUILT_IN.cable(cable), part, place).map(({ what }) => what);
    const places = ['indoor', 'riser', 'plenum', 'outdoor', 'burial'] as const;
    const taken = (cable: string) => places.filter((place) => told(cable, place).length === 0);
    expect(taken('cat6-uutp-solid')).toEqual(['indoor']);
    expect(taken('cat6-uutp-solid-riser')).toEqual(['indoor', 'riser']);
    expect(taken('cat6-uutp-solid-plenum')).toEqual(['indoor', 'riser', 'plenum']);
    expect(taken('cat6-uutp-solid-outdoor')).toEqual(['indoor', 'outdoor']);
    const twist = BUILT_IN.connector('splice-twist');
    expect(told('telephone-2-pair-outdoor', 'outdoor', twist)).toEqual(['Joint against the place']);
    expect(told('telephone-2-pair', 'indoor', twist)).toEqual([]);
  });

  it('keep 50 and 75 ohm apart', () => {
    const [problem] = fitProblems(BUILT_IN.cable('rg-59'), {
      ...BUILT_IN.connector('bnc-crimp-75-rg-59'),
      impedanceOhm: 50,
    });
    expect(problem).toEqual(
      jasmine.objectContaining({ have: '75 ohm', need: '50 ohm', off: '25 ohm apart' }),
    );
    expect(problem?.suggestion).toBe('Use “BNC plug, crimp, 75 ohm, for RG-59”.');
  });

  it('offer a connector of each kind that the trade has for every cable', () => {
    for (const wire of CABLES)
      expect(CONNECTORS.some((part) => fits(wire, part)))
        .withContext(wire.id)
        .toBeTrue();
    for (const part of CONNECTORS)
      expect(CABLES.some((wire) => fits(wire, part)))
        .withContext(part.id)
        .toBeTrue();
  });
});
