import { TestBed } from '@angular/core/testing';
import type { Found } from '@near-spoke/contract/search';
import { SITE_ID, testLink } from '../testing/links';
import { openSite, settle } from '../testing/store';
import { byDay } from './by-day';
import { HistoryPage } from './history-page';

const LINK = testLink('K1', {});
const idOf = (name: string) => `0190a000-0000-7000-8000-00000000000${name}`;
const entry = (name: string, at: string, more: Partial<Found['entries'][number]> = {}) => ({
  id: idOf(name),
  kind: 'note' as const,
  at,
  author: 'Zoë',
  device: '',
  text: `Tile ${name}`,
  count: 1,
  taken: false,
  about: { of: 'link' as const, id: LINK.id, name: 'K1', siteId: SITE_ID, site: 'Łódź' },
  ...more,
});

describe('HistoryPage', () => {
  async function open(inputs: Readonly<Record<string, string>> = {}) {
    const { http } = await openSite([LINK]);
    const fixture = TestBed.createComponent(HistoryPage);
    for (const [name, value] of Object.entries({ siteId: SITE_ID, ...inputs }))
      fixture.componentRef.setInput(name, value);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const asked = () => http.expectOne(({ url }) => url === '/api/search');
    const shown = async () => {
      await settle();
      fixture.detectChanges();
      return (element.textContent ?? '').replace(/\s+/g, ' ');
    };
    return { asked, shown, element };
  }

  it('shows what was done by days, and earlier ones by one key', async () => {
    const { asked, shown, element } = await open();
    const first = asked();
    expect(first.request.params.get('site')).toBe(SITE_ID);
    const newest = entry('a', '2026-05-04T12:00:00Z', { taken: true });
    first.flush({ links: [], entries: [newest], next: idOf('a') });
    expect(await shown()).toContain('1 entry so far, of 4 May 2026.');
    expect(element.querySelector('s')?.textContent).toBe('Tile a');
    expect(await shown()).toContain('taken back');
    element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
    const second = asked();
    expect(second.request.params.get('before')).toBe(idOf('a'));
    second.flush({ links: [], entries: [entry('b', '2026-03-01T12:00:00Z')], next: null });
    const text = await shown();
    expect(text).toContain('2 entries, from 4 May 2026 back to 1 March 2026.');
    expect(text).toContain('Tile a');
    expect(text).toContain('Tile b');
    expect(text).toContain('That is all there is.');
  });

  it('looks on all sites where the address says so, and says what it did not find', async () => {
    const { asked, shown } = await open({ q: 'łódź otter', all: '1' });
    const { request, flush } = ((sent) => ({
      request: sent.request,
      flush: (body: object) => sent.flush(body),
    }))(asked());
    expect(request.params.get('q')).toBe('łódź otter');
    expect(request.params.has('site')).toBeFalse();
    flush({ links: [], entries: [], next: null });
    expect(await shown()).toContain('No entry has all of “łódź otter”.');
  });

  it('says so where no server answers, and asks again', async () => {
    const { asked, shown, element } = await open();
    asked().flush(null, { status: 503, statusText: 'Away' });
    expect(await shown()).toContain('The server does not answer.');
    element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
    asked().flush({ links: [], entries: [], next: null });
    expect(await shown()).toContain('Nothing was done here yet.');
  });
});

describe('Entries by days', () => {
  it('stand by what they are about, as long as nothing else comes between', () => {
    const other = { ...entry('e', '').about, id: idOf('f'), name: 'K2' };
    const days = byDay(
      [
        entry('d', '2026-05-05T12:00:00Z'),
        entry('c', '2026-05-04T12:03:00Z'),
        entry('b', '2026-05-04T12:02:00Z'),
        entry('a', '2026-05-04T12:01:00Z', { about: other }),
      ],
      'en-GB',
    );
    expect(
      days.map(({ day, things }) => [
        day,
        ...things.map(
          ({ about, entries }) => `${about.name}: ${entries.map(({ text }) => text.at(-1)).join()}`,
        ),
      ]),
    ).toEqual([
      ['5 May 2026', 'K1: d'],
      ['4 May 2026', 'K1: c,b', 'K2: a'],
    ]);
  });
});
