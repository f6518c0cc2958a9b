import { common, type Message } from '../../message';
import { parseSweepCsv, parseTouchstone } from '../../formats';
import {
  LOOP_MOST_OHM,
  MOST_MHZ,
  PARAMETERS,
  delayLimits,
  limitDb,
  STANDARD_NAME,
  type LimitSet,
  type Parameter,
  type Warmth,
} from './class-limits';
import { cordsLossDb, type Cords } from './cords';
import { tell } from './messages';
import { judgeSweep, sweepsOf, type JudgedSweep, type Sweep } from './judge-sweep';

export interface LimitsQuestion extends Warmth, LimitSet {
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
  /** The most that the loop of a pair may have. */
  readonly loopOhm: number;
  readonly sweeps: readonly JudgedSweep[];
  readonly notes: readonly Message[];
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
  const { kind, file, standard } = question;
  const most = MOST_MHZ[question.name];
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
    source: STANDARD_NAME[standard],
    limits: PARAMETERS.map((parameter) => ({
      parameter,
      points: frequencies.flatMap((mhz) => {
        const db = limitDb(parameter, question, mhz);
        return db === null ? [] : [{ mhz, db }];
      }),
    })),
    ...delayLimits(kind, Math.min(10, most)),
    loopOhm: LOOP_MOST_OHM[kind],
    sweeps: sweeps.map((row) =>
      row.parameter === 'return-loss' && read.referenceOhm !== PAIR_OHM
        ? unjudged(row, read.referenceOhm)
        : judgeSweep(row, question, question, lossesOf(row, sweeps)),
    ),
    notes: [...read.notes, ...cordNotes(question, sweeps)],
  };
}

/** A return loss that was measured against something else than the limits are for. */
const unjudged = (row: Sweep, referenceOhm: number): JudgedSweep => ({
  ...row,
  pass: null,
  worst: null,
  sentence: tell('sweep-other-reference', { name: row.name, referenceOhm, pairOhm: PAIR_OHM }),
});

/** The insertion losses that belong to a sweep: of the pairs that it is about, where that is told. */
const lossesOf = ({ pairs }: Sweep, sweeps: readonly Sweep[]): readonly Sweep[] =>
  sweeps.filter(
    (row) =>
      row.parameter === 'insertion-loss' &&
      (!pairs || !row.pairs || row.pairs.some((pair) => pairs.includes(pair))),
  );

function withCords(row: Sweep, question: LimitsQuestion): Sweep {
  const { cords, measuredC, shielded } = question;
  if (!cords || row.parameter !== 'insertion-loss') return row;
  return {
    ...row,
    points: row.points.map(({ mhz, db }) => ({
      mhz,
      db: db + cordsLossDb(cords, question, mhz, measuredC, shielded),
    })),
  };
}

const cordNotes = ({ cords }: LimitsQuestion, sweeps: readonly Sweep[]): Message[] =>
  cords && cords.lengthM > 0 && sweeps.some(({ parameter }) => parameter === 'insertion-loss')
    ? [tell('cords-added', { lengthM: cords.lengthM })]
    : [];

function readSweeps(
  name: string,
  text: string,
):
  | {
      readonly sweeps: readonly Sweep[];
      readonly notes: readonly Message[];
      /** What return loss was measured against; a table is taken for pairs. */
      readonly referenceOhm: number;
    }
  | { readonly line: number; readonly reason: string } {
  if (!isTouchstone(name, text)) {
    const parsed = parseSweepCsv(text);
    if (!parsed.ok) return parsed;
    const named = parsed.sweeps.map((row) => ({
      ...row,
      name: common('name', { name: row.name }),
    }));
    return { sweeps: named, notes: [], referenceOhm: PAIR_OHM };
  }
  const parsed = parseTouchstone(text, name);
  if (!parsed.ok) return parsed;
  const { ports, referenceOhm } = parsed.network;
  const sweeps = sweepsOf(parsed.network);
  const notes = [
    ...(sweeps.length === 0 ? [tell('ports-unknown', { ports })] : []),
    ...(ports === 4 || ports === 8 ? [tell('ports-taken', { pairs: ports === 4 ? 2 : 4 })] : []),
  ];
  return { sweeps, notes, referenceOhm };
}

/** By its ending, else by its first line. */
const isTouchstone = (name: string, text: string): boolean =>
  /\.s\dp$/i.test(name.trim()) || (!/\.csv$/i.test(name.trim()) && COMMENT_OR_OPTION.test(text));
