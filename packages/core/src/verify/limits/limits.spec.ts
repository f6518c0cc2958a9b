import { parseTouchstone } from '../../formats';
import { delayLimits, heatFactor, limitDb } from './class-limits';
import { judgeSweep, sweepsOf, type Sweep } from './judge-sweep';

const COLD = { measuredC: 20, hottestC: 20, shielded: false };

describe('Limits of a class', () => {
  it('are those that the standard tabulates, to a tenth of a decibel', () => {
    for (const [parameter, name, kind, mhz, db] of [
      ['insertion-loss', '5e', 'channel', 100, 24.0],
      ['insertion-loss', '6', 'channel', 100, 21.7],
      ['insertion-loss', '6', 'channel', 250, 35.9],
      ['insertion-loss', '6A', 'channel', 500, 49.3],
      ['insertion-loss', '5e', 'permanent-link', 100, 20.4],
      ['insertion-loss', '6', 'permanent-link', 100, 18.5],
      ['next', '5e', 'channel', 100, 30.1],
      ['next', '6', 'channel', 100, 39.9],
      ['next', '6', 'channel', 250, 33.1],
      ['next', '5e', 'permanent-link', 100, 32.3],
      ['next', '6', 'permanent-link', 100, 41.8],
      ['return-loss', '5e', 'channel', 100, 10],
      ['return-loss', '6', 'channel', 250, 8],
      ['return-loss', '6', 'permanent-link', 250, 10],
      ['return-loss', '6A', 'channel', 500, 6],
    ] as const)
      expect(limitDb(parameter, name, kind, mhz))
        .withContext(`${parameter} ${name} ${kind} ${mhz} MHz`)
        .toBeCloseTo(db, 0.9);
  });

  it('revert at low frequencies, and end where the class ends', () => {
    expect(limitDb('insertion-loss', '6', 'channel', 1)).toBe(4);
    expect(limitDb('next', '6', 'channel', 1)).toBe(65);
    expect(limitDb('next', '5e', 'channel', 101)).toBeNull();
    expect(limitDb('next', '6', 'channel', 0.9)).toBeNull();
  });

  it('of delay are 555 ns at 10 MHz for a channel and 50 ns of skew', () => {
    expect(delayLimits('channel', 10).delayNs).toBeCloseTo(555.4, 0);
    expect(delayLimits('permanent-link', 10).delayNs).toBeCloseTo(498.3, 0);
    expect(delayLimits('channel', 10).skewNs).toBe(50);
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
    name: 'Sweep',
    parameter,
    points: Array.from({ length: to }, (_, index) => {
      const mhz = index + 1;
      const limit = limitDb(parameter, '6', 'channel', mhz) ?? 0;
      const dip = mhz === 137 ? 1.5 : 0;
      const sign = parameter === 'insertion-loss' ? -1 : 1;
      return { mhz, db: limit + sign * (margin - dip) };
    }),
  });

  it('is told by its worst margin and where that is', () => {
    const judged = judgeSweep(at(2, 'next'), '6', 'channel', COLD);
    expect(judged.worst?.mhz).toBe(137);
    expect(judged.worst?.marginDb).toBeCloseTo(0.5, 6);
    expect(judged.pass).toBeTrue();
    const short = judgeSweep(at(1, 'next'), '6', 'channel', COLD);
    expect(short.pass).toBeFalse();
    expect(short.sentence).toBe('Sweep: 0.5 dB short at 137 MHz.');
  });

  it('of loss is told as it will be on the hottest day', () => {
    const judged = judgeSweep(at(1, 'insertion-loss'), '6', 'channel', { ...COLD, hottestC: 50 });
    expect(judgeSweep(at(1.6, 'insertion-loss'), '6', 'channel', COLD).pass).toBeTrue();
    expect(judged.pass).toBeFalse();
    expect(judged.worst?.db).toBeGreaterThan(at(1, 'insertion-loss').points[136]?.db ?? 0);
  });

  it('says what was not measured, and judges nothing where there is nothing', () => {
    expect(judgeSweep(at(2, 'next', 100), '6', 'channel', COLD).sentence).toContain(
      'Measured up to 100 of 250 MHz',
    );
    const none = judgeSweep({ ...at(2, 'next'), points: [] }, '6', 'channel', COLD);
    expect([none.pass, none.worst]).toEqual([null, null]);
  });

  it('of return loss counts only where the pair loses 3 dB', () => {
    const bad: Sweep = { ...at(-3, 'return-loss') };
    const loss: Sweep = {
      ...bad,
      parameter: 'insertion-loss',
      points: bad.points.map(({ mhz }) => ({ mhz, db: 2.9 })),
    };
    expect(judgeSweep(bad, '6', 'channel', COLD).pass).toBeFalse();
    expect(judgeSweep(bad, '6', 'channel', COLD, loss).pass).toBeNull();
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
    expect(sweepsOf(four).map(({ name }) => name)).toContain('NEXT, near');
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
