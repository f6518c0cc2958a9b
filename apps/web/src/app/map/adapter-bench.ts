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
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router, RouterLink } from '@angular/router';
import { ENDS } from '@near-spoke/core/link';
import { parseNets, runsOnCells } from '@near-spoke/core/map';
import { formatLength } from '@near-spoke/core/units';
import { isOneOf, kept } from '../shell/kept';
import { NextThing } from '../shell/next-thing';
import { keyName } from '../shell/keys';
import { Shortcuts } from '../shell/shortcuts';
import { BuzzView } from './buzz-view';
import { OpenAdapter } from './open-adapter';
import { TestView } from './test-view';
import { WiringView } from './wiring-view';

const VIEWS = [
  { id: 'wiring', name: 'Wiring', does: 'go-6' },
  { id: 'buzz', name: 'Buzz out', does: 'go-7' },
  { id: 'test', name: 'Measure', does: 'go-8' },
] as const;
type View = (typeof VIEWS)[number]['id'];

/** An adapter on the bench: what joins what, which core is which, what to measure. */
@Component({
  selector: 'ns-adapter-bench',
  imports: [
    BuzzView,
    MatButtonModule,
    MatIcon,
    MatMenuModule,
    MatProgressBar,
    NextThing,
    RouterLink,
    TestView,
    WiringView,
  ],
  templateUrl: './adapter-bench.html',
  styleUrl: './adapter-bench.scss',
  providers: [OpenAdapter],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AdapterBench {
  readonly siteId = input.required<string>();
  readonly adapterId = input.required<string>();
  /** The part of the work that an address names. */
  readonly asked = input<string | undefined>();

  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  protected readonly open = inject(OpenAdapter);
  protected readonly views = VIEWS;
  protected readonly keyName = keyName;
  protected readonly view = kept<View>(
    'adapter.view',
    'wiring',
    isOneOf(...VIEWS.map((v) => v.id)),
  );
  protected readonly missing = computed(
    () => !this.open.adapter() && this.open.loading() === 'done',
  );
  protected readonly failed = computed(
    () => !this.open.adapter() && this.open.loading() === 'failed',
  );
  protected readonly path = computed(() => `/api/adapters/${this.adapterId()}`);

  protected readonly made = computed(() => {
    const task = this.open.solved()?.task;
    const length = task?.options.lengthM;
    return [
      task?.cable?.name ?? 'No cable yet',
      ...(length == null ? [] : [formatLength(length, this.open.units())]),
    ].join(', ');
  });

  /** Said where a device runs on cells: on the bench nothing else limits what they give. */
  protected readonly cells = computed(() => {
    const task = this.open.solved()?.task;
    const named = task ? ENDS.map((end) => task[end]).filter(runsOnCells) : [];
    return named.length === 0
      ? ''
      : `${named.map(({ name }) => name).join(' and ')}: cells without a fuse feed a short until something burns. Take them out while you solder and measure, and put a fuse in the lead that they feed.`;
  });

  protected readonly told = computed(() => {
    const [solved, standing] = [this.open.solved(), this.open.standing()];
    if (!solved || !standing) return null;
    const wiring = this.view() === 'wiring';
    const { questions, findings, task } = solved;
    if (questions.length > 0)
      return {
        sentence:
          questions.length === 1 ? 'Answer one question.' : `Answer ${questions.length} questions.`,
        why: wiring
          ? 'The names do not decide it, so it stays open until you do.'
          : (questions[0]?.sentence ?? ''),
        action: wiring ? '' : 'Show the question',
        run: () => this.view.set('wiring'),
      };
    const stop = findings.find(({ severity }) => severity === 'stop');
    if (stop)
      return {
        sentence: stop.sentence,
        why: stop.remedy ?? '',
        action: 'Change cable or devices',
        run: () => this.edit(),
      };
    if (task.cable === null)
      return {
        sentence: 'Choose the cable.',
        why: 'Until then nothing is said about cores, volts lost on the way, or the shield.',
        action: 'Choose it',
        run: () => this.edit(),
      };
    const { tests, buzz } = standing;
    const undecided = buzz.contacts.differences.filter(({ decision }) => decision === null);
    if (undecided[0])
      return {
        sentence: undecided[0].sentence,
        why: 'Accept it with a note, or correct it.',
        action: this.view() === 'buzz' ? '' : 'Show it',
        run: () => this.view.set('buzz'),
      };
    if (tests.shellMayClose)
      return {
        sentence: 'The shell may be closed. Print the card.',
        why: 'Every measurement passed.',
        action: 'Open the card',
        run: () => void window.open(`${this.path()}/card.pdf`, '_blank', 'noopener'),
      };
    const passed = tests.steps.filter(({ state }) => state === 'passed').length;
    return {
      sentence:
        passed === 0
          ? 'Make it by this table, then measure it.'
          : `${passed} of ${tests.steps.length} measurements passed. The shell stays open.`,
      why:
        this.view() === 'test'
          ? ''
          : passed === 0
            ? 'The shell stays open until every measurement has passed.'
            : tests.sentence,
      action: this.view() === 'test' ? '' : passed === 0 ? 'Measure it' : 'Go on measuring',
      run: () => this.view.set('test'),
    };
  });

  constructor() {
    effect(() => {
      const id = this.adapterId();
      untracked(() => this.open.open(id));
    });
    effect(() => {
      const asked = VIEWS.find(({ id }) => id === this.asked());
      if (asked) untracked(() => this.view.set(asked.id));
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      ...VIEWS.map(({ id, does }) => ({ does, run: () => this.view.set(id) })),
    );
  }

  /** A table as CSV: its joins become joins by hand. */
  protected async read(files: FileList | null): Promise<void> {
    const file = files?.[0];
    const task = this.open.solved()?.task;
    if (!file || !task) return;
    const parsed = parseNets(await file.slice(0, 200_000).text(), task);
    if (parsed.ok) this.open.setOptions({ joins: [...parsed.joins] });
    this.snack.open(
      parsed.ok
        ? `${file.name}: ${parsed.joins.length} joins taken. U takes them back.`
        : `${file.name}, line ${parsed.line}: ${parsed.reason}`,
      'Close',
      { duration: 10_000 },
    );
  }

  protected edit(): void {
    void this.router.navigate(['/sites', this.siteId(), 'adapters', this.adapterId(), 'edit']);
  }
}
