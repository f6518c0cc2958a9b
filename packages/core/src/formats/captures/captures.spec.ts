import { gzipSync, strToU8 } from 'fflate';
import { damaged } from '../../testing/damaged';
import { seeded } from '../../testing/seeded';
import { parseCapture, writeTouchstone, writeTraceJson, type Trace } from '.';

const samples = Array.from({ length: 120 }, (_, n) => ({
  time: -12e-9 + n * 0.4e-9,
  volt: n < 30 ? 0.012 : n < 80 ? 0.5 : 0.988,
}));
const comma = (text: string) => text.replace('.', ',');
const rows = (row: (time: number, volt: number, n: number) => string) =>
  samples.map(({ time, volt }, n) => row(time, volt, n)).join('\n');

/** One trace, written as many instruments would. */
const DIALECTS: Readonly<Record<string, string>> = {
  plain: `time_s,voltage_v\n${rows((t, v) => `${t.toExponential(6)},${v}`)}\n`,
  'without any heading': rows((t, v) => `${t.toExponential(6)},${v}`) + '\n',
  'semicolons and decimal commas': `Zeit [ns];Spannung [mV]\n${rows((t, v) => `${comma((t * 1e9).toFixed(3))};${comma((v * 1e3).toFixed(2))}`)}\n`,
  'a header block with cells': `Instrument,Scope\nSample interval,4.0E-10,s\nHorizontal units,s\n\nTime,CH1\n${rows((t, v) => `${t.toExponential(6)},${v}`)}\n`,
  'rate in words, times missing': `Kanal;CH1\nAbtastrate;2,5;GS/s\nSpannung [V]\n${rows((_t, v) => comma(v.toFixed(3)))}\n`,
  'interval in the key, times missing': `Sample Interval (ns),0.4\nCH1 (V)\n${rows((_t, v) => v.toFixed(3))}\n`,
  'glued unit': `Sampling Rate: 2.5GS/s\nPoints: 120\n\nCH1\n${rows((_t, v) => v.toFixed(3))}\n`,
  tabs: `t/ns\tCH1/V\n${rows((t, v) => `${(t * 1e9).toFixed(2)}\t${v}`)}\n`,
  blanks: `# t[s]   U[V]\n${rows((t, v) => `  ${t.toExponential(5)}   ${v.toFixed(4)}`)}\n`,
  'a row of units': `x-axis,1\nsecond,Volt\n${rows((t, v) => `${t.toExponential(6)},${v}`)}\n`,
  'microseconds in brackets': `Time (us),CH1 (V)\n${rows((t, v) => `${(t * 1e6).toFixed(6)},${v}`)}\n`,
  'two channels, the first idle': `Time,CH1,CH2\n${rows((t, v, n) => `${t.toExponential(6)},${n % 2 ? 0.01 : 0.012},${v}`)}\n`,
  'a trigger beside it': `Time,TRIG,CH1\n${rows((t, v, n) => `${t.toExponential(6)},${n < 30 ? 0 : 5},${v}`)}\n`,
  'header beside the samples': rows(
    (t, v, n) =>
      [
        ['Record Length', '120', ''],
        ['Sample Interval', '4e-10', 's'],
      ][n]
        ?.concat([t.toExponential(6), String(v)])
        .join(',') ?? `,,,${t.toExponential(6)},${v}`,
  ),
  'samples counted': `Sample Interval,4e-10,s\nIndex,CH1\n${rows((_t, v, n) => `${n},${v}`)}\n`,
  'comma for both': `Zeit,Spannung\n${rows((t, v) => `${comma(t.toExponential(5))},${comma(v.toFixed(3))}`)}\n`,
  'carriage returns': `time_s,voltage_v\r\n${rows((t, v) => `${t.toExponential(6)},${v}`).replaceAll('\n', '\r\n')}\r\n`,
  'keys over their values': `X,CH1,Start,Increment,\nSequence,Volt,-1.2e-08,4.0e-10,\n${rows((_t, v, n) => `${n},${v},,`)}\n`,
  'volts before times': `CH1 (V),Time (ns)\n${rows((t, v) => `${v},${(t * 1e9).toFixed(3)}`)}\n`,
  'one column of decimal commas': `Sample period;0,4;ns\nU in mV\n${rows((_t, v) => comma((v * 1e3).toFixed(1)))}\n`,
  'rate in brackets': `Sample rate (GSa/s),2.5\nData\n${rows((_t, v) => v.toFixed(4))}\n`,
  'units in brackets and a blank line': `Time,Channel A\n(ns),(mV)\n\n${rows((t, v) => `${(t * 1e9).toFixed(5)},${(v * 1e3).toFixed(3)}`)}\n`,
  'signs and capitals': `TIME,CH1\n${rows((t, v) => `${t < 0 ? '' : '+'}${t.toExponential(6).toUpperCase()},+${v}`)}\n`,
  'remarks with a sum': `# made on the bench\n# dt = 0.4 ns\n# volts\n${rows((_t, v) => String(v))}\n`,
  'units in words': `in s,C1 in V\n${rows((t, v) => `${t.toExponential(6)},${v}`)}\n`,
  'quotes around cells': `"Time","CH1"\n${rows((t, v) => `"${t.toExponential(6)}","${v}"`)}\n`,
};

const traceOf = (file: Uint8Array | string, name = 'a.csv'): Trace => {
  const parsed = parseCapture(file, name);
  if (!parsed.ok) throw new Error(`line ${parsed.line}: ${parsed.reason}`);
  if (parsed.capture.kind !== 'trace') throw new Error('no trace');
  return parsed.capture.trace;
};

describe('Captures', () => {
  for (const [name, text] of Object.entries(DIALECTS))
    it(`are read: ${name}`, () => {
      const { volts, intervalS, fromS } = traceOf(text);
      expect(volts.length).toBe(120);
      expect(intervalS).toBeCloseTo(0.4e-9, 15);
      // Times that were printed begin where they say; what has none begins at nothing.
      expect([0, -12e-9].some((start) => Math.abs(fromS - start) < 1e-12)).toBeTrue();
      expect(volts[0]).toBeCloseTo(0.012, 6);
      expect(volts[119]).toBeCloseTo(0.988, 6);
    });

  it('are read packed, in UTF-16 and in Latin-1', () => {
    const text = DIALECTS['microseconds in brackets'] ?? '';
    const wide = Uint8Array.from([0xff, 0xfe, ...[...text].flatMap((c) => [c.charCodeAt(0), 0])]);
    const latin = strToU8(text.replace('(us)', '(\u00b5s)'), true);
    for (const bytes of [gzipSync(strToU8(text)), wide, latin])
      expect(traceOf(bytes).intervalS).toBeCloseTo(0.4e-9, 15);
  });

  it('come back as they were written, as JSON and as Touchstone', () => {
    const parsed = parseCapture(DIALECTS['plain'] ?? '');
    if (!parsed.ok || parsed.capture.kind !== 'trace') throw new Error('no trace');
    expect(traceOf(writeTraceJson(parsed.capture), '').volts).toEqual(parsed.capture.trace.volts);
    const network = {
      ports: 2,
      referenceOhm: 75,
      points: [1e6, 2e6, 3e6].map((hz, k) => ({
        hz,
        s: [
          [
            { re: 0.1 * k, im: 0.2 },
            { re: 0.5, im: 0.5 - k },
          ],
          [
            { re: -0.25, im: k },
            { re: 0, im: 0.125 },
          ],
        ],
      })),
    };
    const again = parseCapture(writeTouchstone(network), 'a.s2p');
    expect(again.ok && again.capture.kind === 'sweep' && again.capture.network).toEqual(network);
  });

  it('tell the line and the reason where they can’t be read', () => {
    const lines = (DIALECTS['plain'] ?? '').split('\n');
    const REFUSED: readonly [text: string, line: number, reason: RegExp][] = [
      ['', 1, /empty/],
      ['hello\nworld\n', 1, /no table/],
      [lines.with(60, '1e-9,oops').join('\n'), 61, /oops/],
      [lines.with(60, '').join('\n'), 61, /no row of numbers/],
      [lines.toSpliced(60, 1).join('\n'), 61, /does not rise evenly/],
      [lines.with(60, lines[50] ?? '').join('\n'), 61, /falls back|evenly/],
      [lines.map((line) => line.split(',')[1] ?? '').join('\n'), 2, /interval/],
      [`Time,CH1\n${rows((_t, v, n) => `${n * 0.4},${v}`)}\n`, 2, /no unit/],
      ['{"format":"near-spoke-trace","intervalS":1e-9,"volts":[1,null]}', 1, /place 2/],
      ['{"format":"near-spoke', 1, /cut off/],
      ['# MHz S RI R 50\n1 0.5 0.5\n2 0.5\n', 3, /2 numbers/],
      ['# MHz S RI R 50\n2 0.5 0.5\n1 0.5 0.1\n', 3, /does not rise/],
    ];
    for (const [text, line, reason] of REFUSED) {
      const parsed = parseCapture(text, '');
      expect(parsed.ok).withContext(text.slice(0, 40)).toBeFalse();
      if (parsed.ok) continue;
      expect(parsed.reason).toMatch(reason);
      expect(parsed.line).withContext(parsed.reason).toBe(line);
    }
    const noGzip = parseCapture(gzipSync(strToU8(lines.join('\n'))).subarray(0, 200));
    expect(noGzip.ok).toBeFalse();
  });

  it('tell the first row where time stands still', () => {
    const still = parseCapture(`t/s,V\n${'1e-9,0.5\n'.repeat(40)}`, 'a.csv');
    expect(still).toEqual(
      jasmine.objectContaining({ ok: false, line: 2, reason: 'The times are all the same' }),
    );
  });

  it('of a sweep say so where no unit of frequency is named', () => {
    const rows = Array.from({ length: 20 }, (_, k) => `${k + 1} 0.5 ${-k}`).join('\n');
    for (const [head, kinds] of [
      ['# MHz S MA R 50', []],
      ['# S MA R 50', ['unit']],
      ['! nothing told', ['unit']],
    ] as const) {
      const parsed = parseCapture(`${head}\n${rows}`, 'a.s1p');
      if (!parsed.ok || parsed.capture.kind !== 'sweep') throw new Error('not read');
      expect(parsed.capture.notes.map(({ kind }) => kind)).toEqual([...kinds]);
      expect(parsed.capture.network.points[0]?.hz).toBe(kinds.length > 0 ? 1e9 : 1e6);
    }
  });

  it('leave out a line that was cut, and say so', () => {
    const text = DIALECTS['plain'] ?? '';
    for (const end of [text.length - 3, text.length - 9, text.length - 14]) {
      const parsed = parseCapture(text.slice(0, end));
      if (!parsed.ok || parsed.capture.kind !== 'trace') throw new Error('not read');
      expect(parsed.capture.trace.volts.length).toBe(119);
      expect(parsed.capture.notes.map(({ kind }) => kind)).toEqual(['truncated']);
    }
  });

  it('never crash on what was damaged', () => {
    const random = seeded(2026);
    const files = Object.values(DIALECTS).concat(
      '# MHz S DB R 50\n1 -3 10\n2 -3 20\n3 -3 30\n[Version] 2.0\n',
    );
    for (let round = 0; round < 1500; round += 1) {
      const text = damaged(random.pick(files), random, 6);
      const parsed = parseCapture(text, random.pick(['', 'a.csv', 'a.s1p', 'a.s2p']));
      if (!parsed.ok) {
        expect(parsed.reason).not.toBe('');
        expect(parsed.line).toBeGreaterThan(0);
      } else if (parsed.capture.kind === 'trace')
        expect(parsed.capture.trace.intervalS).toBeGreaterThan(0);
    }
  });
});
