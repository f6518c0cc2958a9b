import { signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { PLAIN_JOB, conductorGraph, joinedGroups, wiringOf } from '@near-spoke/core/link';
import { NO_EXPERIENCE, reportOf, type Report } from '@near-spoke/core/verify/explain';
import { testLink } from '../testing/links';
import { openSite } from '../testing/store';
import { Explainer } from './explainer';
import { FirmExperience } from './firm-experience';
import type { ExplainWork } from '@near-spoke/core/verify/explain';
import { WhatExplains } from './what-explains';

/** Works at once, where the real one works beside the page. */
class AtOnce {
  readonly report = signal<Report | null>(null);
  readonly failed = signal(false);
  ask({ history, bench, options }: ExplainWork['explain']['ask']): void {
    this.report.set(reportOf(history, bench, { ...options, upTo: 2 }));
  }
}

describe('what explains a reading', () => {
  const link = testLink('K4');
  const wiring = wiringOf(link, PLAIN_JOB);
  const nets = joinedGroups(conductorGraph(wiring)).filter(({ near }) => !near.includes('4'));
  const tester = 'identifying-remote';
  const seen = [
    { trial: { tester, moved: null }, shown: { method: 'nets', nets, splitPairs: null } },
  ] as const;
  let fixture: ComponentFixture<WhatExplains>;

  async function show(): Promise<void> {
    fixture = TestBed.createComponent(WhatExplains);
    fixture.componentRef.setInput('link', link);
    fixture.componentRef.setInput('job', PLAIN_JOB);
    fixture.componentRef.setInput('kept', seen);
    fixture.componentRef.setInput('after', 'reading-1');
    await fixture.whenStable();
  }
  const text = () => (fixture.nativeElement as HTMLElement).textContent ?? '';
  const press = async (key: string) => {
    document.dispatchEvent(new KeyboardEvent('keydown', { key }));
    await fixture.whenStable();
  };

  beforeEach(async () => {
    TestBed.overrideComponent(WhatExplains, {
      set: { providers: [{ provide: Explainer, useClass: AtOnce }] },
    });
    await openSite(
      [link],
      [{ provide: FirmExperience, useValue: { seen: signal(NO_EXPERIENCE) } }],
    );
    localStorage.setItem('near-spoke.testers.at-hand', JSON.stringify(['reflectometer']));
    await show();
  });
  afterEach(() => localStorage.clear());

  it('names the account, its share and its places, and the next test with what it may show', () => {
    expect(text()).toContain('Open 4 explains all of it.');
    expect(text()).toContain('far end 48 %');
    expect(text()).toContain('Measure by reflectometry where each pair ends');
    expect(text()).toContain('As on a good link');
    expect(text()).toContain('Pair 1 ends open at the near end');
  });

  it('takes an answer by one key, names the repair, and takes the answer back', async () => {
    await press('c');
    expect(text()).toContain('Remake the near end');
    expect(text()).toContain('Since then');
    await press('u');
    expect(text()).toContain('Measure by reflectometry');
    expect(text()).not.toContain('Since then');
  });

  it('counts what was tested with as at hand: it proves its own repair', async () => {
    const node = (contact: string) => ({ end: 'near', contact }) as const;
    const trial = { tester: 'insulation', moved: null, from: node('5'), to: node('4') } as const;
    fixture.componentRef.setInput('kept', [{ trial, shown: { method: 'ohms', ohm: 350_000 } }]);
    await fixture.whenStable();
    expect(text()).toContain('leak to one another');
    expect(text()).toContain('Then prove it: insulation or high-ohm meter.');
  });

  it('keeps what was seen since over a reload', async () => {
    await press('c');
    fixture.destroy();
    await show();
    expect(text()).toContain('Remake the near end');
  });

  it('takes what was done as evidence: the end that was remade in vain is not named again', async () => {
    localStorage.setItem('near-spoke.testers.at-hand', JSON.stringify(['identifying-remote']));
    fixture.destroy();
    await show();
    expect(text()).toMatch(/Remake the near end: far end \d+ %, near end \d+ %.*you stand there/);
    await press('m');
    expect(text()).toContain('Remade the near end.');
    expect(text()).toContain('Test with the wire-map tester with an identifying remote');
    const same = [...(fixture.nativeElement as HTMLElement).querySelectorAll('.outcomes button')]
      .map((button) => button.textContent ?? '')
      .find((words) => words.includes('4 open'));
    await press(same?.trim().at(-1)?.toLowerCase() ?? '');
    expect(text()).toContain('Remake the far end');
    fixture.destroy();
    await show();
    expect(text()).toContain('Remake the far end');
  });

  it('says what a pass does not prove', async () => {
    fixture.componentRef.setInput('kept', [
      { ...seen[0], shown: { ...seen[0].shown, nets: joinedGroups(conductorGraph(wiring)) } },
    ]);
    await fixture.whenStable();
    expect(text()).toContain('Not proven');
    expect(text()).toContain('split pairs');
  });
});
