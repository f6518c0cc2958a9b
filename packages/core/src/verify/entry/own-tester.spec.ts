import { inEnglish } from '../../testing/in-english';
import { fourPairWiring, pairsOf } from '../../link';
import { plainBench } from '../circuit/bench';
import { PLAIN_LAMPS } from '../circuit/lamp-circuit';
import { madeWith } from '../circuit/made';
import { observe } from '../observe';
import { everyFault } from '../explain/tell';
import { parseOwnTester } from './own-tester';

describe('A tester of one’s own', () => {
  const wiring = fourPairWiring('T568B', 'T568B');
  const bench = plainBench(wiring);
  const read = (text: string) => {
    const parsed = parseOwnTester(text, PLAIN_LAMPS);
    if (!parsed.ok) throw new Error(`${parsed.line}: ${parsed.reason}`);
    return parsed.steps;
  };

  it('told as the lamp for each pair shows what that one shows, on every single fault', () => {
    const parts = pairsOf(wiring.near).map(
      ({ number, tip, ring }) =>
        `lamp pair-${number} near ${tip}, - near ${ring}, join far ${tip} far ${ring}`,
    );
    const steps = read(`all: ${parts.join(', ')}`);
    for (const fault of everyFault(wiring)) {
      const made = madeWith(wiring, [fault]);
      const own = observe({ tester: 'own-lamps', circuit: steps, moved: null }, made, bench);
      const pair = observe({ tester: 'pair-lamps', moved: null }, made, bench);
      const lit = (shown: typeof own) =>
        shown.method === 'lamps'
          ? shown.steps.flatMap((step) => step.lit.map((lamp) => lamp.replace('-', ' '))).sort()
          : [];
      expect(lit(own)).withContext(inEnglish(fault.sentence)).toEqual(lit(pair));
    }
  });

  it('has steps, lamps at the far end, and plus where it is wished', () => {
    const steps = read(
      'one: + near 1, lamp A far 1 far 2, − near 2\n\ntwo: lamp B near 3, - far 3',
    );
    const shown = observe(
      { tester: 'own-lamps', circuit: steps, moved: null },
      madeWith(wiring, []),
      {
        ...bench,
      },
    );
    expect(shown).toEqual({
      method: 'lamps',
      steps: [
        { step: 'one', lit: ['A'], dim: [] },
        { step: 'two', lit: ['B'], dim: [] },
      ],
    });
  });

  it('says which line can’t be read, and why', () => {
    const refused = (text: string) => {
      const parsed = parseOwnTester(text, PLAIN_LAMPS);
      return parsed.ok ? '' : `${parsed.line}: ${parsed.reason}`;
    };
    expect(refused('lamp A near 1')).toBe('1: A step is a name, a colon, and what is connected');
    expect(refused('a: lamp A near 1\nb: lamp near')).toContain('2: ‘lamp near’ can’t be read.');
    expect(refused('a: + near 1')).toBe('1: No lamp can light in this step');
    expect(refused('a: lamp A near 1, lamp A near 2')).toContain('two lamps ‘A’');
    expect(refused('a: lamp A near 1\na: lamp A near 1')).toBe('2: There are two steps ‘a’');
    expect(refused('')).toContain('1: There is no step.');
  });
});
