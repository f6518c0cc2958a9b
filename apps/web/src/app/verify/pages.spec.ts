import { signal, type Type } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { LinkSummary } from '@near-spoke/contract';
import {
  EXPLAIN_WORK,
  NO_EXPERIENCE,
  reportOf,
  type ExplainKind,
  type ExplainWork,
} from '@near-spoke/core/verify/explain';
import type { Store } from '@ngrx/store';
import { OpenLink } from '../link/open-link';
import { factsFeature, factsOf } from '../store/facts/facts';
import { testLink } from '../testing/links';
import {
  boxes,
  field,
  goOn,
  headline,
  host,
  mainButton,
  plain,
  press,
  text,
  type,
} from '../testing/page';
import { openSite, settle } from '../testing/store';
import { BlindSpotsPage } from './blind-spots/blind-spots-page';
import { LossPage } from './coax/loss-page';
import { Explainer } from './explainer';
import { FirmExperience } from './firm-experience';
import { LimitsPage } from './limits/limits-page';
import { LinePage } from './line/line-page';
import { LinkTests } from './link-tests';
import { MapEntry } from './map-entry';
import { OhmsPage } from './ohms/ohms-page';
import { TesterInHand } from './tester-in-hand';
import { VerifyPage } from './verify-page';
import { WhatExplains } from './what-explains';
import { Workbench } from './workbench';
import { WouldPass } from './would-pass';

/** Works at once, where the real one works beside the page. */
class AtOnce {
  private readonly work: {
    readonly [K in ExplainKind]: (ask: ExplainWork[K]['ask']) => ExplainWork[K]['answer'];
  } = {
    ...EXPLAIN_WORK,
    explain: ({ history, bench, options }) => reportOf(history, bench, { ...options, upTo: 1 }),
  };
  ask<K extends ExplainKind>(
    kind: K,
    ask: ExplainWork[K]['ask'],
  ): Promise<ExplainWork[K]['answer']> {
    return Promise.resolve(this.work[kind](ask));
  }
  drop(): void {
    // Nothing is under way.
  }
}

const coax = (label: string) =>
  testLink(label, {
    cable: 'rg-6',
    near: { place: 'C1/V', connector: 'f-compression-rg-6', scheme: 'T568B' },
    far: { place: 'Screen', connector: 'f-compression-rg-6', scheme: 'T568B' },
    lengthM: 40,
  });
const telephone = (label: string) =>
  testLink(label, {
    cable: 'telephone-2-pair',
    near: { place: 'C1/T', connector: 'telephone-socket-master', scheme: 'T568B' },
    far: { place: 'Office', connector: 'telephone-socket-secondary', scheme: 'T568B' },
  });

describe('the pages of Verify', () => {
  let store: Store<Record<string, unknown>>;

  async function open<T>(page: Type<T>, link: LinkSummary): Promise<ComponentFixture<T>> {
    const atOnce = { provide: Workbench, useClass: AtOnce };
    TestBed.overrideComponent(WouldPass, { set: { providers: [atOnce] } });
    TestBed.overrideComponent(BlindSpotsPage, { set: { providers: [atOnce] } });
    TestBed.overrideComponent(VerifyPage, {
      set: { providers: [LinkTests, MapEntry, TesterInHand, atOnce] },
    });
    TestBed.overrideComponent(WhatExplains, {
      set: { providers: [Explainer, atOnce] },
    });
    ({ store } = await openSite(
      [link],
      [OpenLink, { provide: FirmExperience, useValue: { seen: signal(NO_EXPERIENCE) } }],
    ));
    TestBed.inject(OpenLink).open(link.id);
    const fixture = TestBed.createComponent(page);
    await fixture.whenStable();
    await settle();
    await fixture.whenStable();
    return fixture;
  }
  afterEach(() => localStorage.clear());

  async function inHand(fixture: ComponentFixture<unknown>, name: string) {
    const toggles = [...host(fixture).querySelectorAll<HTMLElement>('.tester button')];
    toggles.find((one) => one.textContent?.includes(name))?.click();
    await fixture.whenStable();
  }
  const tests = (link: LinkSummary) =>
    factsOf(
      TestBed.runInInjectionContext(() => store.selectSignal(factsFeature.selectFactsState)()),
      link.id,
      'test',
    );

  it('offers the testers that can be put to the link, and says what each lets pass', async () => {
    const fixture = await open(VerifyPage, testLink('K4'));
    const offered = [...host(fixture).querySelectorAll('.tester mat-button-toggle')].map((one) =>
      one.textContent?.trim(),
    );
    expect(offered).toContain('Pair lamps');
    expect(offered).not.toContain('Open, short, terminated');
    expect(headline(fixture)).toBe('Choose the tester in your hand.');
    expect(mainButton(fixture)).toBeNull();
    expect(host(fixture).querySelector('.entry')).toBeNull();
    await inHand(fixture, 'Sees pairing');
    expect(text(fixture)).toContain('With it these would pass:');
  });

  it('keeps a good scan by one key, judged, and what differs with what explains it', async () => {
    const link = testLink('K4');
    localStorage.clear();
    const fixture = await open(VerifyPage, link);
    await inHand(fixture, 'Pair lamps');
    expect(host(fixture).querySelectorAll('ns-lamp-entry button').length).toBe(4);
    await press(fixture, 'p');
    expect(tests(link)).toEqual([]);
    await goOn(fixture);
    expect(tests(link).map(({ entered }) => entered)).toEqual(['one-key']);
    expect(tests(link).map(({ verdict }) => verdict)).toEqual(['as-expected']);
    expect(headline(fixture)).toContain('No test has ruled out shorts');
    await press(fixture, 'n');
    for (const index of [0, 1, 3])
      host(fixture).querySelectorAll<HTMLElement>('ns-lamp-entry button')[index]?.click();
    await fixture.whenStable();
    expect(headline(fixture)).toContain('Keep this reading');
    await goOn(fixture);
    expect(tests(link).at(-1)?.entered).toBe('by-hand');
    expect(tests(link).at(-1)?.summary).toBe('Pair lamps: pair 3 dark.');
    expect(text(fixture)).toContain('What explains it');
  });

  it('draws no broken conductor where no wire map was taken', async () => {
    const fixture = await open(VerifyPage, testLink('K4'));
    await inHand(fixture, 'Scanning lamps');
    await press(fixture, 'p');
    await goOn(fixture);
    await settle();
    await fixture.whenStable();
    expect(TestBed.inject(OpenLink).layer()).toEqual({ kind: 'wires', nets: null });
  });

  it('keeps nothing that was not given: neither an untouched panel nor what can’t be read', async () => {
    const link = testLink('K4');
    const fixture = await open(VerifyPage, link);
    await inHand(fixture, 'Pair lamps');
    const lamps = () =>
      [...host(fixture).querySelectorAll('ns-lamp-entry button')].map((one) =>
        one.getAttribute('aria-label'),
      );
    expect(lamps()).toContain('pair 1: not entered');
    await goOn(fixture);
    expect(plain(host(fixture).querySelector('.off'))).toContain('Nothing is entered yet.');
    const box = field(fixture, 'Or type the pairs that light (W)');
    await type(fixture, box, '21345678');
    expect(plain(host(fixture).querySelector('.off'))).toContain('There is no lamp ‘5’');
    await goOn(fixture);
    expect(tests(link)).toEqual([]);
    await type(fixture, box, '2134');
    expect(lamps()).toContain('pair 1: lit');
    await goOn(fixture);
    expect(tests(link).map(({ verdict }) => verdict)).toEqual(['as-expected']);
  });

  it('asks for the tester again on another site and another day', async () => {
    const fixture = await open(VerifyPage, testLink('K4'));
    await inHand(fixture, 'Pair lamps');
    const stored = () => localStorage.getItem('near-spoke.testers.chosen') ?? '';
    expect(stored()).toContain('pair-lamps');
    const another = stored()
      .replace(/"siteId":"[^"]*"/, '"siteId":"elsewhere"')
      .replace(/"day":"[^"]*"/, '"day":"2026-05-04"');
    localStorage.setItem('near-spoke.testers.chosen', another);
    const hand = TestBed.runInInjectionContext(() => new TesterInHand());
    expect(hand.id()).toBe('');
    hand.choose('pairing');
    expect(TestBed.runInInjectionContext(() => new TesterInHand()).id()).toBe('pairing');
  });

  it('shows coax the trio, to be measured all three', async () => {
    const link = coax('TV1');
    const fixture = await open(VerifyPage, link);
    await inHand(fixture, 'Open, short, terminated');
    const rows = () => [...host(fixture).querySelectorAll<HTMLInputElement>('ns-line-entry input')];
    expect(rows().length).toBe(3);
    await type(fixture, rows()[0], 'OL');
    expect(text(fixture)).toContain('Measure all 3');
    await type(fixture, rows()[1], '1.3');
    await type(fixture, rows()[2], '76');
    await press(fixture, ' ');
    expect(tests(link).map(({ verdict }) => verdict)).toEqual(['as-expected']);
  });

  it('lists the blind spots of every class, and the set that leaves fewest', async () => {
    const fixture = await open(BlindSpotsPage, testLink('K4'));
    expect(headline(fixture)).toContain('Least is missed, soonest, with the ohmmeter');
    const cells = [...host(fixture).querySelectorAll('tbody tr')];
    const rollover = cells.find((row) => row.textContent?.includes('turned end for end'));
    expect(rollover?.querySelectorAll('.none').length).toBeGreaterThan(1);
    expect(rollover?.querySelectorAll('.all').length).toBeGreaterThan(3);
  });

  it('tells expected ohms, judges measured ones, and counts the power that arrives', async () => {
    const fixture = await open(OhmsPage, testLink('K4', { lengthM: 90 }));
    expect(headline(fixture)).toMatch(/^Each pair’s loop should show 1\d\.\d Ω ± /);
    const [loop1, tip1, ring1, loop2] = boxes(fixture);
    await type(fixture, loop1, '12.6');
    await type(fixture, loop2, '17');
    await type(fixture, tip1, '6');
    await type(fixture, ring1, '6.9');
    expect(headline(fixture)).toContain('Pair 2: 4.4 Ω more than the other pairs');
    expect(text(fixture)).toContain('Current over this pair will not share evenly');
    expect(text(fixture)).toContain('802.3bt, class 8');
    await type(fixture, loop1, 'x');
    expect(text(fixture)).toContain("'x' is not a resistance");
    const unknown = boxes(fixture).at(-1);
    await type(fixture, unknown, '40');
    expect(text(fixture)).toContain('Expected: 1');
  });

  it('asks for a length where none is known', async () => {
    const fixture = await open(OhmsPage, testLink('K4', { lengthM: null }));
    expect(headline(fixture)).toContain('Enter this link’s length');
  });

  it('judges a table of sweeps, names the line that can’t be read, and derates', async () => {
    const fixture = await open(LimitsPage, testLink('K4'));
    const give = async (body: string) => {
      const picker = host(fixture).querySelector<HTMLInputElement>('input[type=file]');
      const files = new DataTransfer();
      files.items.add(new File([body], 'sweep.csv'));
      if (picker) picker.files = files.files;
      picker?.dispatchEvent(new Event('change'));
      const before = text(fixture);
      for (let rounds = 0; rounds < 100 && text(fixture) === before; rounds += 1) {
        await settle();
        await fixture.whenStable();
      }
    };
    await give('MHz,Insertion loss\n1,1\n100,18\n250,30\n');
    expect(headline(fixture)).toMatch(
      /^Meets Class E in what was measured: Insertion loss: 0\.\d dB to spare/,
    );
    const hottest = boxes(fixture).find((box) => box.value === '20' && box !== boxes(fixture)[1]);
    await type(fixture, hottest, '45');
    expect(headline(fixture)).toContain('Does not meet Class E');
    await give('MHz,Insertion loss\n1,\n');
    expect(text(fixture)).toContain('sweep.csv, line 2: ‘’ is not a number of decibels.');
  });

  it('adds up what coax loses, and whether enough arrives', async () => {
    const fixture = await open(LossPage, coax('TV1'));
    expect(headline(fixture)).toMatch(/^This link loses \d+\.\d dB ± \d/);
    const box = (name: string) =>
      [...host(fixture).querySelectorAll('mat-form-field')]
        .find((field) => field.textContent?.includes(name))
        ?.querySelector('input') ?? undefined;
    await type(fixture, box('Splitters'), '2 4');
    expect(text(fixture)).toContain('Splitter, 4 ways');
    await type(fixture, box('Level put in'), '70');
    await type(fixture, box('Level needed'), '45');
    expect(headline(fixture)).toMatch(/^(Enough|Too little|It is too near)/);
    await type(fixture, box('Splitters'), 'two');
    expect(text(fixture)).toContain('Splitters are numbers of ways');
  });

  it('leads along a telephone line to whose fault it is, and adds up ringers', async () => {
    const fixture = await open(LinePage, telephone('TL1'));
    expect(headline(fixture)).toContain('Measure the line');
    await type(fixture, boxes(fixture)[0], '-49');
    expect(headline(fixture)).toContain('Lift one handset');
    await type(fixture, boxes(fixture)[3], '-8');
    await type(fixture, boxes(fixture)[4], '12');
    expect(headline(fixture)).toContain('rings too weakly');
    expect(text(fixture)).toContain('Whose fault: Ours.');
    await type(fixture, boxes(fixture)[5], '2 2 1');
    expect(text(fixture)).toContain('5 of 4: too much by 1');
    await type(fixture, boxes(fixture)[0], 'no');
    expect(text(fixture)).toContain("'no' is not a voltage");
  });
});
