import type { limitsRequest } from '@near-spoke/contract/diagnosis';
import { parseTouchstone } from '@near-spoke/core/formats';
import {
  MOST_MHZ,
  PARAMETERS,
  delayLimits,
  judgeSweep,
  limitDb,
  sweepsOf,
  type Sweep,
} from '@near-spoke/core/verify/limits';
import type * as z from 'zod';
import { ProblemError } from '../http/problem-error';

/** Points that a limit is drawn with, evenly by the logarithm of frequency. */
const DRAWN = 120;
/** What a balanced pair is referred to, ohm. */
const PAIR_OHM = 100;

/** The limits of a class, and the sweeps of a file against them. */
export function limitsOf({
  class: name,
  kind,
  shielded,
  measuredC,
  hottestC = measuredC,
  sweep,
}: z.output<typeof limitsRequest>) {
  const most = MOST_MHZ[name];
  const frequencies = Array.from(
    { length: DRAWN },
    (_, index) => Math.round(most ** (index / (DRAWN - 1)) * 1000) / 1000,
  );
  const { sweeps, notes } = sweep ? readSweeps(sweep.name, sweep.text) : { sweeps: [], notes: [] };
  const warmth = { measuredC, hottestC, shielded };
  return {
    source: 'ISO/IEC 11801-1',
    limits: PARAMETERS.map((parameter) => ({
      parameter,
      points: frequencies.flatMap((mhz) => {
        const db = limitDb(parameter, name, kind, mhz);
        return db === null ? [] : [{ mhz, db }];
      }),
    })),
    ...delayLimits(kind, Math.min(10, most)),
    sweeps: sweeps.map((row) => judgeSweep(row, name, kind, warmth, lossOf(row, sweeps))),
    notes,
  };
}

/** The insertion loss that belongs to a return loss: of the same pair where two are told. */
const lossOf = ({ name }: Sweep, sweeps: readonly Sweep[]): Sweep | null =>
  sweeps.find(
    (row) =>
      row.parameter === 'insertion-loss' &&
      (!name.includes('second') || row.name.includes('second')),
  ) ?? null;

function readSweeps(name: string, text: string): { sweeps: Sweep[]; notes: string[] } {
  const parsed = parseTouchstone(text, name);
  if (!parsed.ok)
    throw new ProblemError(422, 'Not readable', `Line ${parsed.line}: ${parsed.reason}.`, {
      errors: [{ path: 'sweep.text', reason: `line ${parsed.line}: ${parsed.reason}` }],
    });
  const { ports, referenceOhm } = parsed.network;
  const sweeps = sweepsOf(parsed.network);
  const notes = [
    ...(sweeps.length === 0 ? [`Of ${ports} ports it is not known which pair is which.`] : []),
    ...(ports === 4
      ? ['Taken for two pairs: ports 1 and 2 their near ends, 3 and 4 their far ends.']
      : []),
    ...(referenceOhm === PAIR_OHM
      ? []
      : [
          `Measured against ${referenceOhm} ohm; the limits are for ${PAIR_OHM} ohm: return loss is not comparable.`,
        ]),
  ];
  return { sweeps, notes };
}
