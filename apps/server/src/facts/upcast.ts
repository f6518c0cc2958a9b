import type { FactKindId } from '@near-spoke/contract/facts';

/** A body as it lies in the database. */
export type Body = Readonly<Record<string, unknown>>;

/** What a body of one form becomes in the next. */
export type Step = (body: Body) => Body;

/**
 * How the bodies of each kind have changed, step by step: the first one is for those of form 1. A kind that is
 * not here has its first form still.
 */
const STEPS: Partial<Readonly<Record<FactKindId, readonly Step[]>>> = {};

/** The form that a kind's bodies are written in. */
export const versionOf = (kind: FactKindId, steps = STEPS): number =>
  1 + (steps[kind]?.length ?? 0);

/** A body of whatever form, as it would be written now. */
export const upcast = (kind: FactKindId, version: number, body: Body, steps = STEPS): Body =>
  (steps[kind] ?? []).slice(version - 1).reduce((known, step) => step(known), body);
