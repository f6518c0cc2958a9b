import { inEnglish } from '../../testing/in-english';
import { PLAIN_JOB, fourPairWiring, wiringOf } from '../../link';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { missedOf } from '../explain/blind-spots';
import { described, everyFault } from '../explain/tell';
import { observe } from '../observe';
import { procedureOf, testersFor } from '../testers';
import { NO_EXPERIENCE, priorOf } from '../explain/prior';
import { reportOf } from '../explain/report';
import { PLAIN_CONDITIONS } from '../explain/trials-for';
import { compareTest } from '../explain/judge-test';

const wiring = fourPairWiring('T568B', 'T568B');
const model = plainBench(wiring);
const coax = wiringOf(
  {
    near: { place: '', connector: 'bnc-crimp-50-rg-58', scheme: 'T568B' },
    far: { place: '', connector: 'bnc-crimp-50-rg-58', scheme: 'T568B' },
    cable: 'rg-58',
    schools: {},
  },
  PLAIN_JOB,
);

const wetIn = (on: typeof wiring) => everyFault(on).filter(({ kind }) => kind === 'moisture');

describe('Moisture', () => {
  it('is shown whole by an insulation reading, by no tester that looks for joints, and by a trio on coax', () => {
    const missedBy = (on: typeof wiring) =>
      Object.fromEntries(
        testersFor(on).map((row) => {
          const found = missedOf(procedureOf(row, on), plainBench(on)).find(
            ({ kind }) => kind === 'moisture',
          );
          return [row.id, found ? found.missed / found.of : -1];
        }),
      );
    const pairs = missedBy(wiring);
    expect(pairs['insulation']).toBe(0);
    for (const id of ['beeper', 'ohmmeter', 'pair-lamps', 'identifying-remote', 'pairing'])
      expect(pairs[id]).withContext(id).toBe(1);
    expect(missedBy(coax)).toEqual(
      jasmine.objectContaining({ insulation: 0, 'coax-trio': 0, beeper: 1 }),
    );
  });

  it('leaks between the two conductors that are wet, as Ohm’s law has it', () => {
    const [fault] = wetIn(wiring).filter(({ end }) => end === 'cable');
    if (!fault) throw new Error('Nothing can be wet');
    const [from = '', to = ''] = fault.near;
    const shown = observe(
      {
        tester: 'insulation',
        from: { end: 'near', contact: from },
        to: { end: 'near', contact: to },
        moved: null,
      },
      madeWith(wiring, [fault]),
      model,
    );
    const ohm = shown.method === 'ohms' ? (shown.ohm ?? 0) : 0;
    const { leakOhm, coreOhm } = model.electrics;
    // To half the cable and back, and through the water.
    expect(ohm / (leakOhm + coreOhm)).toBeCloseTo(1, 3);
  });

  it('is what explains a reading between open and short, wherever the meter stops', () => {
    for (const [ohm, told] of [
      [8000, '8 kΩ'],
      [350_000, '350 kΩ'],
      [3e6, '3 MΩ'],
    ] as const) {
      const trial = procedureOf({ id: 'insulation' }, wiring)[1];
      if (!trial) throw new Error('No pair');
      const seen = { trial, shown: { method: 'ohms', ohm } as const };
      const { good, summary } = compareTest(seen, model);
      expect([good, inEnglish(summary)]).toEqual([false, `Insulation: ${told}.`]);
      const report = reportOf([seen], model, {
        prior: priorOf(NO_EXPERIENCE),
        conditions: PLAIN_CONDITIONS,
        upTo: 2,
      });
      expect(report.explanations[0]?.faults.map(({ kind }) => kind)).toEqual(['moisture']);
    }
  });

  it('is told by the conductors that are wet, and where to look', () => {
    const said = inEnglish(wetIn(wiring).map((fault) => described(fault, wiring).sentence));
    expect(said.some((text) => /^White-\w+ and \w+ leak to one another/.test(text))).toBeTrue();
    expect(said).toContain('The conductors leak to one another at the far end: water has come in.');
    expect(inEnglish(wetIn(coax).map((fault) => described(fault, coax).sentence))).toContain(
      'The centre leaks to the shield along the cable: water has come in.',
    );
  });
});
