import { SHELL, type Contact } from '../../catalogue';
import { intendedFar, pairAt, pairsOf, type Wiring } from '../../link';
import type { Instance } from './instance';

export type Joined = readonly [near: Contact, far: Contact];

/** What of a link decides which faults it can have. */
export interface FaultyLink {
  readonly wiring: Wiring;
  /** What is meant to be joined, the shield among it. */
  readonly intended: readonly Joined[];
  readonly wires: readonly Joined[];
  readonly shield: Joined | null;
}

export function faultyLink(wiring: Wiring): FaultyLink {
  const intended = [...intendedFar(wiring)];
  return {
    wiring,
    intended,
    wires: intended.filter(([near]) => near !== SHELL),
    shield: intended.find(([near]) => near === SHELL) ?? null,
  };
}

/** A fault of these conductors. */
export const instanceOf = (rows: readonly Joined[], wiring: Wiring, weight = 1): Instance => ({
  near: rows.map(([near]) => near),
  far: rows.map(([, far]) => far),
  pairs: pairNumbers(
    rows.map(([near]) => near),
    wiring,
  ),
  weight,
});

/** The pairs of near contacts, in order. */
export const pairNumbers = (near: readonly Contact[], wiring: Wiring): number[] =>
  [...new Set(near.flatMap((contact) => pairAt(wiring.near, contact)?.number ?? []))].sort(
    (a, b) => a - b,
  );

/** One fault of each conductor. */
export const ofEachWire = ({ wires, wiring }: FaultyLink): readonly Instance[] =>
  wires.map((row) => instanceOf([row], wiring));

/** A shorting or a leaking of the two conductors of each pair. */
export const ofEachPair = ({ wires, wiring }: FaultyLink): readonly Instance[] => {
  const farOf = new Map(wires);
  return pairsOf(wiring.near).map(({ tip, ring }) =>
    instanceOf(
      [tip, ring].flatMap((near): Joined[] => {
        const far = farOf.get(near);
        return far === undefined ? [] : [[near, far]];
      }),
      wiring,
    ),
  );
};

export const twos = <T>(items: readonly T[]): (readonly [T, T])[] =>
  items.flatMap((a, index) => items.slice(index + 1).map((b) => [a, b] as const));
