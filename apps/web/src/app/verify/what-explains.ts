import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import type { LinkSummary } from '@near-spoke/contract';
import {
  happened,
  happenedOf,
  readingOf,
  testReading,
  type Happening,
} from '@near-spoke/contract/tests';
import type { Job } from '@near-spoke/core/link';
import { capital, lower } from '@near-spoke/core/units';
import { TESTERS, verifyMessage, type Done, type TesterId } from '@near-spoke/core/verify';
import {
  PLAIN_CONDITIONS,
  benchOf,
  doneText,
  isDone,
  madeWith,
  observe,
  orderOf,
  priorOf,
  testersFor,
  wordsOf,
  type Happened,
  type Outcome,
  type Report,
} from '@near-spoke/core/verify/explain';
import { told } from '@near-spoke/words';
import { isOneOf, kept } from '../shell/kept';
import { ANSWER_KEYS, keyName, type KeyId } from '../shell/keys';
import { OneOf } from '../shell/one-of';
import { Shortcuts } from '../shell/shortcuts';
import { Explainer } from './explainer';
import { FirmExperience } from './firm-experience';
import { Workbench } from './workbench';
import { Reads } from '../shell/reads';
import { typedNumber } from '../shell/typed-number';
import { KeyOf } from '../shell/key-of';
import { Words } from '../words/words';

const STANDS = ['near', 'far'] as const;
/** A beep has its keys everywhere; other answers have theirs by their order. */
const OUTCOME_KEYS = ['beeps', 'silent', ...ANSWER_KEYS] as const;
const keyOf = ({ shown }: Outcome, index: number): KeyId | null =>
  shown.method === 'beep' ? (shown.beeps ? 'beeps' : 'silent') : (ANSWER_KEYS[index] ?? null);
const MOST_ROWS = 4;
const isHappenings = (stored: unknown): stored is Happening[] =>
  happened.array().max(60).safeParse(stored).success;
/** What can be done beside what is advised. */
const DEEDS: readonly Done[] = (
  [
    ['remade', 'near'],
    ['remade', 'far'],
    ['reseated', 'near'],
    ['reseated', 'far'],
    ['looked', 'near'],
    ['looked', 'far'],
    ['replaced', 'cable'],
  ] as const
).map(([action, end]) => ({ action, end, contacts: [] }));
const isTesters = (stored: unknown): stored is TesterId[] =>
  Array.isArray(stored) && stored.every((id) => TESTERS.some((row) => row.id === id));
const isMinutes = (stored: unknown): stored is number =>
  typeof stored === 'number' && stored >= 0 && stored <= 600;

/** Every account of a reading by its likelihood, and the test or the repair that is worth most now. */
@Component({
  selector: 'ns-what-explains',
  imports: [
    KeyOf,
    OneOf,
    MatButtonModule,
    MatButtonToggleModule,
    MatFormFieldModule,
    MatInputModule,
    Reads,
  ],
  providers: [Explainer, Workbench],
  templateUrl: './what-explains.html',
  styleUrl: './what-explains.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhatExplains {
  readonly link = input.required<LinkSummary>();
  readonly job = input.required<Job>();
  /** What happened to the link by what was kept of it. */
  readonly kept = input.required<readonly Happened[]>();
  /** Under which answers given here are kept; they belong to what was kept then. */
  readonly after = input.required<string>();

  private readonly explainer = inject(Explainer);
  private readonly words = inject(Words);
  private readonly tell = computed(() => this.words.in('metric'));
  protected readonly say = computed(() => this.tell().pages.verify);
  private readonly found = this.explainer.report;
  protected readonly report = computed(() => told(this.found(), this.tell()));
  protected readonly failed = this.explainer.failed;
  protected readonly choices = computed(() =>
    testersFor(this.bench().wiring).map(({ id }) => ({
      id,
      name: this.tell()(verifyMessage('tester-short', { tester: id })),
    })),
  );
  protected readonly atHand = kept<TesterId[]>(
    'testers.at-hand',
    [...PLAIN_CONDITIONS.testers],
    isTesters,
  );
  protected readonly stands = computed(() =>
    STANDS.map((id) => ({ id, name: this.say().stand[id] })),
  );
  protected readonly keyName = keyName;
  protected readonly walkMinutes = kept('walk.minutes', PLAIN_CONDITIONS.walkMinutes, isMinutes);
  protected readonly at = kept<'near' | 'far'>('stands.at', 'near', isOneOf('near', 'far'));
  /** What was seen since, kept with the reading that it follows. */
  private readonly since = computed(() =>
    kept<Happening[]>(`seen-since.${this.after()}`, [], isHappenings),
  );
  /** Of the firm; what explains a reading waits for it. */
  private readonly experience = inject(FirmExperience).seen;
  private readonly bench = computed(() => benchOf(this.link(), this.job()));
  private readonly history = computed((): Happened[] => [
    ...this.kept(),
    ...this.since()().flatMap(happenedOf),
  ]);
  protected readonly deeds = computed(() =>
    DEEDS.map((deed) => ({ deed, words: this.tell()(doneText(deed)) })),
  );

  protected readonly rows = computed(() =>
    told(likely(this.found()?.explanations ?? []), this.tell()).map(
      ({ probability, faults }, key) => ({
        key,
        percent: Math.round(probability * 100),
        told: `${Math.round(probability * 100)} %`,
        faults: faults.map(({ sentence, places }) => ({
          sentence,
          places:
            places.length > 1
              ? places
                  .map(({ at, share }) => `${this.say().places[at]} ${Math.round(share * 100)} %`)
                  .join(', ')
              : places.map(({ at }) => this.say().atPlaces[at]).join(''),
        })),
      }),
    ),
  );
  protected readonly more = computed(() => {
    const report = this.report();
    const rest = (report?.count ?? 0) - this.rows().length;
    if (!report || rest <= 0) return '';
    return this.say().lessLikely(rest, report.upTo, this.experience()?.links ?? 0);
  });
  protected readonly outcomes = computed(() =>
    (this.found()?.next?.outcomes ?? [])
      .filter(({ share }, index) => index < 2 || share >= 0.002)
      .map((outcome, index) => ({
        outcome,
        does: keyOf(outcome, index),
        words: capital(this.tell()(outcome.words)),
      })),
  );
  protected readonly answered = computed(() => {
    const [bench, tell] = [this.bench(), this.tell()];
    const good = madeWith(bench.wiring, []);
    return this.since()()
      .flatMap(happenedOf)
      .map((row) =>
        isDone(row)
          ? `${tell(doneText(row.done))}.`
          : `${tell(orderOf(row.trial))}: ${lower(tell(wordsOf(row.shown, observe(row.trial, good, bench), bench.wiring)))}.`,
      );
  });
  /** What the repair that is advised comes to, once it is done. */
  protected readonly advised = computed((): readonly Done[] => {
    const places = this.report()?.repair?.places ?? [];
    return places.includes('cable')
      ? [{ action: 'replaced', end: 'cable', contacts: [] }]
      : places.map((end) => ({ action: 'remade', end, contacts: [] }));
  });
  protected readonly advisedText = computed(() =>
    this.advised()
      .map((done) => this.tell()(doneText(done)))
      .join(', '),
  );
  protected readonly proof = computed(() => {
    const repair = this.report()?.repair;
    if (!repair || repair.places.length === 0) return '';
    return repair.provenBy
      ? this.say().proveIt(this.tell()(verifyMessage('tester-name', { tester: repair.provenBy })))
      : this.say().noProof;
  });

  constructor() {
    effect(() => {
      const experience = this.experience();
      if (!experience) return;
      const bench = this.bench();
      const usable = testersFor(bench.wiring).map(({ id }) => id);
      const history = this.history();
      const used = new Set<string>(history.flatMap((row) => (isDone(row) ? [] : row.trial.tester)));
      const question = {
        history,
        bench,
        options: {
          prior: priorOf(experience),
          conditions: {
            ...PLAIN_CONDITIONS,
            // What was tested with is at hand, whatever else is.
            testers: usable.filter((id) => this.atHand().includes(id) || used.has(id)),
            walkMinutes: this.walkMinutes(),
            at: this.at(),
          },
          upTo: 3,
        },
      };
      untracked(() => this.explainer.ask(question));
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      ...OUTCOME_KEYS.map((does) => ({
        does,
        works: () => this.outcomes().some((row) => row.does === does),
        run: () => {
          const row = this.outcomes().find((other) => other.does === does);
          if (row) this.answer(row.outcome);
        },
      })),
      {
        does: 'mended',
        what: this.say().mended,
        run: () => this.do(this.advised()),
      },
      { does: 'undo', what: this.say().lastAnswer, run: () => this.undo() },
    );
  }

  protected answer({ shown }: Outcome): void {
    const trial = this.found()?.next?.trial;
    if (!trial) return;
    const told = testReading.safeParse(readingOf(trial, shown));
    if (told.success) this.since().update((list) => [...list, told.data]);
  }

  protected do(done: readonly Done[]): void {
    if (done.length === 0) return;
    const row: Happening = { done: done.map((one) => ({ ...one, contacts: [...one.contacts] })) };
    this.since().update((list) => [...list, row]);
  }

  protected undo(): void {
    this.since().update((list) => list.slice(0, -1));
  }

  protected setWalk(text: string): void {
    const minutes = typedNumber(text, 'min');
    if (minutes !== null && isMinutes(minutes)) this.walkMinutes.set(minutes);
  }
}

/** The likeliest account, and others that are worth a thought. */
const likely = (rows: Report['explanations']): Report['explanations'] =>
  rows.slice(0, MOST_ROWS).filter(({ probability }, index) => index === 0 || probability >= 0.01);
