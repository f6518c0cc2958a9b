import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { DatePipe } from '@angular/common';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSlideToggleModule } from '@angular/material/slide-toggle';
import { RouterLink } from '@angular/router';
import type { CordFact } from '@near-spoke/contract/cords';
import { instrumentEndpoints } from '@near-spoke/contract/instruments';
import { readingOf, seenOf, testReading } from '@near-spoke/contract/tests';
import { countCords, nextLabel } from '@near-spoke/core/record';
import { READABLE, tester } from '@near-spoke/core/verify';
import { compareTest, cordBenchOf } from '@near-spoke/core/verify/explain';
import { told } from '@near-spoke/words';
import { Store } from '@ngrx/store';
import { Deeds } from '../../shell/deeds';
import { InstrumentChoice } from '../../shell/instrument-choice';
import { isText, kept } from '../../shell/kept';
import { NextThing } from '../../shell/next-thing';
import { Shortcuts } from '../../shell/shortcuts';
import { Api, isRefusal } from '../../store/api/api';
import { cordsActions, cordsFeature } from '../../store/cords/cords';
import { factsActions, factsFeature, factsOf, loadingOf } from '../../store/facts/facts';
import { taken } from '../../store/facts/taken';
import { Instruments } from '../../store/instruments/instruments';
import { selectJob } from '../../store/job';
import { outboxActions, outboxFeature } from '../../store/outbox/outbox';
import { WouldPass } from '../would-pass';
import { hintFor, readCord } from './read-cord';
import { keyName } from '../../shell/keys';
import { KeyOf } from '../../shell/key-of';
import { Words } from '../../words/words';

const LISTED = 14;

/** One cord after the other: its label, one key where it is good, what was shown where it is not. */
@Component({
  selector: 'ns-cord-bench',
  imports: [
    KeyOf,
    DatePipe,
    InstrumentChoice,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSlideToggleModule,
    NextThing,
    RouterLink,
    WouldPass,
  ],
  templateUrl: './cord-bench.html',
  styleUrl: './cord-bench.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CordBench {
  readonly siteId = input.required<string>();
  readonly batchId = input.required<string>();

  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly api = inject(Api);
  private readonly labelBox = viewChild<ElementRef<HTMLInputElement>>('labelBox');
  private readonly shownBox = viewChild<ElementRef<HTMLInputElement>>('shownBox');
  private readonly resultArea = viewChild<ElementRef<HTMLElement>>('resultArea');
  private readonly job = this.store.selectSignal(selectJob);
  private readonly state = this.store.selectSignal(cordsFeature.selectCordsState);
  private readonly known = this.store.selectSignal(factsFeature.selectFactsState);
  private readonly batches = this.store.selectSignal(cordsFeature.selectShown);
  private readonly waiting = this.store.selectSignal(outboxFeature.selectWaiting);

  protected readonly loading = computed(() => this.state().loading);
  protected readonly factsRead = computed(
    () => this.facts().length > 0 || loadingOf(this.known(), this.batchId()) === 'done',
  );
  protected readonly failed = computed(
    () => loadingOf(this.known(), this.batchId()) === 'failed' && !this.factsRead(),
  );
  protected readonly batch = computed(() => this.batches().find(({ id }) => id === this.batchId()));
  protected readonly bench = computed(() => {
    const batch = this.batch();
    return batch ? cordBenchOf(batch.cord, this.job()) : null;
  });
  protected readonly row = computed(() => tester(this.batch()?.tester ?? 'pair-lamps'));
  private readonly facts = computed(() => factsOf(this.known(), this.batchId(), 'cord'));
  protected readonly count = computed(() => countCords(this.facts()));
  protected readonly unsent = computed(
    () =>
      this.waiting().filter(({ deed }) => deed.kind === 'fact' && deed.about.id === this.batchId())
        .length,
  );
  protected readonly recent = computed(() =>
    [...this.count().rows].sort((a, b) => b.at.localeCompare(a.at)).slice(0, LISTED),
  );
  protected readonly rate = computed(() => this.count().perMinute?.toFixed(1) ?? '–');

  private readonly instruments = inject(Instruments);
  /** A tester on the bench that can read as this batch's class; null where there is none. */
  protected readonly chosen = signal('');
  private readonly testers = this.instruments.of('tester');
  /** As what an instrument may read, where it can. */
  protected readonly readable = computed(() => READABLE.find((id) => id === this.row().id));
  protected readonly instrument = computed(() =>
    this.readable() ? (this.testers().find(({ id }) => id === this.chosen()) ?? null) : null,
  );
  protected readonly reading = signal(false);
  protected readonly refused = signal('');
  /** Whether the tester on the bench is read as soon as a label is in. */
  protected readonly automatic = kept<boolean>(
    'cords.automatic',
    false,
    (stored) => typeof stored === 'boolean',
  );

  private readonly last = computed(() => this.recent()[0]?.label ?? '');
  /** The label of the cord in hand, kept over a reload. */
  private readonly draft = computed(() => kept(`cord.label.${this.batchId()}`, '', isText));
  protected readonly label = computed(() => this.draft()());
  protected readonly step = linkedSignal<string, 'label' | 'result' | 'fault'>({
    source: this.batchId,
    computation: () => 'label',
  });
  protected readonly hint = computed(() => hintFor(this.row().id));
  protected readonly shown = linkedSignal({ source: this.label, computation: () => '' });
  private readonly read = computed(() => {
    const bench = this.bench();
    return bench ? readCord(this.shown(), this.row().id, bench) : null;
  });
  protected readonly problem = computed(() => {
    const read = this.read();
    return read && !read.ok ? read.reason : '';
  });
  private readonly words = inject(Words);
  private readonly compared = computed(() => {
    const [read, bench] = [this.read(), this.bench()];
    return read?.ok && read.seen && bench
      ? told(compareTest(read.seen, bench), this.words.in('metric'))
      : null;
  });
  protected readonly preview = computed(() => {
    const compared = this.compared();
    if (!compared) return '';
    return compared.good ? 'This is what a good cord shows: it is kept as good.' : compared.summary;
  });
  protected readonly before = computed(() =>
    this.count().rows.find(({ label }) => label === this.label().trim()),
  );
  protected readonly canUndo = computed(() => this.undoable() !== undefined);

  protected readonly told = computed(() => {
    const before = this.before();
    const again = before
      ? `${before.label} was ${before.verdict === 'pass' ? 'good' : 'faulty'} before; this result will count.`
      : '';
    const label = this.label().trim();
    if (this.step() === 'label')
      return {
        sentence: label ? `Take ${label}: is that its label?` : 'Scan or type the cord’s label.',
        why: again || 'Enter goes on. The next label is put in by itself.',
        action: '',
      };
    return {
      sentence: `Test ${label}.`,
      why: `${again} Good: ${keyName('pass')}. Faulty: ${keyName('fail')}. Another label: ${keyName('back')}.`.trim(),
      action: '',
    };
  });

  constructor() {
    effect(() => {
      this.store.dispatch(cordsActions.load({ siteId: this.siteId() }));
      this.store.dispatch(factsActions.load({ about: { of: 'batch', id: this.batchId() } }));
    });
    // The label after the last one, where none is in hand.
    effect(() => {
      const next = nextLabel(this.last());
      untracked(() => {
        if (this.label() === '' && next !== '') this.toLabel(next);
      });
    });
    // As soon as it is there.
    effect(() => {
      if (this.labelBox()) untracked(() => this.toLabel(this.label()));
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'pass', what: 'This cord is good', run: () => this.good() },
      { does: 'fail', what: 'This cord is faulty: enter what was shown', run: () => this.fault() },
      { does: 'read', what: 'Read the tester on the bench', run: () => this.readTester() },
      { does: 'undo', what: 'Take the last cord back', run: () => this.undo() },
      { does: 'back', what: 'Back to the label', run: () => this.back() },
    );
  }

  protected type(text: string): void {
    this.draft().set(text);
  }

  protected take(): void {
    if (this.label().trim() === '') return;
    this.step.set('result');
    this.resultArea()?.nativeElement.focus();
    if (this.automatic() && this.instrument()) this.readTester();
  }

  protected good(): void {
    if (this.step() === 'result') this.keep('pass', null, 'one-key');
  }

  protected fault(): void {
    if (this.step() === 'label') return;
    this.step.set('fault');
    this.shownBox()?.nativeElement.focus();
  }

  protected readTester(): void {
    const [instrument, bench, tester] = [this.instrument(), this.bench(), this.readable()];
    if (!instrument || !bench || !tester || this.step() !== 'result' || this.reading()) return;
    const label = this.label();
    this.reading.set(true);
    this.refused.set('');
    this.api.call(instrumentEndpoints.read, { id: instrument.id, body: { tester } }).subscribe({
      next: ({ reading }) => {
        this.reading.set(false);
        if (this.step() !== 'result' || this.label() !== label) return;
        const { good, summary } = told(
          compareTest(seenOf(reading), bench),
          this.words.in('metric'),
        );
        this.keep(good ? 'pass' : 'fail', reading, 'instrument', summary);
      },
      error: (error: unknown) => {
        this.reading.set(false);
        this.refused.set(
          (isRefusal(error) ? error.problem.detail : null) ?? 'The tester could not be read.',
        );
      },
    });
  }

  protected keepFault(): void {
    const read = this.read();
    if (!read?.ok || this.step() !== 'fault') return;
    const reading = read.seen
      ? testReading.parse(readingOf(read.seen.trial, read.seen.shown))
      : null;
    this.keep(this.compared()?.good === true ? 'pass' : 'fail', reading, 'by-hand');
  }

  protected back(): void {
    this.toLabel(this.label());
  }

  protected undo(): void {
    const last = this.undoable();
    if (!last) return;
    this.store.dispatch(outboxActions.release());
    const told = taken('cord', last, 'Taken back at the bench.');
    const about = { of: 'batch', id: this.batchId() } as const;
    this.deeds.takeFactBack(about, told, `Cord ${last.label} taken back`);
    this.toLabel(last.label);
  }

  /** The newest fact that still counts. */
  private undoable(): CordFact | undefined {
    return this.facts().at(-1);
  }

  private keep(
    verdict: 'pass' | 'fail',
    reading: CordFact['reading'],
    entered: CordFact['entered'],
    summary = this.compared()?.summary,
  ): void {
    const label = this.label().trim();
    this.deeds.cord(this.batchId(), {
      label,
      tester: this.row().id,
      verdict,
      reading,
      entered,
      summary: summary ?? (verdict === 'pass' ? 'As on a good cord.' : 'A fault, not described.'),
    });
    this.shown.set('');
    this.toLabel(nextLabel(label));
  }

  /** At once, so that a scanner's first sign is not lost: the box does not wait to be drawn anew. */
  private toLabel(label: string): void {
    this.draft().set(label);
    this.step.set('label');
    const box = this.labelBox()?.nativeElement;
    if (!box) return;
    box.readOnly = false;
    box.value = label;
    box.focus();
    box.select();
  }
}
