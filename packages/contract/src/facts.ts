import type * as z from 'zod';
import { cordKind } from './cords';
import { drawingKind } from './drawing';
import type { VOIDABLE } from './fact-ids';
import type { FactKind } from './fact-kind';
import { LINK_FACTS } from './link-facts';
import { adapterKind } from './map';
import { cableKind } from './reflect';
import type { Shared } from './shared';
import { voidKind } from './void';

/** Every kind of fact. A row here or in LINK_FACTS, with its own file, is what a new kind takes. */
export const FACT_KINDS = {
  ...LINK_FACTS,
  cord: cordKind,
  cable: cableKind,
  drawing: drawingKind,
  adapter: adapterKind,
  void: voidKind,
} as const satisfies Readonly<Record<(typeof VOIDABLE)[number] | 'void', FactKind>>;

export type FactKindId = keyof typeof FACT_KINDS;

/** A fact of a kind, as it is kept. */
export type FactOf<K extends FactKindId> = Shared<z.output<(typeof FACT_KINDS)[K]['fact']>>;

/** What a fact says, in one line. */
export function saidOf<K extends FactKindId>(kind: K, fact: FactOf<K>): string {
  const { said }: { readonly said: (fact: never) => string } = FACT_KINDS[kind];
  // Each row says its own kind, which a type of all rows can't say.
  return (said as (fact: FactOf<K>) => string)(fact);
}

export { SUBJECTS, type FactKind, type Subject } from './fact-kind';
