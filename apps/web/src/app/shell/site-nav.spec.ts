import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { SITE_ID } from '../testing/links';
import { host, plain, shown } from '../testing/page';
import { storeProviders } from '../testing/store';
import { SiteNav } from './site-nav';
import { SITE_PAGES } from './site-pages';

describe('The pages of a site', () => {
  async function open(url: string) {
    TestBed.configureTestingModule({ providers: storeProviders() });
    await TestBed.inject(Router).navigateByUrl(url);
    const fixture = TestBed.createComponent(SiteNav);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    await shown(fixture);
    const lines = [...host(fixture).querySelectorAll('nav')].map((nav) =>
      [...nav.querySelectorAll('a')].map((link) => ({
        name: plain(link),
        at: link.getAttribute('href'),
        current: link.ariaCurrent,
      })),
    );
    return { fixture, lines };
  }
  const current = (line: readonly { name: string; current: string | null }[] | undefined) =>
    (line ?? []).flatMap(({ name, current: is }) => (is === null ? [] : [`${name} ${is}`]));

  it('are told by the part of the work that the open one belongs to', async () => {
    const { lines } = await open(`/sites/${SITE_ID}/reels?reel=R7`);
    expect(current(lines[0])).toEqual(['Plan true']);
    expect(current(lines[1])).toEqual(['Reels page']);
    expect(lines[1]?.map(({ name }) => name)).toContain('Cuts');
    expect(lines[1]?.map(({ name }) => name)).not.toContain('History');
  });

  it('have one line only on the overview, and none open on a link', async () => {
    const overview = await open(`/sites/${SITE_ID}`);
    expect(overview.lines.length).toBe(1);
    expect(current(overview.lines[0])).toEqual(['Work page']);
    TestBed.resetTestingModule();
    const link = await open(`/sites/${SITE_ID}/links/0190/verify`);
    expect(link.lines.length).toBe(1);
    expect(current(link.lines[0])).toEqual([]);
  });

  it('are all reached, each in one of the parts, whichever is open', async () => {
    const reached = new Set<string>();
    for (const [, [first = 'work']] of SITE_PAGES) {
      const { lines } = await open(`/sites/${SITE_ID}/${first === 'work' ? '' : first}`);
      for (const { at } of lines.flat()) reached.add(at ?? '');
      TestBed.resetTestingModule();
    }
    const pages = SITE_PAGES.flatMap(([, ids]) => ids);
    expect(new Set(pages).size).toBe(pages.length);
    for (const page of pages)
      expect(reached).toContain(`/sites/${SITE_ID}${page === 'work' ? '' : `/${page}`}`);
  });
});
