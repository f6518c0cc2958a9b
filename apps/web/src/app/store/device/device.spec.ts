import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { firstValueFrom } from 'rxjs';
import { ownRequests } from '../api/own-requests';
import { SITE_ID, testLink } from '../../testing/links';
import { settle } from '../../testing/store';
import { asked, until } from '../../testing/until';
import type { Entry } from '../outbox/deed';
import { keepEntry, recallEntries } from '../outbox/entry-store';
import { settleSent } from '../outbox/settle-sent';
import { Along } from './along';
import { Device } from './device';
import { deviceDatabase, emptyDevice } from './device-db';
import { keepAnswers } from './keep-answers';
import { changedLinks, keepLinks, keptStamps } from './kept-links';

describe('what is kept on a device', () => {
  let http: HttpTestingController;
  let client: HttpClient;
  let device: Device;
  const link = testLink('K4');
  const whole = { link, stamp: 4, facts: [] };

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(withInterceptors([keepAnswers, ownRequests])),
        provideHttpClientTesting(),
      ],
    });
    http = TestBed.inject(HttpTestingController);
    client = TestBed.inject(HttpClient);
    device = TestBed.inject(Device);
  });

  it('answers for a server that is away with what it said last, and tells how old that is', async () => {
    const first = firstValueFrom(client.get('/api/adapters'));
    http.expectOne('/api/adapters').flush({ adapters: [1] });
    expect(await first).toEqual({ adapters: [1] });
    await settle();
    expect(device.shownAt()).toBeNull();
    for (const status of [0, 503]) {
      const again = firstValueFrom(client.get('/api/adapters'));
      const request = http.expectOne('/api/adapters');
      if (status === 0) request.error(new ProgressEvent('error'));
      else request.flush('', { status, statusText: 'Away' });
      expect(await again).toEqual({ adapters: [1] });
      expect(Date.now() - (device.shownAt() ?? 0)).toBeLessThan(10_000);
    }
    const back = firstValueFrom(client.get('/api/adapters'));
    http.expectOne('/api/adapters').flush({ adapters: [] });
    await back;
    expect(device.shownAt()).toBeNull();
  });

  it('does not answer for a server that refuses, nor for what it never had', async () => {
    const refused = firstValueFrom(client.get('/api/adapters'));
    http.expectOne('/api/adapters').flush('', { status: 404, statusText: 'Not Found' });
    await expectAsync(refused).toBeRejected();
    const never = firstValueFrom(client.get('/api/parts'));
    http.expectOne('/api/parts').error(new ProgressEvent('error'));
    await expectAsync(never).toBeRejected();
  });

  it('marks what it asks as its own, and keeps the service worker out', () => {
    client.post('/api/sites', {}).subscribe({ error: () => undefined });
    const { headers } = http.expectOne('/api/sites').request;
    expect([headers.get('x-near-spoke'), headers.has('ngsw-bypass')]).toEqual(['1', true]);
  });

  it('gives links with their facts where there is no server', async () => {
    const along = TestBed.inject(Along);
    const isAlong = ({ url }: { url: string }) => url.endsWith('/along');
    const ask = () => firstValueFrom(along.load(SITE_ID, [link.id]));
    const first = ask();
    (await asked(http, isAlong)).flush({ links: [whole] });
    await first;
    await until('it is kept', async () => (await keptStamps(SITE_ID)).get(link.id) === 4);
    const away = ask();
    (await asked(http, isAlong)).error(new ProgressEvent('error'));
    expect((await away).map(({ link: { label } }) => label)).toEqual(['K4']);
    const unknown = firstValueFrom(along.load(SITE_ID, ['other']));
    (await asked(http, isAlong)).error(new ProgressEvent('error'));
    await expectAsync(unknown).toBeRejected();
  });

  it('takes what was sent into its copies in the moment in which it no longer waits', async () => {
    await keepLinks(SITE_ID, [whole]);
    const db = await deviceDatabase();
    await db.put('answers', {
      url: '/api/adapters/A/facts',
      at: 1,
      body: { facts: [{ id: 'x' }] },
    });
    const tick = {
      id: '01900000-0000-7000-8000-0000000000b1',
      linkId: link.id,
      end: 'near',
      key: 'strip-jacket',
      done: true,
      measuredMm: null,
      cause: '',
      at: '2026-05-04T07:00:00.000Z',
      author: 'tech 1',
      device: '',
    } as const;
    const entry = (deed: Entry['deed']): Entry => ({
      id: '01900000-0000-7000-8000-0000000000b2',
      deed,
      what: '',
      holdUntil: 0,
      refused: null,
      failures: 0,
    });
    const one = entry({ kind: 'fact', of: 'tick', about: { of: 'link', id: link.id }, fact: tick });
    await keepEntry(one);
    await settleSent(one, tick);
    expect((await recallEntries()).entries).toEqual([]);
    const [kept] = await changedLinks(SITE_ID);
    expect(kept?.along.facts).toEqual([{ of: 'tick', fact: tick }]);

    const about = { of: 'adapter', id: 'A' } as const;
    const signed = { id: tick.id, at: tick.at, author: 'tech 1', device: '' };
    const fact = {
      ...signed,
      adapterId: tick.id,
      deed: { kind: 'restart', subject: 'cores' },
    } as const;
    await settleSent(entry({ kind: 'fact', of: 'adapter', about, fact }), fact);
    const facts = async () => (await db.get('answers', '/api/adapters/A/facts'))?.body;
    expect(await facts()).toEqual({ facts: [{ id: 'x' }, fact] });
    const told = { subject: tick.id, reason: 'A slip.', takenAt: '', takenBy: '', summary: '' };
    const undo = { ...signed, ...told, of: fact.id, kind: 'adapter' } as const;
    await settleSent(entry({ kind: 'fact', of: 'void', about, fact: undo }), undo);
    expect(await facts()).toEqual({ facts: [{ id: 'x' }] });

    await settleSent(entry({ kind: 'away', of: 'link', id: link.id, version: 1 }), null);
    expect((await changedLinks(SITE_ID))[0]?.gone).toBeTrue();
  });
});
