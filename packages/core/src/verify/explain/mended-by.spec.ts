import { fourPairWiring } from '../../link';
import { mendedBy } from './done';
import { everyFault } from './tell';

describe('What was done', () => {
  const faults = everyFault(fourPairWiring('T568B', 'T568B'));
  const open = (end: 'near' | 'far' | 'cable') => {
    const fault = faults.find((one) => one.kind === 'open' && one.end === end);
    if (!fault) throw new Error(`no open at ${end}`);
    return fault;
  };
  const done = (
    action: 'remade' | 'reseated' | 'replaced' | 'looked',
    end: 'near' | 'far' | 'cable',
  ) => ({
    action,
    end,
    contacts: [],
  });

  it('mends at the end where it was done alone, and everywhere where the cable was replaced', () => {
    expect(mendedBy(done('remade', 'near'), open('near'))).toBeGreaterThan(0.8);
    expect(mendedBy(done('remade', 'near'), open('far'))).toBe(0);
    expect(mendedBy(done('replaced', 'far'), open('near'))).toBe(0);
    for (const end of ['near', 'far', 'cable'] as const)
      expect(mendedBy(done('replaced', 'cable'), open(end))).toBeGreaterThan(0.9);
    expect(mendedBy(done('looked', 'near'), open('near'))).toBe(0);
  });
});
