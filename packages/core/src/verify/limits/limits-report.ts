import { parseSweepCsv, parseTouchstone } from '../../formats';
import {
  MOST_MHZ,
  PARAMETERS,
  delayLimits,
  limitDb,
  type LimitClass,
  type LimitKind,
  type Parameter,
  type Warmth,
} from './class-limits';
import { cordsLossDb, type Cords } from './cords';
import { judgeSweep, sweepsOf, type JudgedSweep, type Sweep } from './judge-sweep';

export interface LimitsQuestion extends Warmth {
  readonly name: LimitClass;
  readonly kind: LimitKind;
  /** Added to the insertion loss that was measured; null for none. */
  readonly cords: Cords | null;
  /** A file as it was read; null to ask for the limits alone. */
  readonly file: { readonly name: string; readonly text: string } | null;
}

export interface LimitsReport {
  readonly ok: true;
  readonly source: string;
  readonly limits: readonly {
    readonly parameter: Parameter;
    readonly points: readonly { readonly mhz: number; readonly db: number }[];
  }[];
  readonly delayNs: number;
  readonly skewNs: number;
  readonly sweeps: readonly JudgedSweep[];
  readonly notes: readonly string[];
}

/** Points that a limit is drawn with, evenly by the logarithm of frequency. */
const DRAWN = 120;
/** What a balanced pair is referred to, ohm. */
const PAIR_OHM = 100;
const COMMENT_OR_OPTION = /^\s*[!#[]/;

/**
 * The limits of a class, and the sweeps of a file against them.
 *
 * @returns the line that can't be read and why, where the file is neither Touchstone nor a table
 */
export function reportLimits(
  question: LimitsQuestion,
): LimitsReport | { readonly ok: false; readonly line: number; readonly reason: string } {
  const { name, kind, file } = question;
  const most = MOST_MHZ[name];
  const read = file
    ? readSweeps(file.name, file.text)
    : { sweeps: [], notes: [], referenceOhm: PAIR_OHM };
  if ('reason' in read) return { ok: false, ...read };
  const frequencies = Array.from(
    { length: DRAWN },
    (_, index) => Math.round(most ** (index / (DRAWN - 1)) * 1000) / 1000,
  );
  const sweeps = read.sweeps.map((row) => withCords(row, question));
  return {
    ok: true,
    source: 'ISO/IEC 11801-1',
    limits: PARAMETERS.map((parameter) => ({
      parameter,
      points: frequencies.flatMap((mhz) => {
        const db = limitDb(parameter, name, kind, mhz);
        return db === null ? [] : [{ mhz, db }];
      }),
    })),
    ...delayLimits(kind, Math.min(10, most)),
    sweeps: sweeps.map((row) =>
      row.parameter === 'return-loss' && read.referenceOhm !== PAIR_OHM
        ? unjudged(row, read.referenceOhm)
        : judgeSweep(row, name, kind, question, lossOf(row, sweeps)),
    ),
    notes: [...read.notes, ...cordNotes(question, sweeps)],
  };
}

/** A return loss that was measured against something else than the limits are for. */
const unjudged = (row: Sweep, referenceOhm: number): JudgedSweep => ({
  ...row,
  pass: null,
  worst: null,
  sentence: `${row.name}: measured against ${referenceOhm} ohm, so it is not judged; the limits are for ${PAIR_OHM} ohm.`,
});

/** The insertion loss that belongs to a return loss: of the same pair where two are told. */
const lossOf = ({ name }: Sweep, sweeps: readonly Sweep[]): Sweep | null =>
  sweeps.find(
    (row) =>
      row.parameter === 'insertion-loss' &&
      (!name.includes('second') || row.name.includes('second')),
  ) ?? null;

function withCords(row: Sweep, { cords, name, measuredC, shielded }: LimitsQuestion): Sweep {
  if (!cords || row.parameter !== 'insertion-loss') return row;
  return {
    ...row,
    points: row.points.map(({ mhz, db }) => ({
      mhz,
      db: db + cordsLossDb(cords, name, mhz, measuredC, shielded),
    })),
  };
}

const cordNotes = ({ cords }: LimitsQuestion, sweeps: readonly Sweep[]): string[] =>
  cords && cords.lengthM > 0 && sweeps.some(({ parameter }) => parameter === 'insertion-loss')
    ? [
        `Insertion loss is told with ${cords.lengthM} m of cords added, as their class has them; NEXT and return loss are as measured, without them.`,
      ]
    : [];

function readSweeps(
  name: string,
  text: string,
):
  | {
      readonly sweeps: readonly Sweep[];
      readonly notes: readonly string[];
      /** What return loss was measured against; a table is taken for pairs. */
      readonly referenceOhm: number;
    }
  | { readonly line: number; readonly reason: string } {
  if (!isTouchstone(name, text)) {
    const parsed = parseSweepCsv(text);
    return parsed.ok ? { sweeps: parsed.sweeps, notes: [], referenceOhm: PAIR_OHM } : parsed;
  }
  const parsed = parseTouchstone(text, name);
  if (!parsed.ok) return parsed;
  const { ports, referenceOhm } = parsed.network;
  const sweeps = sweepsOf(parsed.network);
  const notes = [
    ...(sweeps.length === 0 ? [`Of ${ports} ports it is not known which pair is which.`] : []),
    ...(ports === 4
      ? ['Taken for two pairs: ports 1 and 2 their near ends, 3 and 4 their far ends.']
      : []),
  ];
  return { sweeps, notes, referenceOhm };
}

/** By its ending, else by its first line. */
const isTouchstone = (name: string, text: string): boolean =>
  /\.s\dp$/i.test(name.trim()) || (!/\.csv$/i.test(name.trim()) && COMMENT_OR_OPTION.test(text));
