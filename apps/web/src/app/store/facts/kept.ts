import type { LinkAlong } from '@near-spoke/contract';
import type { FactKindId, FactOf } from '@near-spoke/contract/facts';

/** What a fact is about. */
export interface About {
  readonly of: 'link' | 'batch' | 'site' | 'adapter';
  readonly id: string;
}

/** A fact with what it is about. */
export type Kept<K extends FactKindId = FactKindId> = {
  readonly [Kind in K]: { readonly of: Kind; readonly about: About; readonly fact: FactOf<Kind> };
}[K];

export const kept =
  <K extends FactKindId>(of: K, about: About) =>
  (fact: FactOf<K>): Kept =>
    // It is of its own kind, which a type over all kinds can't say of one that is not known yet.
    ({ of, about, fact }) as Kept;

export const isOf = <K extends FactKindId>(
  one: Kept,
  of: K,
): one is Kept & { readonly of: K; readonly fact: FactOf<K> } => one.of === of;

/** When it was done or seen. */
export const timeOf = ({ fact }: Kept): string => ('at' in fact ? fact.at : fact.takenAt);

/** What is told of a link whole, as facts. */
export function factsAlong({ link: { id }, facts }: LinkAlong): Kept[] {
  const about: About = { of: 'link', id };
  return facts.map((row) => ({ ...row, about }));
}
