import { parseNumber } from './parse-number';

const read = (text: string, unit: string) => {
  const parsed = parseNumber(text, unit);
  return parsed.ok ? parsed.value : parsed.reason;
};

describe('A number as it is typed', () => {
  it('is read bare, with a comma, a true minus, or nothing', () => {
    expect(read('0,72', '')).toBe(0.72);
    expect(read('−48', 'V')).toBe(-48);
    expect(read(' .5 ', 'm')).toBe(0.5);
    expect(read('1e3', 'samples')).toBe(1000);
    expect(read('  ', 'ns')).toBeNull();
  });

  it('is converted into the unit of its field', () => {
    for (const [text, unit, value] of [
      ['0.84 us', 'ns', 840],
      ['61.0ns', 'ns', 61],
      ['0.84 µs', 'ns', 840],
      ['1.2 ms', 'ns', 1_200_000],
      ['21 ft', 'm', 6.4008],
      ['5\' 6"', 'm', 1.6764],
      ['6.4 m', 'ft', 20.9973753281],
      ['2 in', 'cm', 5.08],
      ['200 mA', 'A', 0.2],
      ['1.5V', 'V', 1.5],
      ['3300 mV', 'V', 3.3],
      ['4.7k', 'Ω', '‘4.7k’ has ‘k’, which is no unit. Write a number of Ω.'],
      ['4.7 kΩ', 'Ω', 4700],
      ['1 Mohm', 'Ω', 1e6],
      ['1 GS/s', 'MS/s', 1000],
      ['0.2 GHz', 'MHz', 200],
      ['68 °F', '°C', 20],
      ['20 C', '°C', 20],
      ['72 %', '', 0.72],
      ['3 dB', 'dBµV', 3],
    ] as const)
      expect(read(text, unit)).withContext(`${text} in ${unit}`).toBe(value);
  });

  it('says what it can’t read, and what to write', () => {
    expect(read('nine', 'ns')).toBe('‘nine’ is not a number. Write a number of ns.');
    expect(read('12 V', 'ns')).toBe('‘12 V’ has ‘V’, which is another unit. Write a number of ns.');
    expect(read('0.84 furlongs', 'ns')).toContain('no unit');
    expect(read('12 apples', 'm')).toContain('is not a length');
    for (const unit of ['m', 'ft', 'mm']) expect(read('there', unit)).toContain('is not a length');
    expect(read('m', 'm')).toContain('is not a length');
    expect(read('x', '')).toContain('such as 0.72');
  });
});
