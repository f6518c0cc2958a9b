import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { Deeds } from '../../shell/deeds';
import { testLink } from '../../testing/links';
import { flushAlong, flushRows, openSite, settle } from '../../testing/store';
import { asked as requested, until } from '../../testing/until';
import { deviceDatabase } from '../device/device-db';
import { factsActions, factsFeature, factsOf } from '../facts/facts';
import { linksActions, linksFeature } from '../links/links';
import { pathOf } from '@near-spoke/contract';
import type { Sending } from '../api/api';
import type { Deed, Entry } from './deed';
import { sendingOf } from './sending-of';
import { keepEntry, recallEntries } from './entry-store';
import { nextToSend, outboxActions, outboxFeature } from './outbox';
import { Tabs, type Told } from './tabs';

describe('the outbox', () => {
  const link = testLink('K4');
  const ticksPath = `/api/links/${link.id}/ticks`;
  let store: Store<Record<string, unknown>>;
  let http: HttpTestingController;
  let deeds: Deeds;

  const read = <T>(select: (state: Record<string, unknown>) => T): T =>
    TestBed.runInInjectionContext(() => store.selectSignal(select)());
  const ticks = () => factsOf(read(factsFeature.selectFactsState), link.id, 'tick').length;
  const state = () => read(linksFeature.selectEntities)[link.id]?.state;
  const waiting = () => read(outboxFeature.selectWaiting);
  const away = () => read(outboxFeature.selectAway);
  const kept = async () => (await recallEntries()).entries;
  const asked = (path: string) => requested(http, path);

  beforeEach(async () => {
    ({ store, http } = await openSite([link]));
    deeds = TestBed.inject(Deeds);
  });
  afterEach(() => localStorage.clear());

  it('takes a reading back while it is held, and not once it may be on its way', () => {
    const shown = { tester: 'pairing', nets: [], splitPairs: [] } as const;
    const readings = () => factsOf(read(factsFeature.selectFactsState), link.id, 'reading').length;
    const held = deeds.read(link, shown, '', 'by-hand');
    expect(readings()).toBe(1);
    expect(deeds.takeBack(held)).toBeTrue();
    expect(readings()).toBe(0);
    const late = { ...deeds.read(link, shown, '', 'by-hand'), holdUntil: Date.now() };
    expect(deeds.takeBack(late)).toBeFalse();
    expect(readings()).toBe(1);
  });

  it('shows a tick at once, has it on the device before it is sent, and nothing when it is acknowledged', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    expect(ticks()).toBe(1);
    expect(state()).toBe('half-made');
    const request = await asked(ticksPath);
    expect((await kept()).length).toBe(1);
    expect(request.request.body).toEqual(
      jasmine.objectContaining({ end: 'near', key: 'strip-jacket', done: true, author: 'tech 1' }),
    );
    request.flush(request.request.body);
    await until('it is sent', () => waiting().length === 0);
    expect(await kept()).toEqual([]);
  });

  it('keeps what can’t be sent, in order, and sends it when the server is back', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    deeds.tick(link, 'near', 'inspect-insulation/no-nick', true);
    (await asked(ticksPath)).error(new ProgressEvent('error'));
    await until('away', away);
    expect(waiting().length).toBe(2);
    expect((await kept()).length).toBe(2);
    expect(ticks()).toBe(2);

    // The network says that it is back: nobody waits for the next look.
    window.dispatchEvent(new Event('online'));
    for (const key of ['strip-jacket', 'inspect-insulation/no-nick']) {
      const request = await asked(ticksPath);
      expect((request.request.body as { key: string }).key).toBe(key);
      request.flush(request.request.body);
    }
    await until('all is sent', () => waiting().length === 0);
    expect(away()).toBeFalse();
  });

  it('waits longer each time for a server that has trouble, and takes that for no refusal', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    const told = {
      type: 'about:blank',
      title: 'No room',
      status: 507,
      detail: 'The disk is full.',
    };
    (await asked(ticksPath)).flush(told, { status: 507, statusText: 'Insufficient Storage' });
    await until('away', away);
    expect(read(outboxFeature.selectWhy)).toBe('The disk is full.');
    expect(read(outboxFeature.selectRefused)).toEqual([]);
    store.dispatch(outboxActions.wake());
    await settle();
    http.expectNone(ticksPath);
    window.dispatchEvent(new Event('online'));
    const again = await asked(ticksPath);
    again.flush(again.request.body);
    await until('it is sent', () => waiting().length === 0);
  });

  it('puts aside what the server fails over again and again, so that others go on', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    const broken = { type: 'about:blank', title: 'Server error', status: 500 };
    for (let time = 0; time < 5; time += 1) {
      (await asked(ticksPath)).flush(broken, { status: 500, statusText: 'Server Error' });
      await until('it was noted', async () => ((await kept())[0]?.failures ?? 0) === time + 1);
      window.dispatchEvent(new Event('online'));
    }
    await until('refused', () => read(outboxFeature.selectRefused).length === 1);
    expect((await kept()).length).toBe(1);
  });

  it('withdraws what the server refuses, and says why', async () => {
    deeds.tick(link, 'near', 'strip-jacket', true);
    (await asked(ticksPath)).flush(
      { type: 'about:blank', title: 'Not found', status: 404, detail: 'There is no such link.' },
      { status: 404, statusText: 'Not Found' },
    );
    await until('refused', () => read(outboxFeature.selectRefused).length === 1);
    expect(ticks()).toBe(0);
    expect(state()).toBe('planned');
    expect(read(outboxFeature.selectRefused)[0]?.refused?.detail).toBe('There is no such link.');
    await until('it is noted', async () => (await kept())[0]?.refused !== null);
  });

  it('holds a reading back for a while, so that it can be taken back unsent', async () => {
    const entry = deeds.read(link, { tester: 'pairing', nets: [], splitPairs: [] }, '', 'by-hand');
    await until('it is kept', async () => (await kept()).length === 1);
    http.expectNone(`/api/links/${link.id}/readings`);
    expect(state()).toBe('fail');
    deeds.takeBack(entry);
    expect(state()).toBe('planned');
    await until('it is gone', async () => (await kept()).length === 0);
  });

  it('shows what an earlier page left unsent when the link’s facts are read', async () => {
    deeds.read(link, { tester: 'pairing', nets: [], splitPairs: [] }, '', 'by-hand');
    await until('it is kept', async () => (await kept()).length === 1);
    const [entry] = await kept();
    if (entry?.deed.kind !== 'fact') throw new Error('Nothing was kept');
    store.dispatch(factsActions.takenBack({ kept: entry.deed }));
    expect(state()).toBe('planned');
    store.dispatch(factsActions.load({ about: { of: 'link', id: link.id } }));
    await until('its facts are asked for', () => {
      flushAlong(http, [link]);
      return state() === 'fail';
    });
  });

  it('tells what is stored and can’t be read, and reads the rest', async () => {
    const db = await deviceDatabase();
    await db.put('unsent', { id: 7 }, 'x');
    localStorage.setItem('near-spoke.unsent.y', 'no JSON');
    const { entries, unreadable } = await recallEntries();
    expect(entries).toEqual([]);
    expect(unreadable.map(({ key }) => key).sort()).toEqual(['x', 'y']);
    expect(unreadable.map(({ text }) => text).join()).toContain('no JSON');
  });

  it('takes over what an earlier program left in the browser’s other store', async () => {
    const id = '01900000-0000-7000-8000-0000000000aa';
    const old = {
      id,
      deed: { kind: 'link-back', linkId: link.id },
      what: 'K4',
      holdUntil: 0,
      refused: null,
    };
    localStorage.setItem(`near-spoke.unsent.${id}`, JSON.stringify(old));
    expect((await kept()).map((entry) => [entry.id, entry.deed])).toEqual([
      [id, { kind: 'back', of: 'link', id: link.id }],
    ]);
    expect(localStorage.getItem(`near-spoke.unsent.${id}`)).toBeNull();
    expect((await kept()).length).toBe(1);
  });

  it('shows what another page of the browser did, and what became of it', async () => {
    const tabs = TestBed.inject(Tabs);
    const entry = deeds.read(link, { tester: 'pairing', nets: [], splitPairs: [] }, '', 'by-hand');
    deeds.takeBack(entry);
    const hear = (told: Told) => tabs.heard.next(told);
    hear({ kind: 'queued', entry });
    expect([state(), waiting().length]).toEqual(['fail', 1]);
    hear({ kind: 'gone', entry });
    expect([state(), waiting().length]).toEqual(['planned', 0]);
    hear({ kind: 'queued', entry });
    hear({ kind: 'sent', entry, answer: null });
    expect([state(), waiting().length]).toEqual(['fail', 0]);
    await settle();
  });

  it('asks the server what became of an entry that another page has settled', async () => {
    const entry: Entry = {
      id: '01900000-0000-7000-8000-0000000000ab',
      deed: { kind: 'back', of: 'link', id: link.id },
      what: '',
      holdUntil: 0,
      refused: null,
      failures: 0,
    };
    store.dispatch(outboxActions.heard({ entry }));
    store.dispatch(outboxActions.wake());
    await until('it is settled', () => waiting().length === 0);
    http.expectNone(`/api/links/${link.id}/restore`);
    flushAlong(http, [link]);
  });

  it('asks again when something is stored while the list is under way', async () => {
    store.dispatch(linksActions.reload());
    http.expectOne('/api/parts').flush({ parts: [] });
    const early = http.expectOne(({ url }) => url.endsWith('/rows'));
    store.dispatch(linksActions.stored({ link: testLink('K5') }));
    expect(early.cancelled).toBeTrue();
    flushRows(http, [link, testLink('K6')]);
    await settle();
    expect(read(linksFeature.selectAll).map(({ label }) => label)).toEqual(['K4', 'K6']);
  });

  it('does not bring back a link that was put away while its change was on its way', async () => {
    deeds.changeLink(link, { version: link.version, note: 'behind the pillar' });
    const change = await asked(`/api/links/${link.id}`);
    deeds.putAway({ ...link, version: link.version + 1 });
    const there = () => read(linksFeature.selectEntities)[link.id] !== undefined;
    expect(there()).toBeFalse();
    change.flush({ ...link, note: 'behind the pillar', version: link.version + 1 });
    await until('the change is sent', () => waiting().length === 1);
    expect(there()).toBeFalse();
    (await requested(http, ({ method }) => method === 'DELETE')).flush(null);
    await until('all is sent', () => waiting().length === 0);
    expect(there()).toBeFalse();
  });

  it('keeps nothing where this device takes nothing, says so, and sends all the same', async () => {
    const entry: Entry = {
      id: '01900000-0000-7000-8000-0000000000ac',
      deed: { kind: 'back', of: 'link', id: link.id },
      what: '',
      holdUntil: 0,
      refused: null,
      failures: 0,
    };
    spyOn(IDBObjectStore.prototype, 'put').and.throwError(
      new DOMException('The quota has been exceeded.', 'QuotaExceededError'),
    );
    await expectAsync(keepEntry(entry)).toBeRejected();
    store.dispatch(outboxActions.queued({ entry }));
    await until('it is known', () => read(outboxFeature.selectNotKept).length === 1);
    (await asked(`/api/links/${link.id}/restore`)).flush(link);
    await until('it is sent', () => waiting().length === 0);
    expect(read(outboxFeature.selectNotKept)).toEqual([]);
  });
});

const requestOf = (sent: Sending) =>
  [sent.endpoint.method, pathOf(sent.endpoint, sent), JSON.stringify(sent.query)].join(' ').trim();

describe('what is sent', () => {
  it('is one request for each kind of deed', () => {
    const link = { of: 'link', id: 'L' } as const;
    const deeds: Deed[] = [
      { kind: 'make', ...link, siteId: 'S', made: { label: 'K' } as never },
      { kind: 'change', ...link, patch: { version: 1 } },
      { kind: 'away', ...link, version: 3 },
      { kind: 'back', ...link },
    ];
    expect(deeds.map((deed) => requestOf(sendingOf(deed)))).toEqual([
      'post /api/sites/S/links',
      'patch /api/links/L',
      'delete /api/links/L {"version":"3"}',
      'post /api/links/L/restore',
    ]);
  });

  it('is in the order in which it was done: one that is held holds those after it', () => {
    const entry = (id: string, rest = {}) => ({
      id,
      deed: { kind: 'back', of: 'link', id } as const,
      what: '',
      holdUntil: 0,
      refused: null,
      failures: 0,
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
