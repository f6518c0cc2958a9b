import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { BUILT_IN, WIRE_CONTACTS } from '@near-spoke/core/catalogue';
import { planTermination, tickKeys } from '@near-spoke/core/terminate';
import { OpenLink } from '../link/open-link';
import { Deeds } from '../shell/deeds';
import { testLink } from '../testing/links';
import { headlineOf } from '../testing/page';
import { openSite } from '../testing/store';
import { TerminatePage } from './terminate-page';

describe('TerminatePage', () => {
  async function page(rest = {}) {
    const link = testLink('K4', rest);
    await openSite([link], [OpenLink]);
    const open = TestBed.inject(OpenLink);
    open.open(link.id);
    const fixture = TestBed.createComponent(TerminatePage);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const visited = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    return {
      link,
      open,
      visited,
      element,
      headline: () => headlineOf(element),
      press: () => {
        element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
        fixture.detectChanges();
      },
      click: (text: string) => {
        const button = [...element.querySelectorAll('button')].find((item) =>
          item.textContent?.includes(text),
        );
        button?.click();
        fixture.detectChanges();
      },
    };
  }
  const keys = (connector: string) =>
    planTermination(
      {
        cable: BUILT_IN.cable('cat6-uutp-solid'),
        connector: BUILT_IN.connector(connector),
        scheme: 'T568B',
        otherEnd: 'made',
      },
      BUILT_IN,
    ).steps.flatMap(tickKeys).length;

  it('leads through both ends with the main button alone, to the test', async () => {
    const { press, headline, visited, open } = await page();
    for (let count = keys('keystone-punch-down'); count > 0; count -= 1) press();
    expect(headline()).toBe('The near end is made.');
    press();
    for (let count = keys('plug-8p8c'); count > 0; count -= 1) press();
    expect(headline()).toBe('The far end is made.');
    expect(open.standing()?.state).toBe('made');
    press();
    expect((visited.calls.mostRecent().args as unknown as [string[]])[0].at(-1)).toBe('verify');
  });

  it('takes no end apart that is proven, whatever is ticked, and says what is not', async () => {
    const { link, element, headline, press, visited } = await page();
    const nets = WIRE_CONTACTS.map((contact) => ({ near: [contact], far: [contact] }));
    const shown = { tester: 'pairing', nets, splitPairs: [] } as const;
    TestBed.inject(Deeds).read(link, shown, '', 'instrument');
    TestBed.tick();
    expect(headline()).toBe('This link is proven as it is.');
    expect(element.textContent).toMatch(/Of this end (\d+) of \1 steps are not ticked/);
    press();
    expect((visited.calls.mostRecent().args as unknown as [string[]])[0].at(-1)).toBe('record');
  });

  it('takes the last tick back, one at a time', async () => {
    const { press, headline, click, open } = await page();
    const first = headline();
    press();
    press();
    expect(open.standing()?.ends.near.doneSteps.size).toBe(2);
    click('Take the last tick back');
    click('Take the last tick back');
    expect(headline()).toBe(first);
    expect(open.standing()?.state).toBe('planned');
    expect(open.facts().ticks.length).toBe(4);
  });

  it('says what does not fit, by how much, and what would', async () => {
    const { headline, element } = await page({ cable: 'cat6a-uutp-solid' });
    const far = [...element.querySelectorAll('button')].find((button) =>
      button.textContent?.includes('Far end'),
    );
    far?.click();
    TestBed.tick();
    expect(headline()).toBe('8P8C plug does not take Cat 6A U/UTP solid.');
    expect(element.textContent).toContain(
      'It is 7.6 mm; it needs 4.8 mm to 6.5 mm: 1.1 mm too thick.',
    );
    expect(element.textContent).toContain('Use “8P8C plug, large entry”.');
  });

  it('judges a measured length in any unit, and keeps it with the tick', async () => {
    const { element, press, open } = await page();
    const type = (text: string) => {
      const box = element.querySelector('.measure input') as HTMLInputElement;
      box.value = text;
      box.dispatchEvent(new Event('input'));
      TestBed.tick();
      return element.querySelector('.measure p')?.textContent?.trim() ?? '';
    };
    expect(type('60')).toContain('10 mm too long');
    expect(type('3.5 cm')).toContain('strip 5 mm more');
    expect(type('1 3/4 in')).toBe('In tolerance: go on.');
    expect(type('45 apples')).toContain('not a unit');
    expect(element.querySelector('.off')?.textContent).toContain('can’t be read');
    press();
    expect(open.facts().ticks).toEqual([]);
    type('44,5');
    press();
    expect(open.facts().ticks[0]?.measuredMm).toBe(44.5);
  });

  it('asks why an end is made again, and keeps the cause once', async () => {
    const { press, click, open, headline } = await page();
    for (let count = keys('keystone-punch-down'); count > 0; count -= 1) press();
    click('Cut it off and remake it');
    const item = [...document.querySelectorAll<HTMLElement>('[role=menuitem]')].find((row) =>
      row.textContent?.includes('nicked or broken'),
    );
    item?.click();
    TestBed.tick();
    expect(headline()).toContain('Score the jacket');
    expect(
      open
        .facts()
        .ticks.map(({ cause }) => cause)
        .filter(Boolean),
    ).toEqual(['damage']);
  });

  it('stops before the first cut when a tool is missing that nothing replaces', async () => {
    const { element } = await page();
    const box = [...element.querySelectorAll('.kit mat-checkbox')].find((item) =>
      item.textContent?.includes('punch-down tool'),
    );
    box?.querySelector('input')?.click();
    TestBed.tick();
    expect(element.querySelector('.gap.stop')?.textContent).toContain('No punch-down tool.');
    expect(localStorage.getItem('near-spoke.tools.lacking')).toContain('punch-down tool');
    localStorage.clear();
  });

  it('shows the caution where the knife comes out', async () => {
    const { element } = await page();
    expect(element.querySelector('.caution')?.textContent).toContain('licensed electrician');
  });
});
