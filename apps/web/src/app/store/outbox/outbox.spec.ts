import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { Deeds } from '../../shell/deeds';
import { testLink } from '../../testing/links';
import { openSite, settle } from '../../testing/store';
import { evidenceActions, evidenceFeature, factsOf } from '../evidence/evidence';
import { linksActions, linksFeature } from '../links/links';
import { sendingOf, type Deed } from './deed';
import { recallEntries } from './keep-entries';
import { nextToSend, outboxActions, outboxFeature } from './outbox';

describe('the outbox', () => {
  const link = testLink('K4');
  let store: Store<Record<string, unknown>>;
  let http: HttpTestingController;
  let deeds: Deeds;

  const read = <T>(select: (state: Record<string, unknown>) => T): T =>
    TestBed.runInInjectionContext(() => store.selectSignal(select)());
  const ticks = () => factsOf(read(evidenceFeature.selectEvidenceState), link.id).ticks.length;
  const state = () => read(linksFeature.selectEntities)[link.id]?.state;
  const waiting = () => read(outboxFeature.selectWaiting);
  const away = () => read(outboxFeature.selectAway);

  beforeEach(async () => {
    ({ store, http } = await openSite([link]));
    deeds = TestBed.inject(Deeds);
  });
  afterEach(() => localStorage.clear());

  it('shows a tick at once, sends it, and keeps nothing when it is acknowledged', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    expect(ticks()).toBe(1);
    expect(state()).toBe('half-made');
    expect(recallEntries().length).toBe(1);
    await settle();
    const request = http.expectOne(`/api/links/${link.id}/ticks`);
    expect(request.request.body).toEqual(
      jasmine.objectContaining({ end: 'near', key: 'strip-jacket', done: true, author: 'tech 1' }),
    );
    request.flush(request.request.body);
    await settle();
    expect(waiting()).toEqual([]);
    expect(recallEntries()).toEqual([]);
  });

  it('keeps what can’t be sent, in order, and sends it when the server is back', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    deeds.tick(link, 'near', 'inspect-insulation/no-nick', true);
    await settle();
    http.expectOne(`/api/links/${link.id}/ticks`).error(new ProgressEvent('error'));
    await settle();
    expect(away()).toBeTrue();
    expect(waiting().length).toBe(2);
    expect(recallEntries().length).toBe(2);
    expect(ticks()).toBe(2);

    store.dispatch(outboxActions.wake());
    for (const key of ['strip-jacket', 'inspect-insulation/no-nick']) {
      await settle();
      const request = http.expectOne(`/api/links/${link.id}/ticks`);
      expect((request.request.body as { key: string }).key).toBe(key);
      request.flush(request.request.body);
    }
    await settle();
    http.match('/api/health').forEach((request) => request.flush({ status: 'ok', version: '1' }));
    await settle();
    expect(away()).toBeFalse();
    expect(waiting()).toEqual([]);
  });

  it('withdraws what the server refuses, and says why', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    await settle();
    http
      .expectOne(`/api/links/${link.id}/ticks`)
      .flush(
        { type: 'about:blank', title: 'Not found', status: 404, detail: 'There is no such link.' },
        { status: 404, statusText: 'Not Found' },
      );
    await settle();
    expect(ticks()).toBe(0);
    expect(state()).toBe('planned');
    const refused = read(outboxFeature.selectRefused);
    expect(refused[0]?.refused?.detail).toBe('There is no such link.');
    expect(recallEntries().length).toBe(1);
  });

  it('holds a reading back for a while, so that it can be taken back unsent', async () => {
    const entry = deeds.read(link, { tester: 'pairing', nets: [], splitPairs: [] }, '');
    await settle();
    http.expectNone(`/api/links/${link.id}/readings`);
    expect(state()).toBe('fail');
    deeds.takeBack(entry);
    expect(state()).toBe('planned');
    expect(recallEntries()).toEqual([]);
  });

  it('shows what an earlier page left unsent when the link’s facts are read', async () => {
    deeds.read(link, { tester: 'pairing', nets: [], splitPairs: [] }, '');
    const [entry] = recallEntries();
    if (!entry || entry.deed.kind !== 'reading') throw new Error('Nothing was kept');
    store.dispatch(evidenceActions.takenBack({ linkId: link.id, id: entry.deed.reading.id }));
    expect(state()).toBe('planned');
    store.dispatch(evidenceActions.loaded({ linkId: link.id, ticks: [], readings: [], tests: [] }));
    await settle();
    expect(state()).toBe('fail');
  });

  it('ignores stored entries that are not its own', () => {
    localStorage.setItem('near-spoke.unsent.x', '{"id":7}');
    localStorage.setItem('near-spoke.unsent.y', 'no JSON');
    expect(recallEntries()).toEqual([]);
  });

  it('asks again when something is stored while the list is under way', () => {
    const ask = () => http.expectOne(({ url }) => url.endsWith('/links'));
    store.dispatch(linksActions.reload());
    http.expectOne('/api/parts').flush({ parts: [] });
    const early = ask();
    store.dispatch(linksActions.stored({ link: testLink('K5') }));
    expect(early.cancelled).toBeTrue();
    http.expectOne('/api/parts').flush({ parts: [] });
    ask().flush({ links: [link, testLink('K5')] });
    expect(read(linksFeature.selectTotal)).toBe(2);
  });
});

describe('what is sent', () => {
  it('is one request for each kind of deed', () => {
    const linkId = 'L';
    const deeds: Deed[] = [
      { kind: 'link-new', linkId, siteId: 'S', link: { label: 'K' } as never },
      { kind: 'link-change', linkId, patch: { version: 1 } },
      { kind: 'link-away', linkId },
      { kind: 'link-back', linkId },
    ];
    expect(deeds.map((deed) => `${sendingOf(deed).method} ${sendingOf(deed).path}`)).toEqual([
      'POST /api/sites/S/links',
      'PATCH /api/links/L',
      'DELETE /api/links/L',
      'POST /api/links/L/restore',
    ]);
  });

  it('is in the order in which it was done: one that is held holds those after it', () => {
    const entry = (id: string, rest = {}) => ({
      id,
      deed: { kind: 'link-away', linkId: id } as const,
      what: '',
      holdUntil: 0,
      refused: null,
      ...rest,
    });
    const held = entry('a', { holdUntil: 100 });
    expect(nextToSend([held, entry('b')], 50)).toBeNull();
    expect(nextToSend([held, entry('b')], 100)?.id).toBe('a');
    const refused = entry('a', { refused: { type: '', title: 'x', status: 422 } });
    expect(nextToSend([refused, entry('b')], 50)?.id).toBe('b');
    expect(nextToSend([], 50)).toBeNull();
  });
});
