import { inEnglish } from '../../testing/in-english';
import { mostCordM } from './cords';
import { reportLimits, type LimitsQuestion } from './limits-report';
import { limitDb } from './class-limits';

const PLAIN: LimitsQuestion = {
  standard: 'iso',
  name: '6',
  kind: 'channel',
  shielded: false,
  measuredC: 20,
  hottestC: 20,
  cords: null,
  file: null,
};
const csv = (rows: readonly string[], head = 'Frequency (MHz),Insertion loss,NEXT 1-2') => ({
  name: 'sweep.csv',
  text: [head, ...rows].join('\n'),
});

describe('A table of sweeps', () => {
  it('is judged as a Touchstone file is, whatever the sign, the unit and the separator', () => {
    const tables = [
      csv(['1,-3,-70', '100,-20,-45', '250,-34,-36']),
      csv(['1e6;3;70', '100000000;20,0;45', '250e6;34;36,0'], 'f / Hz;IL;NEXT'),
      csv(['0.001\t3\t70', '0.1\t20\t45', '0.25\t34\t36'], 'GHz\tAttenuation\tcrosstalk'),
    ];
    for (const file of tables) {
      const report = reportLimits({ ...PLAIN, file });
      if (!report.ok) throw new Error(report.reason);
      const [loss, next] = report.sweeps;
      expect(loss?.parameter).toBe('insertion-loss');
      expect(loss?.pass).toBeTrue();
      expect(loss?.worst?.marginDb).toBeCloseTo(3 - 2, 0);
      expect(next?.worst?.mhz).toBe(250);
      expect(next?.worst?.marginDb).toBeCloseTo(36 - (limitDb('next', PLAIN, 250) ?? 0), 6);
    }
  });

  it('says which line can’t be read, and why', () => {
    const refused = (rows: readonly string[], head?: string) => {
      const report = reportLimits({ ...PLAIN, file: csv(rows, head) });
      return report.ok ? '' : `${report.line}: ${report.reason}`;
    };
    expect(refused(['1,3,70', '2,x,70'])).toBe('3: ‘x’ is not a number of decibels');
    expect(refused(['2,3,70', '1,3,70'])).toBe('3: ‘1’ is no frequency above the one before');
    expect(refused(['1,3'], 'Frequency,IL')).toContain('names no frequency');
    expect(refused(['1,3'], 'MHz,colour')).toContain('‘colour’ is none of insertion loss');
    expect(refused([])).toBe('2: there is no row below the heading');
    expect(refused(['1'], 'MHz')).toContain('no column but the frequency');
    expect(refused([''], '')).not.toBe('');
  });
});

describe('A Touchstone file of another impedance', () => {
  const of = (ohm: number) => {
    const text = `# MHz S DB R ${ohm}\n1 -30 0 -1 0 -1 0 -30 0\n100 -20 0 -15 0 -15 0 -20 0\n250 -20 0 -25 0 -25 0 -20 0\n`;
    const report = reportLimits({ ...PLAIN, file: { name: 'pair.s2p', text } });
    if (!report.ok) throw new Error(report.reason);
    return report.sweeps.map(({ parameter, pass }) => `${parameter} ${String(pass)}`);
  };

  it('has its insertion loss judged, its return loss not', () => {
    expect(of(100)[1]).toMatch(/^return-loss (true|false)$/);
    expect(of(50)).toEqual(['insertion-loss true', 'return-loss null', 'return-loss null']);
  });
});

describe('Cords', () => {
  const file = csv(['1,2,70', '100,19,45', '250,32,36']);
  const lossWith = (cords: LimitsQuestion['cords']) => {
    const report = reportLimits({ ...PLAIN, cords, file });
    if (!report.ok) throw new Error(report.reason);
    return { db: report.sweeps[0]?.points[1]?.db ?? 0, notes: report.notes };
  };

  it('add their loss to what was measured: more by half at 26 AWG', () => {
    const bare = lossWith(null).db;
    const thick = lossWith({ lengthM: 10, more: 0.2 });
    const thin = lossWith({ lengthM: 10, more: 0.5 });
    // A tenth of 100 m of category 6 at 100 MHz: some 2 dB.
    expect(thick.db - bare).toBeCloseTo(1.2 * 1.99, 1);
    expect((thin.db - bare) / (thick.db - bare)).toBeCloseTo(1.25, 6);
    expect(thick.notes.length).toBe(1);
    expect(lossWith({ lengthM: 0, more: 0.2 })).toEqual({ db: bare, notes: [] });
  });

  it('may be as long as the standard says: 10 m at 90 m, less if thinner, none if it is too hot', () => {
    expect(mostCordM(90, 0.2, 20, false)).toBeCloseTo(10, 6);
    expect(mostCordM(90, 0.5, 20, false)).toBeCloseTo(8, 6);
    expect(mostCordM(70, 0.5, 20, false)).toBeCloseTo(32 / 1.5, 6);
    expect(mostCordM(90, 0.2, 40, false)).toBe(0);
    expect(mostCordM(80, 0.2, 40, false)).toBeCloseTo((102 - 86.4) / 1.2, 6);
  });
});

describe('What a table does not show', () => {
  it('is not proven: a sweep that ends before its class does, or begins above 1 MHz', () => {
    const told = (rows: readonly string[]) => {
      const report = reportLimits({ ...PLAIN, file: csv(rows) });
      if (!report.ok) throw new Error(report.reason);
      return report.sweeps.map(({ pass, sentence }) => `${String(pass)} ${inEnglish(sentence)}`);
    };
    expect(told(['1,3,70', '100,20,45'])[1]).toMatch(/^null .* Not proven above 100 MHz\.$/);
    expect(told(['10,5,60', '250,34,36'])[1]).toMatch(/^null .* Not proven below 10 MHz\.$/);
    expect(told(['1,3,70', '100,20,30'])[1]).toMatch(/^false /);
    expect(told(['1,3,70', '250,34,36'])[1]).toMatch(/^true /);
  });

  it('knows power sums and far-end crosstalk by their headings', () => {
    const report = reportLimits({
      ...PLAIN,
      file: csv(['1,70,70,61', '250,31,16,13'], 'MHz,PSNEXT 1,ACR-F 1-2,PSACR-F 1'),
    });
    if (!report.ok) throw new Error(report.reason);
    expect(report.sweeps.map(({ parameter }) => parameter)).toEqual([
      'ps-next',
      'acr-f',
      'ps-acr-f',
    ]);
    expect(report.sweeps.map(({ pass }) => pass)).toEqual([true, true, true]);
  });
});
