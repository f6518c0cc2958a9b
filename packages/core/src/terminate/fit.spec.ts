import { CABLES, CONNECTORS, type Cable, type Connector } from '../catalogue';
import { fitProblems } from './fit';

/** The same judgement, written out plainly. */
function fits(wire: Cable, { accepts, shielded }: Connector): boolean {
  const { jacketMm, insulationMm, gaugeAwg, stranding } = accepts;
  return (
    wire.jacketMm >= jacketMm.min &&
    wire.jacketMm <= jacketMm.max &&
    wire.insulationMm >= insulationMm.min &&
    wire.insulationMm <= insulationMm.max &&
    wire.gaugeAwg >= gaugeAwg.min &&
    wire.gaugeAwg <= gaugeAwg.max &&
    stranding.includes(wire.stranding) &&
    (!shielded || wire.shield !== 'none')
  );
}

const pairs = CABLES.flatMap((wire) => CONNECTORS.map((part) => ({ wire, part })));

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
      for (const { what, have, need } of fitProblems(wire, part)) {
        expect(what.length).toBeGreaterThan(8);
        if (/Jacket|Insulation/.test(what)) {
          expect(have).toMatch(/^\d+(\.\d+)? mm$/);
          expect(need).toMatch(/^\d+(\.\d+)? mm to \d+(\.\d+)? mm$/);
        }
        if (/gauge/.test(what)) expect(`${have} ${need}`).toMatch(/AWG .*AWG/);
      }
  });

  it('know a cable that is a hair too thick for an entry', () => {
    const part = CONNECTORS[0] as Connector;
    const wire = CABLES.find((row) => fits(row, part)) as Cable;
    const { max, min } = part.accepts.jacketMm;
    const thick = (jacketMm: number) => fitProblems({ ...wire, jacketMm }, part).length;
    expect(thick(max)).toBe(0);
    expect(thick(max + 0.01)).toBe(1);
    expect(thick(min)).toBe(0);
    expect(thick(min - 0.01)).toBe(1);
  });
});
