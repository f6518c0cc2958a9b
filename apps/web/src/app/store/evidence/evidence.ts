import type { Reading, Tick, Voided } from '@near-spoke/contract';
import type { Test } from '@near-spoke/contract/tests';
import type { Tested } from '@near-spoke/core/record';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, on, props } from '@ngrx/store';
import type { Refusal } from '../api/api';
import type { Loading } from '../loading';

/** What was done and seen on a link: facts with a time and an author, never changed. */
export type Fact =
  | { readonly kind: 'tick'; readonly tick: Tick }
  | { readonly kind: 'reading'; readonly reading: Reading }
  | { readonly kind: 'test'; readonly test: Test }
  | { readonly kind: 'void'; readonly voided: Voided };

export const evidenceActions = createActionGroup({
  source: 'Evidence',
  events: {
    Load: props<{ linkId: string }>(),
    'Load many': props<{ linkIds: readonly string[] }>(),
    Loaded: props<{
      linkId: string;
      ticks: readonly Tick[];
      readings: readonly Reading[];
      tests: readonly Test[];
      voided: readonly Voided[];
    }>(),
    'Load failed': props<{ linkId: string; refusal: Refusal }>(),
    /** There is no such link. */
    Missing: props<{ linkId: string }>(),
    Added: props<{ linkId: string; fact: Fact }>(),
    'Taken back': props<{ linkId: string; id: string }>(),
  },
});

export interface EvidenceState {
  readonly ticks: EntityState<Tick>;
  readonly readings: EntityState<Reading>;
  readonly tests: EntityState<Test>;
  readonly voided: EntityState<Voided>;
  readonly loading: Readonly<Record<string, Loading>>;
}

const ticks = createEntityAdapter<Tick>();
const readings = createEntityAdapter<Reading>();
const tests = createEntityAdapter<Test>();
const voided = createEntityAdapter<Voided>();

const initial: EvidenceState = {
  ticks: ticks.getInitialState(),
  readings: readings.getInitialState(),
  tests: tests.getInitialState(),
  voided: voided.getInitialState(),
  loading: {},
};

const mark = (state: EvidenceState, linkId: string, loading: Loading): EvidenceState => ({
  ...state,
  loading: { ...state.loading, [linkId]: loading },
});

export const evidenceFeature = createFeature({
  name: 'evidence',
  reducer: createReducer(
    initial,
    on(evidenceActions.load, (state, { linkId }) =>
      state.loading[linkId] === 'done' ? state : mark(state, linkId, 'now'),
    ),
    on(evidenceActions.loadMany, (state, { linkIds }) =>
      linkIds.reduce(
        (all, linkId) => (all.loading[linkId] === 'done' ? all : mark(all, linkId, 'now')),
        state,
      ),
    ),
    on(evidenceActions.loaded, (state, action) =>
      mark(
        {
          ...state,
          ticks: ticks.upsertMany([...action.ticks], state.ticks),
          readings: readings.upsertMany([...action.readings], state.readings),
          tests: tests.upsertMany([...action.tests], state.tests),
          voided: voided.upsertMany([...action.voided], state.voided),
        },
        action.linkId,
        'done',
      ),
    ),
    on(evidenceActions.loadFailed, (state, { linkId }) =>
      state.loading[linkId] === 'done' ? state : mark(state, linkId, 'failed'),
    ),
    on(evidenceActions.missing, (state, { linkId }) => mark(state, linkId, 'missing')),
    on(evidenceActions.added, (state, { fact }): EvidenceState => {
      switch (fact.kind) {
        case 'tick':
          return { ...state, ticks: ticks.upsertOne(fact.tick, state.ticks) };
        case 'test':
          return { ...state, tests: tests.upsertOne(fact.test, state.tests) };
        case 'reading':
          return { ...state, readings: readings.upsertOne(fact.reading, state.readings) };
        case 'void':
          return { ...state, voided: voided.upsertOne(fact.voided, state.voided) };
      }
    }),
    on(evidenceActions.takenBack, (state, { id }): EvidenceState => ({
      ...state,
      ticks: ticks.removeOne(id, state.ticks),
      readings: readings.removeOne(id, state.readings),
      tests: tests.removeOne(id, state.tests),
      voided: voided.removeOne(id, state.voided),
    })),
  ),
});

export interface LinkEvidence {
  readonly ticks: readonly Tick[];
  readonly readings: readonly Reading[];
  readonly tests: readonly Test[];
  /** What was taken back: not among the others. */
  readonly voided: readonly Voided[];
}

/** The facts about one link, oldest first. */
export function factsOf(state: EvidenceState, linkId: string): LinkEvidence {
  const of = <T extends { linkId: string }>({ entities }: EntityState<T>): T[] =>
    Object.values(entities).filter((fact): fact is T => fact?.linkId === linkId);
  const inTime = <T extends { readonly id: string; readonly takenAt: string }>(facts: T[]) =>
    facts
      .filter(({ id }) => !gone.has(id))
      .sort((a, b) => a.takenAt.localeCompare(b.takenAt) || a.id.localeCompare(b.id));
  const takenBack = of(state.voided).sort((a, b) => a.at.localeCompare(b.at));
  const gone = new Set(takenBack.map((row) => row.of));
  return {
    ticks: of(state.ticks).sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id)),
    readings: inTime(of(state.readings)),
    tests: inTime(of(state.tests)),
    voided: takenBack,
  };
}

/** What of it counts for where the link stands. */
export const testedBy = ({ readings, tests }: LinkEvidence): Tested => ({
  reading: readings.at(-1) ?? null,
  tests,
});
