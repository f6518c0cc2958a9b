import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  Injector,
  afterNextRender,
  type ElementRef,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  viewChild,
} from '@angular/core';
import { DatePipe } from '@angular/common';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router } from '@angular/router';
import { readingOf, testReading } from '@near-spoke/contract/tests';
import type { End } from '@near-spoke/core/link';
import {
  TESTERS,
  tester,
  type MapTesterId,
  type Place,
  type TesterId,
} from '@near-spoke/core/verify';
import { canMove } from '@near-spoke/core/verify/entry';
import { NOTHING } from '@near-spoke/core/message';
import { benchOf, judgeTest, testersFor, type Seen } from '@near-spoke/core/verify/explain';
import { OpenLink } from '../link/open-link';
import { Deeds, UNDO_MS } from '../shell/deeds';
import { NextThing } from '../shell/next-thing';
import { OneOf, type Choice } from '../shell/one-of';
import { Shortcuts } from '../shell/shortcuts';
import type { Entry } from '../store/outbox/deed';
import { LinkTests } from './link-tests';
import { MapEntry } from './map-entry';
import { OwnTesters } from './own-testers';
import { Predicted } from './predicted';
import { ReadingResult } from './reading-result';
import { verdictSentence } from './told';
import { TesterInHand } from './tester-in-hand';
import { TestPanel } from './test-panel';
import { WhatExplains } from './what-explains';
import { WireBoard } from './wire-board';
import { Workbench } from './workbench';
import { WouldPass } from './would-pass';
import { keyName } from '../shell/keys';
import { KeyOf } from '../shell/key-of';

const isTester = (id: string): id is TesterId => TESTERS.some((row) => row.id === id);
const isMapTester = (id: TesterId): id is MapTesterId => tester(id).method === 'nets';
const MOVES: readonly Choice<Place | null>[] = [
  { id: null, name: 'Cable still' },
  { id: 'near', name: 'Moved near' },
  { id: 'cable', name: 'in the middle' },
  { id: 'far', name: 'far' },
];

/** What the tester showed, what it means, and what to do. */
@Component({
  selector: 'ns-verify-page',
  imports: [
    KeyOf,
    OneOf,
    DatePipe,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    NextThing,
    Predicted,
    ReadingResult,
    TestPanel,
    WhatExplains,
    WireBoard,
    WouldPass,
  ],
  providers: [LinkTests, MapEntry, TesterInHand, Workbench],
  templateUrl: './verify-page.html',
  styleUrl: './verify-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VerifyPage {
  protected readonly open = inject(OpenLink);
  protected readonly tests = inject(LinkTests);
  protected readonly map = inject(MapEntry);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  private readonly injector = inject(Injector);
  private readonly workbench = inject(Workbench);
  private readonly box = viewChild<ElementRef<HTMLInputElement>>('box');
  private readonly panel = viewChild(TestPanel);

  protected readonly moves = MOVES;
  protected readonly link = computed(() => this.open.link());
  protected readonly wiring = computed(() => this.open.wiring());
  protected readonly diagnosis = computed(() => this.open.diagnosis());
  protected readonly latest = computed(() => this.open.latest());
  protected readonly bench = computed(() => {
    const link = this.link();
    return link ? benchOf(link, this.open.job()) : null;
  });
  protected readonly testers = computed(() => {
    const wiring = this.wiring();
    return wiring ? testersFor(wiring) : [];
  });
  private readonly hand = inject(TesterInHand);
  private readonly ownTesters = inject(OwnTesters).all;
  protected readonly choices = computed((): Choice<string>[] => [
    ...this.testers().map(({ id, short }) => ({ id, name: short })),
    ...this.ownTesters(),
  ]);
  /** Whether another tester is asked for than the one that was used so far. */
  private readonly another = linkedSignal({ source: this.open.id, computation: () => false });
  /** What a person has said to hold, where it can be put to this link; else empty. */
  protected readonly inHand = computed(() => {
    const id = this.another() ? '' : this.hand.id();
    return this.choices().some((choice) => choice.id === id) ? id : '';
  });
  /** One of the firm's own, while it is in hand. */
  protected readonly own = computed(
    () => this.ownTesters().find(({ id }) => id === this.inHand()) ?? null,
  );
  protected readonly tester = computed(() => {
    const id = this.inHand();
    return isTester(id) ? id : 'identifying-remote';
  });
  protected readonly row = computed(() => tester(this.tester()));
  protected readonly isMap = computed(() => this.own() === null && isMapTester(this.tester()));
  protected readonly canBeMoved = computed(() => canMove({ tester: this.tester() }));
  protected readonly seesPairing = computed(() => !this.row().blindTo.includes('split-pair'));
  /** Before it is put on. */
  protected readonly caution = computed(() =>
    this.own() === null ? this.row().caution : tester('sequential-lamps').caution,
  );
  /** What a tester that scans can't promise of a cable that is moved. */
  protected readonly byChance = computed(() =>
    this.moved() !== null && this.own() === null && this.row().shows === 'by-scan'
      ? 'This tester goes from contact to contact: what opens only now and then it shows by chance. Move the cable through several scans, or take a tester with a lamp for each pair.'
      : '',
  );
  protected readonly moved = linkedSignal<string, Place | null>({
    source: this.open.id,
    computation: () => null,
  });
  protected readonly say = computed(() => this.open.tell().pages.verify);
  /** The last result is shown until a new reading is begun; what is outdated asks for a new one. */
  protected readonly entering = linkedSignal(() => {
    const state = this.link()?.state;
    return this.tests.none() || state === 'remade' || state === 'half-made';
  });
  protected readonly note = linkedSignal({ source: this.open.id, computation: () => '' });
  protected readonly touched = computed(() =>
    this.isMap() ? this.map.drawn() : (this.panel()?.seen().length ?? 0) > 0,
  );
  protected readonly judging = signal(false);
  protected readonly oneKey = computed(() => this.isMap() || this.panel()?.goodByOneKey() === true);
  /** Why nothing can be kept now; empty where it can. */
  protected readonly off = computed(() => {
    const problem = this.isMap() ? this.map.typo() : (this.panel()?.problem() ?? '');
    const say = this.say();
    if (problem) return say.notRead(problem);
    if (this.touched()) return '';
    return this.oneKey() ? say.allGood(keyName('pass')) : say.nothingYet;
  });
  private readonly ready = computed(
    () => this.inHand() !== '' && !this.judging() && this.off() === '',
  );

  protected readonly told = computed(() => {
    const diagnosis = this.diagnosis();
    const link = this.link();
    const say = this.say();
    const entering = this.entering() || !link || (!diagnosis && !this.tests.newest());
    if (entering && this.inHand() === '')
      return {
        sentence: say.chooseTester,
        why: say.chooseWhy,
        action: '',
      };
    if (entering)
      return this.touched()
        ? {
            sentence: say.keepIf,
            why: say.keepWhy,
            action: say.keep,
          }
        : {
            sentence: say.testAndEnter,
            why: this.row().isOnLive ? say.liveStaysOn : say.nothingFeeds,
            action: say.keep,
          };
    return verdictSentence(
      link,
      this.tests.newest(),
      diagnosis,
      this.map.pairs().length > 0,
      this.open.next()?.sentence ?? '',
      say,
    );
  });

  constructor() {
    effect(() => {
      const entering = this.entering();
      const drawn = this.isMap() && this.map.drawn() ? this.map.nets() : null;
      this.open.layer.set({
        kind: 'wires',
        // A link that other tests alone were made of has no map to draw.
        nets: entering ? drawn : (this.latest()?.nets ?? null),
      });
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'pass', what: 'All as on a good link', run: () => this.sayGood() },
      { does: 'write', what: 'Type what was shown', run: () => this.typeMap() },
      { does: 'new', what: 'New reading', run: () => this.begin() },
    );
  }

  protected act(): void {
    const state = this.link()?.state;
    if (this.entering()) this.keep();
    else if (state === 'pass') void this.go('record');
    else {
      this.begin();
      this.another.set(state === 'unproven');
    }
  }

  /** A class, or one of the firm's own by its id. */
  protected choose(id: string): void {
    this.hand.choose(id);
    this.another.set(false);
  }

  protected begin(): void {
    this.clear();
    this.entering.set(true);
  }

  protected cancel(): void {
    this.clear();
    this.another.set(false);
    this.entering.set(this.tests.none());
  }

  protected keep(): void {
    if (!this.ready()) return;
    const moved = this.moved();
    const id = this.tester();
    if (!this.isMap() || !isMapTester(id)) void this.keepTests(this.panel()?.seen() ?? []);
    else if (moved !== null) {
      const splitPairs = this.seesPairing() ? this.map.splitPairs() : null;
      const shown = { method: 'nets', nets: this.map.nets(), splitPairs } as const;
      void this.keepTests([{ trial: { tester: id, moved }, shown }]);
    } else this.keepMap(id);
  }

  /** Fills a good link in; keeping it is another key. */
  private sayGood(): void {
    if (this.entering()) {
      this.fillGood();
      return;
    }
    this.begin();
    afterNextRender(() => this.fillGood(), { injector: this.injector });
  }

  protected fillGood(): void {
    if (this.inHand() === '') return;
    if (this.isMap()) this.map.fillGood();
    else this.panel()?.fillGood();
  }

  protected remake(end: End): void {
    const link = this.link();
    if (!link) return;
    this.deeds.beginAgain(link, end, this.open.facts().ticks, 'test');
    void this.go('terminate');
  }

  private keepMap(id: MapTesterId): void {
    const link = this.link();
    if (!link) return;
    const shown = {
      tester: id,
      nets: this.map.nets(),
      splitPairs: this.seesPairing() ? this.map.splitPairs() : [],
    };
    const [note, back] = [this.note(), this.map.remember()];
    const entry = this.deeds.read(link, shown, note.trim(), this.map.entered());
    this.done([entry], `Reading of ${link.label} kept.`, () => {
      back();
      this.note.set(note);
    });
  }

  /** Each use of a tester is a fact of its own, judged beside the page. */
  private async keepTests(seen: readonly Seen[]): Promise<void> {
    const [link, bench] = [this.link(), this.bench()];
    if (!link || !bench || seen.length === 0) return;
    const note = this.note().trim();
    const entered = this.isMap() ? this.map.entered() : (this.panel()?.entered() ?? 'by-hand');
    this.judging.set(true);
    const judged = await this.workbench
      .ask('judge', { seen, bench })
      .catch(() => seen.map((row) => judgeTest(row, bench)));
    this.judging.set(false);
    const entries = seen.map(({ trial, shown }, index) => {
      const { verdict = 'part', missed = [], summary = NOTHING } = judged[index] ?? {};
      const reading = testReading.parse(readingOf(trial, shown));
      return this.deeds.test(link, {
        reading,
        verdict,
        missed: [...missed],
        summary: this.open.tell()(summary),
        note,
        entered,
      });
    });
    // Another link may have been opened meanwhile: what is begun there stays.
    if (this.open.id() === link.id)
      this.done(entries, `Test of ${link.label} kept.`, () => this.note.set(note));
  }

  private done(entries: readonly Entry[], told: string, back: () => void): void {
    this.clear();
    this.entering.set(false);
    this.snack
      .open(told, 'Undo', { duration: UNDO_MS - 300 })
      .onAction()
      .subscribe(() => {
        const left = entries.filter((entry) => !this.deeds.takeBack(entry));
        if (left.length > 0)
          this.snack.open('It was sent before it could be taken back. Keep a new one.', '', {
            duration: UNDO_MS,
          });
        back();
        this.entering.set(true);
      });
  }

  private typeMap(): void {
    const focus = () => {
      this.box()?.nativeElement.focus();
      this.panel()?.focus();
    };
    if (this.entering()) focus();
    else {
      this.begin();
      afterNextRender(focus, { injector: this.injector });
    }
  }

  private clear(): void {
    this.map.clear();
    this.note.set('');
    this.panel()?.clear();
  }

  private go(path: string): Promise<boolean> {
    const link = this.link();
    return this.router.navigate(['/sites', link?.siteId, 'links', link?.id, path]);
  }
}
