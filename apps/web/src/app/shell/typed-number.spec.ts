import { typedNumber, typedNumbers } from './typed-number';

describe('A typed number', () => {
  it('is read as people write it', () => {
    expect(typedNumber(' 0,66 ')).toBe(0.66);
    expect(typedNumber('−3')).toBe(-3);
    expect(typedNumber('1e-9')).toBe(1e-9);
    expect(typedNumber('')).toBeNull();
    expect(typedNumber(undefined)).toBeNull();
    expect(typedNumber('12 m')).toBeNaN();
  });

  it('is wrong where it is none, or out of its bounds; an empty one is not', () => {
    const bounds = { length: [0, 100], delay: [0, 10], rise: [1, 2] } as const;
    const { value, wrong } = typedNumbers({ length: '200', delay: 'x', rise: '' }, bounds);
    expect(wrong).toEqual(['length', 'delay']);
    expect(value.rise).toBeNull();
  });
});
