import { gunzipSync } from 'fflate';
import { decodeText } from '../decode-text';
import type { Capture, CaptureNote, ParsedCapture } from './capture';
import { note } from './messages';
import { parseScopeCsv } from './scope-csv';
import { parseTouchstone } from '../touchstone';

/** A file unpacked grows by no more than this, or it is not a capture. */
const MOST_BYTES = 400e6;

/**
 * Reads what an instrument wrote: Touchstone, an oscilloscope's table or our own JSON, packed with gzip
 * or not, in UTF-8, UTF-16 or Latin-1. What it is shows in the text; the name of the file helps.
 */
export function parseCapture(file: Uint8Array | string, name = ''): ParsedCapture {
  const text = typeof file === 'string' ? file : textOf(file);
  if (text === null)
    return { ok: false, line: 1, reason: 'The file is packed with gzip, and can’t be unpacked' };
  const plainName = name.replace(/\.gz$/i, '');
  const start = text.replace(/^\uFEFF/, '').trimStart();
  if (start === '') return { ok: false, line: 1, reason: 'The file is empty' };
  if (start.startsWith('{')) return parseTraceJson(start);
  const head = start
    .split(/\r\n|\r|\n/)
    .find((line) => line.trim() !== '' && !line.startsWith('!'));
  const touchstone =
    /\.s\d+p$/i.test(plainName) ||
    (/^#(\s+([kmg]?hz|[syzgh]|ri|ma|db|r|[\d.]+))+\s*$/i.test((head ?? '').replace(/^#/, '# ')) &&
      /hz|\b(ri|ma|db)\b/i.test(head ?? '')) ||
    /^\[version\]/i.test(head ?? '');
  if (!touchstone) return parseScopeCsv(text);
  const parsed = parseTouchstone(text, plainName);
  if (!parsed.ok) return parsed;
  const notes: CaptureNote[] = parsed.isUnitNamed
    ? []
    : [{ kind: 'unit', sentence: note('capture-unit-assumed', {}) }];
  return { ok: true, capture: { kind: 'sweep', network: parsed.network, notes } };
}

function textOf(bytes: Uint8Array): string | null {
  if (bytes[0] === 0x1f && bytes[1] === 0x8b) {
    // The last four bytes of a gzip file tell its length.
    const size = bytes.slice(-4).reduceRight((sum, byte) => sum * 256 + byte, 0);
    if (size > MOST_BYTES) return null;
    try {
      return textOf(gunzipSync(bytes));
    } catch {
      return null;
    }
  }
  return decodeText(bytes);
}

/** Our own: what the reflectometer stand-in and the practice traces are kept as. */
export interface TraceJson {
  readonly format: 'near-spoke-trace';
  readonly intervalS: number;
  readonly fromS: number;
  readonly scopeOhm: number | null;
  readonly volts: readonly number[];
}

export function writeTraceJson({ trace, hints }: Capture & { readonly kind: 'trace' }): string {
  const json: TraceJson = {
    format: 'near-spoke-trace',
    intervalS: trace.intervalS,
    fromS: trace.fromS,
    scopeOhm: hints.scopeOhm,
    volts: [...trace.volts],
  };
  return JSON.stringify(json);
}

function parseTraceJson(text: string): ParsedCapture {
  const no = (reason: string): ParsedCapture => ({ ok: false, line: 1, reason });
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return no('The JSON is cut off or damaged');
  }
  const { format, intervalS, fromS, volts, scopeOhm } = json as Record<string, unknown>;
  if (format !== 'near-spoke-trace') return no('The JSON is no trace of ours');
  if (typeof intervalS !== 'number' || !(intervalS > 0))
    return no('“intervalS” is not above nothing');
  if (!Array.isArray(volts)) return no('“volts” is no list');
  const odd = volts.findIndex((volt) => typeof volt !== 'number');
  if (odd >= 0) return no(`“volts” holds no number at place ${odd + 1}`);
  return {
    ok: true,
    capture: {
      kind: 'trace',
      trace: {
        volts: Float64Array.from(volts as number[]),
        intervalS,
        fromS: typeof fromS === 'number' ? fromS : 0,
      },
      hints: {
        scopeOhm: typeof scopeOhm === 'number' && scopeOhm > 0 ? scopeOhm : null,
        velocityFactor: null,
      },
      notes: [],
      firstLine: 1,
    },
  };
}
