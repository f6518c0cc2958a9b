import { TestBed } from '@angular/core/testing';
import type { Kit } from '@near-spoke/contract';
import { SITE_ID, testLink } from '../testing/links';
import { openSite, settle } from '../testing/store';
import { asked } from '../testing/until';
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

  it('says how many to bring with spares, and from how many ends that is known', async () => {
    const { element, http } = await page(KIT);
    const row = {
      connector: 'plug-8p8c',
      name: '8P8C plug',
      needed: 12,
      made: 40,
      failed: 3,
      pack: 10,
      packs: 2,
      bring: 20,
      rate: { value: 0.07, u: 0.03 },
    };
    http.expectOne(`/api/sites/${SITE_ID}/plan/spares`).flush({ service: 0.95, parts: [row] });
    await settle();
    TestBed.tick();
    const text = (element.textContent ?? '').replace(/\s+/g, ' ');
    expect(text).toMatch(/12\s*20 \(2 packs of 10\)\s*8P8C plug/);
    expect(text).toContain('the day does not stop in 95 of 100 cases: 3 of 40 ends');
    expect(text).not.toContain('without spares');
    const own = [...element.querySelectorAll('button')].find(
      (one) => one.textContent?.trim() === 'tech 1',
    );
    own?.click();
    const again = await asked(http, ({ urlWithParams }) =>
      urlWithParams.endsWith('/plan/spares?author=tech%201'),
    );
    again.flush({ service: 0.95, parts: [{ ...row, made: 4, failed: 1, bring: 30, packs: 3 }] });
    await settle();
    TestBed.tick();
    expect((element.textContent ?? '').replace(/\s+/g, ' ')).toContain(
      '1 of 4 ends like these were made again by tech 1 here',
    );
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
