import { TestBed } from '@angular/core/testing';
import type { Kit } from '@near-spoke/contract';
import { SITE_ID, testLink } from '../testing/links';
import { openSite, settle } from '../testing/store';
import { KitPage } from './kit-page';

const KIT: Kit = {
  parts: [
    { name: '8P8C plug', count: 12 },
    { name: 'Boot', count: 12 },
  ],
  tools: ['modular crimper', 'jacket stripper'],
  seconds: 5400,
  refused: 1,
  ends: 13,
  cables: [{ name: 'Cat 6 U/UTP solid', lengthM: 61, unknown: 2 }],
};

describe('KitPage', () => {
  async function page(answer: Kit | null, link = '') {
    const { http } = await openSite([testLink('K1')]);
    const fixture = TestBed.createComponent(KitPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('link', link);
    fixture.detectChanges();
    const request = http.expectOne((sent) => sent.url === `/api/sites/${SITE_ID}/kit`);
    if (answer) request.flush(answer);
    else request.flush(null, { status: 503, statusText: 'Away' });
    await settle();
    fixture.detectChanges();
    return { http, request, element: fixture.nativeElement as HTMLElement };
  }

  it('says what to bring, for how many ends, how long it takes, and what it does not count', async () => {
    const { element, request } = await page(KIT);
    const text = element.textContent ?? '';
    expect(text).toContain('Bring this for 12 ends on this site: about 1.5 hours of work.');
    expect(text).toContain('1 more can’t be made');
    expect(text).toContain('without spares');
    expect(text).toContain('61 m');
    expect(text).toContain('and 2 of unknown length');
    expect(request.request.params.get('author')).not.toBe('');
  });

  it('asks for one link only where one is named', async () => {
    const { request, element } = await page({ ...KIT, ends: 0, refused: 0 }, 'x');
    expect(request.request.params.get('link')).toBe('x');
    expect(element.textContent).toContain('Nothing is left to make');
  });

  it('can be asked again when the server was away', async () => {
    const { element, http } = await page(null);
    expect(element.textContent).toContain('The server does not answer.');
    element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
    http.expectOne((sent) => sent.url.endsWith('/kit')).flush(KIT);
  });
});
