import { fieldsIn, textIn } from './in-units';
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

describe('A length that is typed where a site measures in feet', () => {
  it('is in feet where it is bare, as written where it has a unit, and told as what was kept', () => {
    expect(typedNumber('41', 'm', 'imperial')).toBeCloseTo(12.4968, 9);
    expect(typedNumber('12.5 m', 'm', 'imperial')).toBeCloseTo(12.5, 9);
    expect(typedNumber('2', 'cm', 'imperial')).toBeCloseTo(5.08, 9);
    expect(typedNumber('41', 'm', 'metric')).toBe(41);
    expect(typedNumber('200', 'ns', 'imperial')).toBe(200);
    // A loss of 6 dB for 100 ft is one of 19.69 dB for 100 m.
    expect(typedNumber('6', 'dB/100 m', 'imperial')).toBeCloseTo(19.685, 3);
    expect(textIn(12.4968, 'm', 'imperial')).toBe('41');
    expect(textIn(12.4968, 'm', 'metric')).toBe('12.497');
  });

  it('is held to the same bounds', () => {
    const bounds = { length: [0.1, 10, 'm'] } as const;
    expect(typedNumbers({ length: '30' }, bounds, 'imperial').wrong).toEqual([]);
    expect(typedNumbers({ length: '30' }, bounds, 'metric').wrong).toEqual(['length']);
    expect(typedNumbers({ length: '33' }, bounds, 'imperial').wrong).toEqual(['length']);
  });

  it('has the unit of the site beside it', () => {
    const fields = [
      { id: 'a', name: 'Length', unit: 'm' },
      { id: 'b', name: 'Delay', unit: 'ns' },
    ];
    expect(fieldsIn(fields, 'imperial').map(({ unit }) => unit)).toEqual(['ft', 'ns']);
    expect(fieldsIn(fields, 'metric')).toEqual(fields);
  });
});
