import { fourPairWiring } from '../../link';
import { solveCircuit } from '../circuit/network';
import { pairLamps } from '../testers/pair-lamps';
import { linkCircuit } from '../circuit/link-circuit';
import { madeWith } from '../circuit/made';
import { plainBench } from '../circuit/bench';
import { buildLamps, partsOf, type BuildQuestion } from './lamp-build';

const RED: BuildQuestion = {
  supply: 'block-9',
  lampV: 1.9,
  wantedA: 0.01,
  loopOhm: 19,
  lamps: 4,
};

const warned = (question: BuildQuestion) => buildLamps(question).warnings.map(({ code }) => code);

describe('Building a lamp tester', () => {
  it('takes the next resistor of the series that does not exceed the wished current', () => {
    const { exactOhm, best } = buildLamps(RED);
    expect(exactOhm).toBeCloseTo(710, 6);
    expect(best?.ohm).toBe(750);
    expect(best?.newA).toBeCloseTo(7.1 / 750, 9);
    expect(best?.hours).toBeCloseTo(0.5 / (4 * (7.1 / 750)), 6);
    expect(best?.resistorW).toBeCloseTo(7.1 ** 2 / 750, 6);
  });

  it('gives the current that the solved circuit has, within the lamps’ own slope', () => {
    const wiring = fourPairWiring('T568B', 'T568B');
    const bench = plainBench(wiring);
    const link = linkCircuit(madeWith(wiring, []), bench.electrics);
    for (const { ohm, newA } of buildLamps(RED).choices) {
      const [step] = pairLamps(wiring, partsOf('block-9', 1.9, ohm));
      const { currentA } = solveCircuit([...(step?.parts ?? []), ...link]);
      const share = (currentA.get('pair 1') ?? 0) / newA;
      expect(share).withContext(`${ohm} ohm`).toBeGreaterThan(0.93);
      expect(share).toBeLessThan(1);
    }
  });

  it('warns where parts do not bear it, and where the supply does not reach', () => {
    expect(warned({ ...RED, wantedA: 0.03 })).toContain('lamp-too-much');
    expect(buildLamps({ ...RED, lampV: 3.1, supply: 'two-aa' })).toEqual(
      jasmine.objectContaining({ exactOhm: null, best: null }),
    );
    const weak = buildLamps({ ...RED, lampV: 3.1, supply: 'three-aa' });
    expect(weak.warnings.map(({ code }) => code)).toContain('lamps-out-early');
    expect(weak.best?.atWorst).toBe('dark');
    expect(buildLamps(RED).warnings).toEqual([]);
  });
});
