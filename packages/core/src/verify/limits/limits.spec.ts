import { common } from '../../message';
import { inEnglish } from '../../testing/in-english';
import { parseTouchstone } from '../../formats';
import { LOOP_MOST_OHM, delayLimits, heatFactor, limitDb, type LimitSet } from './class-limits';
import { judgeSweep, limitName, sweepsOf, type Sweep } from './judge-sweep';

const COLD = { measuredC: 20, hottestC: 20, shielded: false };

const CLASS_E: LimitSet = { standard: 'iso', name: '6', kind: 'channel' };

/** As the standards tabulate them: parameter, class, kind, and the limit at some frequencies, MHz to dB. */
const ISO = [
  ['insertion-loss', '5e', 'channel', { 16: 9.1, 100: 24.0 }],
  ['insertion-loss', '5e', 'permanent-link', { 16: 7.7, 100: 20.4 }],
  ['insertion-loss', '6', 'channel', { 1: 4.0, 16: 8.3, 100: 21.7, 250: 35.9 }],
  ['insertion-loss', '6', 'permanent-link', { 100: 18.5, 250: 30.7 }],
  ['insertion-loss', '6A', 'channel', { 100: 20.9, 250: 33.9, 500: 49.3 }],
  ['insertion-loss', '6A', 'permanent-link', { 100: 17.8, 250: 28.9, 500: 42.1 }],
  ['next', '5e', 'channel', { 1: 60, 16: 43.6, 100: 30.1 }],
  ['next', '5e', 'permanent-link', { 16: 45.2, 100: 32.3 }],
  ['next', '6', 'channel', { 1: 65, 16: 53.2, 100: 39.9, 250: 33.1 }],
  ['next', '6', 'permanent-link', { 16: 54.6, 100: 41.8, 250: 35.3 }],
  ['next', '6A', 'channel', { 100: 39.9, 329: 31.1, 331: 31.0, 500: 27.9 }],
  ['next', '6A', 'permanent-link', { 100: 41.8, 299: 34.1, 301: 34.0, 500: 29.2 }],
  ['ps-next', '5e', 'channel', { 1: 57, 100: 27.1 }],
  ['ps-next', '6', 'channel', { 1: 62, 100: 37.1, 250: 30.2 }],
  ['ps-next', '6A', 'channel', { 100: 37.1, 500: 24.8 }],
  ['ps-next', '6A', 'permanent-link', { 299: 31.4, 301: 31.4, 500: 26.4 }],
  ['acr-f', '5e', 'channel', { 1: 57.4, 100: 17.4 }],
  ['acr-f', '5e', 'permanent-link', { 100: 18.6 }],
  ['acr-f', '6', 'channel', { 1: 63.3, 100: 23.3, 250: 15.3 }],
  ['acr-f', '6', 'permanent-link', { 250: 16.2 }],
  ['acr-f', '6A', 'channel', { 500: 9.3 }],
  ['acr-f', '6A', 'permanent-link', { 500: 10.2 }],
  ['ps-acr-f', '5e', 'channel', { 1: 54.4, 100: 14.4 }],
  ['ps-acr-f', '6', 'channel', { 100: 20.3, 250: 12.3 }],
  ['ps-acr-f', '6A', 'channel', { 500: 6.3 }],
  ['return-loss', '5e', 'channel', { 1: 17, 19.9: 17, 20.1: 17.0, 100: 10 }],
  ['return-loss', '5e', 'permanent-link', { 1: 19, 100: 12 }],
  ['return-loss', '6', 'channel', { 1: 19, 9.9: 19, 10.1: 19.0, 39.9: 16, 40.1: 16.0, 250: 8 }],
  ['return-loss', '6', 'permanent-link', { 1: 21, 10.1: 21, 40.1: 18, 250: 10 }],
  ['return-loss', '6A', 'channel', { 398: 6, 399: 6, 500: 6 }],
  ['return-loss', '6A', 'permanent-link', { 398: 8, 399: 8, 500: 8 }],
] as const;
/** Where the categories differ. */
const TIA = [
  ['insertion-loss', '5e', 'channel', { 100: 24.0 }],
  ['insertion-loss', '5e', 'permanent-link', { 100: 21.0 }],
  ['insertion-loss', '6', 'channel', { 1: 2.1, 100: 21.3, 250: 35.9 }],
  ['insertion-loss', '6', 'permanent-link', { 100: 18.6, 250: 31.1 }],
  ['insertion-loss', '6A', 'channel', { 500: 49.3 }],
  ['insertion-loss', '6A', 'permanent-link', { 100: 18.0, 500: 43.8 }],
  ['next', '6', 'channel', { 1: 65, 250: 33.1 }],
  ['next', '6A', 'channel', { 329: 31.1, 331: 31.0, 500: 26.1 }],
  ['next', '6A', 'permanent-link', { 299: 34.1, 301: 34.0, 500: 26.7 }],
  ['ps-next', '6A', 'channel', { 329: 28.0, 331: 28.0, 500: 23.2 }],
  ['ps-next', '6A', 'permanent-link', { 299: 31.4, 301: 31.4, 500: 23.8 }],
  ['return-loss', '6', 'permanent-link', { 1: 19.1, 2.9: 20.9, 3.1: 21, 250: 10 }],
  ['return-loss', '6A', 'permanent-link', { 1: 19.1, 500: 8 }],
] as const;

describe('Limits of a class', () => {
  for (const [standard, rows] of [
    ['iso', ISO],
    ['tia', TIA],
  ] as const)
    it(`are those that ${standard} tabulates, on each side of every change of formula`, () => {
      for (const [parameter, name, kind, points] of rows)
        for (const [mhz, db] of Object.entries(points)) {
          const limit = limitDb(parameter, { standard, name, kind }, Number(mhz)) ?? Number.NaN;
          expect(Math.abs(limit - db))
            .withContext(`${parameter} ${name} ${kind} ${mhz} MHz: ${limit.toFixed(2)}, not ${db}`)
            .toBeLessThan(0.075);
        }
    });

  it('revert at low frequencies, and end where the class ends', () => {
    expect(limitDb('insertion-loss', CLASS_E, 1)).toBe(4);
    expect(limitDb('next', CLASS_E, 1)).toBe(65);
    expect(limitDb('next', { ...CLASS_E, name: '5e' }, 101)).toBeNull();
    expect(limitDb('next', CLASS_E, 0.9)).toBeNull();
    expect(inEnglish([limitName(CLASS_E), limitName({ standard: 'tia', name: '6A' })])).toEqual([
      'Class E',
      'Category 6A',
    ]);
    expect(LOOP_MOST_OHM).toEqual({ channel: 25, 'permanent-link': 21 });
  });

  it('of delay are 555 ns at 10 MHz for a channel and 50 ns of skew', () => {
    expect(delayLimits('channel', 10).delayNs).toBeCloseTo(555.4, 0);
    expect(delayLimits('permanent-link', 10).delayNs).toBeCloseTo(498.3, 0);
    expect(delayLimits('channel', 10).skewNs).toBe(50);
    expect(delayLimits('permanent-link', 10).skewNs).toBe(44);
  });

  it('heat adds 0.4 % a kelvin, 0.6 % above 40 degrees, half of the first under a shield', () => {
    expect(heatFactor(40, false)).toBeCloseTo(1.08, 6);
    expect(heatFactor(60, false)).toBeCloseTo(1.2, 6);
    expect(heatFactor(60, true)).toBeCloseTo(1.08, 6);
    expect(heatFactor(-10, false)).toBe(1);
  });
});

describe('A measured sweep', () => {
  const at = (margin: number, parameter: Sweep['parameter'], to = 250): Sweep => ({
    name: common('name', { name: 'Sweep' }),
    parameter,
    points: Array.from({ length: to }, (_, index) => {
      const mhz = index + 1;
      const limit = limitDb(parameter, CLASS_E, mhz) ?? 0;
      const dip = mhz === 137 ? 1.5 : 0;
      const sign = parameter === 'insertion-loss' ? -1 : 1;
      return { mhz, db: limit + sign * (margin - dip) };
    }),
  });

  it('is told by its worst margin and where that is', () => {
    const judged = judgeSweep(at(2, 'next'), CLASS_E, COLD);
    expect(judged.worst?.mhz).toBe(137);
    expect(judged.worst?.marginDb).toBeCloseTo(0.5, 6);
    expect(judged.pass).toBeTrue();
    const short = judgeSweep(at(1, 'next'), CLASS_E, COLD);
    expect(short.pass).toBeFalse();
    expect(inEnglish(short.sentence)).toBe('Sweep: 0.5 dB short at 137 MHz.');
  });

  it('of loss is told as it will be on the hottest day', () => {
    const judged = judgeSweep(at(1, 'insertion-loss'), CLASS_E, { ...COLD, hottestC: 50 });
    expect(judgeSweep(at(1.6, 'insertion-loss'), CLASS_E, COLD).pass).toBeTrue();
    expect(judged.pass).toBeFalse();
    expect(judged.worst?.db).toBeGreaterThan(at(1, 'insertion-loss').points[136]?.db ?? 0);
  });

  it('says what was not measured, and judges nothing where there is nothing', () => {
    expect(inEnglish(judgeSweep(at(2, 'next', 100), CLASS_E, COLD).sentence)).toContain(
      'Not proven above 100 MHz',
    );
    const none = judgeSweep({ ...at(2, 'next'), points: [] }, CLASS_E, COLD);
    expect([none.pass, none.worst]).toEqual([null, null]);
  });

  it('of return loss counts only where the pair loses 3 dB', () => {
    const bad: Sweep = { ...at(-3, 'return-loss') };
    const loss: Sweep = {
      ...bad,
      parameter: 'insertion-loss',
      points: bad.points.map(({ mhz }) => ({ mhz, db: 2.9 })),
    };
    expect(judgeSweep(bad, CLASS_E, COLD).pass).toBeFalse();
    expect(judgeSweep(bad, CLASS_E, COLD, [loss]).pass).toBeNull();
    expect(judgeSweep(bad, { ...CLASS_E, standard: 'tia' }, COLD, [loss]).pass).toBeFalse();
  });
});

describe('Touchstone files', () => {
  const read = (text: string, name = 'a.s2p') => {
    const parsed = parseTouchstone(text, name);
    if (!parsed.ok) throw new Error(`${parsed.line}: ${parsed.reason}`);
    return parsed.network;
  };

  it('are read in every format and unit alike', () => {
    const [ri, ma, db] = [
      '# MHz S RI R 100\n10 0 0.1 0 -0.5 0 -0.5 0.1 0',
      '! a comment\n# KHZ S MA R 100\n10000 0.1 90 0.5 -90 0.5 -90 0.1 0 ! more',
      '# Hz S DB R 100\n1e7 -20 90 -6.0206 -90 -6.0206 -90 -20 0',
    ].map((text) => read(text));
    for (const network of [ri, ma, db]) {
      expect(network?.referenceOhm).toBe(100);
      expect(network?.points[0]?.hz).toBe(1e7);
      expect(network?.points[0]?.s[1]?.[0]?.im).toBeCloseTo(-0.5, 5);
      expect(network?.points[0]?.s[0]?.[0]?.im).toBeCloseTo(0.1, 5);
    }
  });

  it('keep two ports in column order, and more of them in rows over several lines', () => {
    const two = read('# Hz S RI\n1 11 0 21 0 12 0 22 0');
    expect(two.points[0]?.s.map((row) => row.map(({ re }) => re))).toEqual([
      [11, 12],
      [21, 22],
    ]);
    const four = read(
      `# Hz S RI\n1 ${[1, 2, 3, 4].map((row) => [1, 2, 3, 4].map((column) => `${row}${column} 0`).join(' ')).join('\n')}`,
      'b.S4P',
    );
    expect(four.points[0]?.s[2]?.[0]?.re).toBe(31);
    expect(sweepsOf(four).map(({ name }) => inEnglish(name))).toContain('NEXT, near');
  });

  it('of eight ports are four pairs, with the power sums of their crosstalk', () => {
    const ratio = (to: number, from: number) =>
      to === from ? 0.05 : Math.abs(to - from) === 4 ? 0.5 : to >= 4 !== from >= 4 ? 0.001 : 0.01;
    const rows = Array.from({ length: 8 }, (_, to) =>
      Array.from({ length: 8 }, (__, from) => `${ratio(to, from)} 0`).join(' '),
    );
    const sweeps = sweepsOf(read(`# MHz S MA R 100\n10 ${rows.join('\n')}`, 'four.s8p'));
    const db = (name: string) => sweeps.find((row) => inEnglish(row.name) === name)?.points[0]?.db;
    expect(db('NEXT, near, first and second pair')).toBeCloseTo(40, 6);
    expect(db('PSNEXT, far, third pair')).toBeCloseTo(40 - 10 * Math.log10(3), 6);
    expect(db('ACR-F, first to fourth pair')).toBeCloseTo(60 - 6.02, 2);
    expect(db('PSACR-F, second pair')).toBeCloseTo(60 - 6.02 - 10 * Math.log10(3), 2);
    expect(sweeps.length).toBe(4 + 12 + 12 + 12 + 8);
  });

  it('of version 2.0 tell their ports and order themselves', () => {
    const network = read(
      '[Version] 2.0\n# GHz S MA R 75\n[Number of Ports] 2\n[Two-Port Data Order] 12_21\n[Network Data]\n1 0 0 12 0 21 0 0 0\n[End]\nnothing',
      '',
    );
    expect(network.points[0]?.s[0]?.[1]?.re).toBe(12);
    expect(network.referenceOhm).toBe(75);
  });

  it('that can’t be read are told by line and reason', () => {
    for (const [text, line, reason] of [
      ['# Hz S RI\n1 2 3 4', 2, '4 numbers where 9'],
      ['# Hz S RI\n1 0 0 x 0 0 0 0 0', 2, 'not a number'],
      ['# Hz Z RI\n1 0 0', 1, 'Z parameters'],
      ['# Hz S RI\n2 0 0 0 0 0 0 0 0\n2 0 0 0 0 0 0 0 0', 3, 'does not rise'],
      ['', 1, 'no data'],
    ] as const) {
      const parsed = parseTouchstone(text, 'a.s2p');
      expect(parsed.ok).toBeFalse();
      if (!parsed.ok) {
        expect(parsed.line).toBe(line);
        expect(parsed.reason).toContain(reason);
      }
    }
  });
});
