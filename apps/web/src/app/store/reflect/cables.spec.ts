import { cableFactEndpoints, type CableFact } from '@near-spoke/contract/reflect';
import type { Entry } from '../outbox/deed';
import { sendingOf } from '../outbox/sending-of';
import { cableFactsOf, cablesActions, cablesFeature } from './cables';

const fact = (id: string, at: string, siteId = 'here'): CableFact => ({
  id,
  siteId,
  linkId: null,
  cable: 'cat6-uutp-solid',
  reel: 'Reel 1',
  at,
  author: 'tech 1',
  deed: { kind: 'reel', leftM: { value: 100, u: 1 } },
});
const waiting = (one: CableFact): Entry => ({
  failures: 0,
  id: one.id,
  deed: { kind: 'cable-fact', fact: one },
  what: 'Reading of Reel 1',
  holdUntil: 0,
  refused: null,
});

describe('What was measured of cables', () => {
  const empty = cablesFeature.reducer(undefined, { type: 'begin' });

  it('is in the order of its times, each once, with what waits to be sent', () => {
    const loaded = cablesFeature.reducer(
      empty,
      cablesActions.loaded({
        siteId: 'here',
        facts: [fact('b', '2026-03-02'), fact('a', '2026-03-01')],
      }),
    );
    const list = cableFactsOf(
      loaded,
      [
        waiting(fact('c', '2026-02-01')),
        waiting(fact('b', '2026-03-02')),
        waiting(fact('d', '2026-01-01', 'there')),
      ],
      'here',
    );
    expect(list.map(({ id }) => id)).toEqual(['c', 'a', 'b']);
  });

  it('stays when it can’t be loaded again, and grows by what was sent', () => {
    const loaded = cablesFeature.reducer(
      empty,
      cablesActions.loaded({ siteId: 'here', facts: [fact('a', '2026-03-01')] }),
    );
    const failed = cablesFeature.reducer(
      loaded,
      cablesActions.loadFailed({ siteId: 'here', refusal: { status: 0 } as never }),
    );
    expect(failed.loading['here']).toBe('done');
    const stored = cablesFeature.reducer(
      failed,
      cablesActions.stored({ fact: fact('b', '2026-03-02') }),
    );
    expect(cableFactsOf(stored, [], 'here').length).toBe(2);
    expect(cableFactsOf(stored, [], 'there')).toEqual([]);
  });

  it('is sent to its site, without naming it twice', () => {
    const one = fact('a', '2026-03-01');
    const { siteId: _, ...body } = one;
    expect(sendingOf({ kind: 'cable-fact', fact: one })).toEqual({
      endpoint: cableFactEndpoints.keep,
      id: 'here',
      body,
    });
  });
});
