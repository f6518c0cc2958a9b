import { inEnglish } from '../../testing/in-english';
import { fourPairWiring } from '../../link';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { entryForm } from '../entry/form';
import { completeFault } from '../explain/complete-fault';
import { compareTest } from '../explain/judge-test';
import type { Fault } from '../fault';
import { observe } from '../observe';

const wiring = fourPairWiring('T568B', 'T568B');
const model = plainBench(wiring);
const trial = { tester: 'capacitance', moved: null } as const;

const told = (half: Pick<Fault, 'kind'> & Partial<Fault>) =>
  inEnglish(
    compareTest(
      { trial, shown: observe(trial, madeWith(wiring, [completeFault(half, wiring)]), model) },
      model,
    ).summary,
  );

describe('A length by capacitance', () => {
  it('reaches to a break, and of a short tells no more than that there is one', () => {
    expect(told({ kind: 'open', near: ['4'], end: 'cable' })).toBe(
      'Capacitance: pair 1 ends open on its way.',
    );
    for (const end of ['near', 'cable', 'far'] as const)
      expect(told({ kind: 'short', near: ['4', '5'], end })).toBe('Capacitance: pair 1 short.');
  });

  it('is typed as a length within a tenth, or as short', () => {
    const form = entryForm('capacitance', { bench: model, lengthM: 50, units: 'metric' });
    const read = form?.read(['44.5 m', '20 m', 'short', '31 m short']);
    if (!read?.ok) throw new Error('Not read');
    expect(read.seen[0]?.shown).toEqual({
      method: 'lengths',
      pairs: [
        { pair: 1, place: 'far', shows: 'open' },
        { pair: 2, place: 'cable', shows: 'open' },
        { pair: 3, place: null, shows: 'short' },
        { pair: 4, place: null, shows: 'short' },
      ],
    });
  });
});
