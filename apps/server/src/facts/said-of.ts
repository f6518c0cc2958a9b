import type { FactKindId, FactOf } from '@near-spoke/contract/facts';

type Saying = { readonly [K in FactKindId]: (fact: FactOf<K>) => string };

/** What a fact said, in one line, for who reads that it was taken back. */
const SAYING: Saying = {
  tick: ({ end, key, done }) => `${end} end: ${key} ${done ? 'ticked' : 'taken back'}`,
  reading: ({ diagnosis }) => diagnosis.summary,
  test: ({ summary }) => summary,
  trace: ({ name }) => `Trace ${name}`,
  cord: ({ label, summary }) => `${label}: ${summary}`,
  cable: ({ deed, reel, cable }) =>
    deed.kind === 'place'
      ? deed.sentence
      : `${deed.kind === 'velocity' ? 'Velocity factor' : 'What is left'} of ${reel === '' ? cable : reel}`,
  adapter: ({ deed }) =>
    'stepId' in deed ? `${deed.stepId}: ${deed.pass ? 'pass' : 'fail'}` : deed.kind,
  void: ({ reason }) => reason,
};

export const saidOf = <K extends FactKindId>(kind: K, fact: FactOf<K>): string =>
  SAYING[kind](fact);
