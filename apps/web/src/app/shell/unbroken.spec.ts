import { Unbroken } from './unbroken';

describe('Unbroken', () => {
  const told = (text: string) => new Unbroken().transform(text).replaceAll('\u00a0', '_');

  it('keeps a value beside its unit and its uncertainty', () => {
    expect(told('Open at 17.45 m ± 1.47 m.')).toBe('Open at 17.45_m_±_1.47_m.');
    expect(told('for 95 %, open 2.95 m')).toBe('for 95_%, open 2.95_m');
    expect(told('0.7 × 299 792 458 m/s × 98 ns / 2')).toBe('0.7 × 299 792 458_m/s × 98_ns / 2');
  });

  it('leaves words as they are', () => {
    expect(told('Pin 3 meets pin 4; 2 more steps')).toBe('Pin 3 meets pin 4; 2 more steps');
    expect(told('')).toBe('');
  });
});
