import { TestBed } from '@angular/core/testing';
import type { SiteCuts } from '@near-spoke/contract/plan';
import { v7 } from 'uuid';
import { SITE_ID, testLink } from '../testing/links';
import { openSite, settle } from '../testing/store';
import { asked, giveSiteFacts } from '../testing/until';
import { CutsPage } from './cuts-page';

const LINK = testLink('K1', { lengthM: 60 });
/** A fact of a reel that came. */
const got = (reel: string, deed: object) => ({
  id: v7(),
  siteId: SITE_ID,
  linkId: null,
  cable: 'cat6-uutp-solid',
  reel,
  at: '2026-05-04T08:00:00.000Z',
  author: 'tech 1',
  device: '',
  deed: { kind: 'got', ...deed },
});
const answer = (
  plan: Partial<SiteCuts['cables'][number]['plan']>,
): { readonly cables: SiteCuts['cables'] } => ({
  cables: [
    {
      cable: 'cat6-uutp-solid',
      name: 'Cat 6 U/UTP solid',
      runs: 1,
      unknown: 0,
      plan: {
        cuts: [{ run: LINK.id, reel: 'buy-1', fromM: 0, toM: 63 }],
        buy: 1,
        wasteM: 0,
        unplaced: [],
        boundWasteM: 0,
        proven: true,
        ...plan,
      },
    },
  ],
});

describe('CutsPage', () => {
  beforeEach(() => localStorage.removeItem(`near-spoke.cuts.${SITE_ID}`));

  async function open(typed: Readonly<Record<string, string>> = {}) {
    const { http } = await openSite([LINK]);
    localStorage.setItem(`near-spoke.cuts.${SITE_ID}`, JSON.stringify(typed));
    const fixture = TestBed.createComponent(CutsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const asked = () => http.expectOne((sent) => sent.url === `/api/sites/${SITE_ID}/plan/cut`);
    const shown = async () => {
      await settle();
      fixture.detectChanges();
      return (element.textContent ?? '').replace(/\u00a0/g, ' ');
    };
    const type = async (index: number, text: string) => {
      const box = element.querySelectorAll('input')[index];
      if (!box) throw new Error(`No field ${index}`);
      box.value = text;
      box.dispatchEvent(new Event('change'));
      await shown();
    };
    return { asked, shown, type, element, http };
  }

  it('says what to buy, whether it is proven, and where each run is cut', async () => {
    const { asked, shown } = await open();
    const request = asked();
    expect(request.request.body).toEqual({
      slackM: 3,
      leastRestM: 15,
      boxM: 305,
      boxes: [],
      reels: [],
      ownReels: false,
      cut: [],
    });
    request.flush(answer({}));
    const text = await shown();
    expect(text).toContain('Buy 1 box of 305 m for 1 run.');
    expect(text).toContain('Each run with 3 m for its two ends.');
    expect(text).toContain('No way leaves less.');
    expect(text).toContain('New box 1');
    expect(text).toContain('C1/A/K1 – Kiosk K1');
  });

  it('asks anew with begun reels, several in one field, and reads no other text as one', async () => {
    const { asked, shown, type, element } = await open();
    asked().flush(answer({}));
    await shown();
    await type(3, '140,5; 62 m');
    const request = asked();
    expect(request.request.body.reels).toEqual([
      { id: 'reel 1', cable: 'cat6-uutp-solid', lengthM: 140.5 },
      { id: 'reel 2', cable: 'cat6-uutp-solid', lengthM: 62 },
    ]);
    request.flush(answer({ buy: 0, cuts: [{ run: LINK.id, reel: 'reel 2', fromM: 0, toM: 62 }] }));
    expect(await shown()).toContain('What is there is enough for 1 run.');
    expect(await shown()).toContain('Begun reel 2');
    // What can’t be read takes no field away.
    await type(3, 'half a box');
    expect(element.querySelectorAll('input').length).toBe(5);
    expect(await shown()).toContain('This can’t be worked out now.');
    expect(await shown()).not.toContain('No cable is left');
    expect(element.querySelector('.typo')?.textContent).toContain('half a box is no length.');
  });

  it('asks with a box of its own for a cable, and says how many of which to buy', async () => {
    const { asked, shown, type } = await open();
    asked().flush(answer({}));
    await shown();
    await type(4, '100 m');
    const request = asked();
    expect(request.request.body.boxes).toEqual([{ cable: 'cat6-uutp-solid', lengthM: 100 }]);
    request.flush(answer({}));
    expect(await shown()).toContain('Buy 1 box of 100 m for 1 run.');
  });

  it('lets a bad length be mended that this device has kept', async () => {
    const { asked, shown, type, element } = await open({ 'box cat6-uutp-solid': 'one' });
    const request = asked();
    expect(request.request.body.boxes).toEqual([]);
    request.flush(answer({}));
    expect(await shown()).toContain('one is no length.');
    expect(element.querySelectorAll('input').length).toBe(5);
    await type(4, '');
    asked().flush(answer({}));
    expect(await shown()).toContain('Buy 1 box of 305 m for 1 run.');
  });

  it('tells how much is wasted and the least that any way could leave', async () => {
    const { asked, shown } = await open();
    asked().flush(answer({ wasteM: 12.4, boundWasteM: 9, proven: false }));
    const text = await shown();
    expect(text).toContain('12.4 m are left over and too short to be of use.');
    expect(text).toContain('Proven: no way leaves less than 9.0 m.');
  });

  it('says so where nothing is left to pull, and where no server answers, and asks again', async () => {
    const { asked, shown, element } = await open();
    asked().flush(null, { status: 503, statusText: 'Away' });
    expect(await shown()).toContain('The server does not answer.');
    element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
    asked().flush({ cables: [] });
    expect(await shown()).toContain('No cable is left to pull.');
  });

  it('cuts from the site’s own reel at its marks, and plans anew with what was really cut', async () => {
    const { asked: plan, shown, element, http } = await open();
    const facts = [got('R7', { lengthM: 305, markM: 1200, marks: 'down' })];
    plan().flush({ cables: [] });
    await giveSiteFacts(http, SITE_ID, { cables: facts });
    await shown();
    const request = plan();
    expect(request.request.body.reels).toEqual([
      { id: 'own R7', cable: 'cat6-uutp-solid', lengthM: 305 },
    ]);
    request.flush(answer({ buy: 0, cuts: [{ run: LINK.id, reel: 'own R7', fromM: 0, toM: 63 }] }));
    const text = await shown();
    expect(text).toMatch(/R7\s*305 m, 242\.0 m left/);
    expect(text).toMatch(/1200\.0 m\s*1137\.0 m/);
    element.querySelector<HTMLButtonElement>('td button')?.click();
    await shown();
    const mark = element.querySelector<HTMLInputElement>('ns-cut-off input');
    if (!mark) throw new Error('No field');
    expect(mark.value).toBe('1137');
    // A mark that lies the other way is none.
    mark.value = '1260';
    mark.dispatchEvent(new Event('input'));
    await shown();
    expect(element.querySelector<HTMLButtonElement>('ns-cut-off button')?.disabled).toBeTrue();
    mark.value = '1136.5';
    mark.dispatchEvent(new Event('input'));
    await shown();
    element.querySelector<HTMLButtonElement>('ns-cut-off button')?.click();
    await shown();
    const kept = await asked(
      http,
      ({ method, url }) => method === 'POST' && url.endsWith('/cable-facts'),
    );
    expect(kept.request.body).toEqual(
      jasmine.objectContaining({
        reel: 'R7',
        linkId: LINK.id,
        deed: { kind: 'cut', lengthM: 63.5, markM: 1136.5 },
      }),
    );
    const again = plan();
    expect(again.request.body.reels[0].lengthM).toBeCloseTo(241.5, 9);
    expect(again.request.body.cut).toEqual([LINK.id]);
  });
});
