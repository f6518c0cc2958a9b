import { TestBed } from '@angular/core/testing';
import { PLAIN_JOB } from '@near-spoke/core/link';
import { Store } from '@ngrx/store';
import { factsFeature, factsOf } from '../store/facts/facts';
import { testLink } from '../testing/links';
import { headlineOf } from '../testing/page';
import { openSite } from '../testing/store';
import { batchGroups } from './batch-groups';
import { BatchPage } from './batch-page';

const cord = (label: string) =>
  testLink(label, {
    cable: 'cat5e-uutp-stranded',
    near: { place: 'C1', connector: 'plug-8p8c', scheme: 'T568B' },
    lengthM: 2,
  });

describe('batchGroups', () => {
  it('gathers ends of one bench that are alike and not made, the most first', () => {
    const cords = ['PC1', 'PC2', 'PC3'].map(cord);
    const groups = batchGroups([...cords, testLink('K1'), testLink('K2')], PLAIN_JOB);
    expect(groups.map(({ ends }) => ends.length)).toEqual([6, 2, 2]);
    expect(groups[0]?.name).toBe('C1: 8P8C plug, T568B, on Cat 5e U/UTP stranded');
  });

  it('leaves out what is made, what does not fit, and what stands alone', () => {
    const made = { state: 'made' as const, done: 12, total: 12 };
    const done = { ...cord('PC1'), ends: { near: made, far: made } };
    expect(batchGroups([done, testLink('K1')], PLAIN_JOB)).toEqual([]);
  });
});

describe('BatchPage', () => {
  async function page() {
    const links = ['PC1', 'PC2'].map(cord);
    await openSite(links);
    const fixture = TestBed.createComponent(BatchPage);
    fixture.componentRef.setInput('siteId', links[0]?.siteId ?? '');
    fixture.componentRef.setInput('group', batchGroups(links, PLAIN_JOB)[0]?.key ?? '');
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const store = TestBed.inject<Store<Record<string, unknown>>>(Store);
    const evidence = store.selectSignal(factsFeature.selectFactsState);
    return {
      links,
      element,
      headline: () => headlineOf(element),
      tool: () => element.querySelector('.sessions > .current strong')?.textContent?.trim() ?? '',
      ticks: () => links.map(({ id }) => factsOf(evidence(), id, 'tick').length),
      press: () => {
        element.querySelector<HTMLButtonElement>('ns-next-thing .main button')?.click();
        fixture.detectChanges();
      },
    };
  }

  it('goes through every end with one tool before the next is taken, to the last label', async () => {
    const { press, headline, tool, ticks } = await page();
    const tools: string[] = [];
    for (let count = 0; count < 400 && !headline().startsWith('All'); count += 1) {
      if (tools.at(-1) !== tool()) tools.push(tool());
      press();
    }
    expect(headline()).toBe('All 4 ends are made.');
    expect(new Set(tools).size).toBe(tools.length);
    expect(tools[0]).toBe('bare hands');
    const [one, other] = ticks();
    expect(one).toBe(other as number);
    expect(one).toBeGreaterThan(20);
  });

  it('says which end, how far, and what is saved', async () => {
    const { element, headline } = await page();
    expect(headline()).toContain('PC1, near end: Slide the boot on');
    expect(element.textContent).toContain('1 of 4 with bare hands.');
    expect(element.textContent).toMatch(/\d+ changes of tool for all of them; .* would take \d+/);
  });
});
