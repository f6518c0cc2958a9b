import { TestBed } from '@angular/core/testing';
import { SITE_ID, testLink } from '../testing/links';
import { button, goOn, headline, host, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
import { asked, giveSiteFacts } from '../testing/until';
import { ReelsPage } from './reels-page';

const LINK = testLink('K1', { lengthM: 60 });

describe('ReelsPage', () => {
  beforeEach(() => localStorage.removeItem(`near-spoke.reels.${SITE_ID}`));

  const fact = (minute: number, deed: object, linkId: string | null = null) => ({
    id: `0190a000-0000-7000-8000-0000000000${10 + minute}`,
    siteId: SITE_ID,
    linkId,
    cable: 'cat6-uutp-solid',
    reel: 'R7',
    at: `2026-05-04T08:${10 + minute}:00.000Z`,
    author: 'tech 1',
    device: '',
    deed,
  });
  async function open(facts: readonly object[]) {
    const { http } = await openSite([LINK]);
    const fixture = TestBed.createComponent(ReelsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.detectChanges();
    await giveSiteFacts(http, SITE_ID, { cables: facts });
    await shown(fixture);
    const kept = async () =>
      (await asked(http, ({ method, url }) => method === 'POST' && /cable-facts|void/.test(url)))
        .request;
    return { fixture, kept, http };
  }
  const type = async (
    fixture: Awaited<ReturnType<typeof open>>['fixture'],
    index: number,
    typed: string,
  ) => {
    const box = host(fixture).querySelectorAll<HTMLInputElement>('ns-number-fields input')[index];
    if (!box) throw new Error(`No field ${index}`);
    box.value = typed;
    box.dispatchEvent(new Event('input'));
    await shown(fixture);
  };

  it('keeps a reel that came, by its name, label and mark', async () => {
    const { fixture, kept } = await open([]);
    expect(headline(fixture)).toBe('No reel is kept yet.');
    await type(fixture, 0, 'R8');
    await type(fixture, 1, '100');
    await type(fixture, 2, '12.5');
    await goOn(fixture);
    expect((await kept()).body).toEqual(
      jasmine.objectContaining({
        reel: 'R8',
        cable: LINK.cable,
        deed: { kind: 'got', lengthM: 100, markM: 12.5, marks: 'up' },
      }),
    );
    await shown(fixture);
    expect(headline(fixture)).toBe('1 reel, 100.0 m to count on.');
  });

  it('says what is left, what was cut for whom at which marks, and what does not agree', async () => {
    const { fixture, kept } = await open([
      fact(0, { kind: 'got', lengthM: 305, markM: 1200, marks: 'down' }),
      fact(1, { kind: 'cut', lengthM: 61.5, markM: null }, LINK.id),
      fact(2, { kind: 'reel', leftM: { value: 220, u: 2 } }),
    ]);
    expect(headline(fixture)).toBe('R7: label and reflectometry do not agree.');
    const told = text(fixture);
    expect(told).toContain('305.0 m by its label, 61.5 m cut off.');
    expect(told).toContain('61.5 m for K1, 1200.0 m to 1138.5 m');
    expect(told).toContain('At its loose end: 1138.5 m.');
    expect(told).toContain('216.1 m to count on');
    button(fixture, 'Take back').click();
    expect((await kept()).url).toBe(`/api/facts/${fact(1, {}).id}/void`);
    await shown(fixture);
    expect(text(fixture)).not.toContain('61.5 m for K1');
    await type(fixture, 0, 'R7');
    expect(text(fixture)).toContain('R7 is there already');
  });
});
