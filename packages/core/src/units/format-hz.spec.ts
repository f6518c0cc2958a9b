import { formatHz } from './format-hz';

describe('A frequency', () => {
  for (const [hz, text] of [
    [50, '50 Hz'],
    [2.494e6, '2.49 MHz'],
    [250e6, '250 MHz'],
    [999.9e6, '1 GHz'],
    [250e9, '250 GHz'],
    [1.25e15, '1250 THz'],
  ] as const)
    it(`is written as ${text}`, () => expect(formatHz(hz)).toBe(text));
});
