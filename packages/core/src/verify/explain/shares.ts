import type { Candidate } from './explain';
import { repairKey, type RepairKey } from './repair';

export const mass = (rows: readonly Candidate[]): number =>
  rows.reduce((sum, { probability }) => sum + probability, 0);

/** Shares of the repairs, the likeliest first. */
export function repairs(rows: readonly Candidate[]): (readonly [RepairKey, number])[] {
  const whole = mass(rows);
  const shares = new Map<RepairKey, number>();
  for (const { faults, probability } of rows) {
    const key = repairKey(faults);
    shares.set(key, (shares.get(key) ?? 0) + probability / whole);
  }
  return [...shares].sort(([, a], [, b]) => b - a);
}

/** Of repairs, bits. */
export const entropy = (rows: readonly Candidate[]): number =>
  repairs(rows).reduce((sum, [, share]) => sum - share * Math.log2(share), 0);

/** Accounts by what a trial would show of them; one that can show several things is in several parts. */
export function split(
  rows: readonly Candidate[],
  outcomes: (row: Candidate) => readonly { readonly key: string; readonly share: number }[],
): Candidate[][] {
  const parts = new Map<string, Candidate[]>();
  for (const row of rows)
    for (const { key, share } of outcomes(row)) {
      const part = parts.get(key) ?? [];
      parts.set(key, part);
      part.push(share === 1 ? row : { ...row, probability: row.probability * share });
    }
  return [...parts.values()];
}
