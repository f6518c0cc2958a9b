import { Reflectometer } from '../src/reflectometer';

const waveform = (answer: string | Buffer | null): number[] => {
  const bytes = Buffer.isBuffer(answer) ? answer : Buffer.from(answer ?? '');
  const digits = Number(String.fromCharCode(bytes[1] ?? 0));
  expect(bytes.length).toBe(2 + digits + Number(bytes.toString('latin1', 2, 2 + digits)));
  const data = bytes.subarray(2 + digits);
  return Array.from({ length: data.length / 2 }, (_, n) => data.readInt16BE(2 * n));
};

describe('The simulated reflectometer', () => {
  it('refuses what it has not measured and what can’t be set', () => {
    const instrument = new Reflectometer();
    expect(instrument.handle('*IDN?')).toBe('Simulated,Reflectometer,0002,1.0');
    expect(instrument.handle('WAV:DATA?')).toBeNull();
    expect(instrument.handle('SYST:ERR?')).toBe('-230,"Data corrupt or stale"');
    for (const wrong of ['PULS:WIDT 2', 'PULS:WIDT x', 'AVER:COUN 1.5', 'SENS:SPAN -1'])
      expect(instrument.handle(`${wrong};SYST:ERR?`)).toBe('-224,"Illegal parameter value"');
  });

  it('sends a waveform whose noise falls with the averages', () => {
    const instrument = new Reflectometer();
    const spread = (averages: number) => {
      instrument.handle(`AVER:COUN ${averages};INIT`);
      const quiet = waveform(instrument.handle('WAV:DATA?')).slice(0, 250);
      const mean = quiet.reduce((sum, one) => sum + one, 0) / quiet.length;
      return Math.sqrt(quiet.reduce((sum, one) => sum + (one - mean) ** 2, 0) / quiet.length);
    };
    const [once, often] = [spread(1), spread(64)];
    expect(once / often).toBeGreaterThan(6);
    expect(once / often).toBeLessThan(10);
  });

  it('covers the span that it is set to, and starts afresh when that changes', () => {
    const instrument = new Reflectometer();
    instrument.handle('SENS:SPAN 2e-7;INIT');
    const count = waveform(instrument.handle('WAV:DATA?')).length;
    const interval = Number(instrument.handle('WAV:XINC?'));
    expect(count * interval).toBeCloseTo(2.5e-7, 12);
    expect(instrument.handle('PULS:WIDT 1e-8;WAV:DATA?')).toBeNull();
  });
});
