import { LINK_FACT_IDS, type LinkFactId } from './fact-ids';
import type { FactOf } from './facts';
import type { LinkFact } from './link-facts';
import type { Voided } from './void';

/** What was done and seen on a link, oldest first; what was taken back is not among it. */
export type LinkEvidence = {
  readonly [K in LinkFactId as `${K}s`]: readonly FactOf<K>[];
} & { readonly voided: readonly Voided[] };

/** All evidence, each kind as it is found. */
export function evidenceBy(
  found: <K extends LinkFactId>(kind: K) => readonly FactOf<K>[],
  voided: readonly Voided[],
): LinkEvidence {
  const lists = LINK_FACT_IDS.map((kind) => [`${kind}s`, found(kind)] as const);
  // A table made from a table: the compiler does not follow the names.
  return { ...Object.fromEntries(lists), voided } as unknown as LinkEvidence;
}

/** The same evidence as one list. */
export const asFacts = (known: LinkEvidence): LinkFact[] => [
  ...LINK_FACT_IDS.flatMap((of) => known[`${of}s`].map((fact) => ({ of, fact }) as LinkFact)),
  ...known.voided.map((fact) => ({ of: 'void' as const, fact })),
];
