import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { SUBJECTS, type Decided, type Decision, type Subject } from '@near-spoke/core/map';
import { isOneOf, kept } from '../shell/kept';
import { OneOf } from '../shell/one-of';
import { Shortcuts } from '../shell/shortcuts';
import { OpenAdapter } from './open-adapter';
import { parseTies, writeTies } from './ties-text';
import { ProbeFigure } from './probe-figure';
import { TwoFaces } from './two-faces';
import { KeyOf } from '../shell/key-of';

const SUBJECT_NAMES = [
  { id: 'contacts', name: 'The finished lead' },
  { id: 'cores', name: 'Bare cores by colour' },
] as const;
const WAYS = [
  { id: 'in-reach', name: 'Both ends in reach' },
  { id: 'walk', name: 'Ends far apart' },
] as const;

/** Which core is which: the next contact to touch, or two walks between the ends. */
@Component({
  selector: 'ns-buzz-view',
  imports: [
    KeyOf,
    OneOf,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    ProbeFigure,
    TwoFaces,
  ],
  templateUrl: './buzz-view.html',
  styleUrl: './buzz-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BuzzView {
  protected readonly open = inject(OpenAdapter);
  protected readonly subjects = SUBJECT_NAMES;
  protected readonly ways = WAYS;
  protected readonly subject = kept<Subject>('buzz.subject', 'contacts', isOneOf(...SUBJECTS));
  protected readonly way = kept<'in-reach' | 'walk'>(
    'buzz.way',
    'in-reach',
    isOneOf('in-reach', 'walk'),
  );
  protected readonly buzz = computed(() => this.open.standing()?.buzz[this.subject()]);
  protected readonly probe = computed(() => {
    const next = this.buzz()?.buzzed.next;
    if (!next) return null;
    return next.kind === 'pair'
      ? { near: next.near, far: next.far, ask: 'Touch near and far.' }
      : {
          near: next.near,
          far: next.others.join(' '),
          ask: 'Hold the others together at the near end, and touch them all.',
        };
  });
  protected readonly touched = computed(() => {
    const next = this.buzz()?.buzzed.next;
    if (!next) return { near: [], far: [] };
    return next.kind === 'pair'
      ? { near: [next.near], far: [next.far] }
      : { near: [next.near, ...next.others], far: [] };
  });
  protected readonly bundle = computed(() => this.buzz()?.buzzed.next?.kind === 'bundle');
  protected readonly left = computed(() => {
    const left = Math.ceil(this.buzz()?.buzzed.left ?? 0);
    return left === 1 ? 'one probe left' : `about ${left} probes left`;
  });
  protected readonly stage = computed(
    () =>
      ({
        identify: 'Finding which core is which',
        confirm: 'Proving what was only concluded',
        isolate: 'Proving that nothing touches',
        done: 'Every core is known, and none touches another',
      })[this.buzz()?.buzzed.stage ?? 'done'],
  );

  /** Cores have no numbers of their own: they are counted as they stand in the list. */
  protected readonly numbered = computed(() => {
    const task = this.buzz()?.task;
    const tag = (names: readonly string[]) =>
      names.map((name, index) => ({ number: index + 1, name }));
    return { near: tag(task?.near ?? []), far: tag(task?.far ?? []) };
  });
  protected readonly nearTies = computed(() => {
    const plan = this.buzz()?.walkPlan;
    return (plan?.nearTies ?? []).map((group) => this.named('near', group));
  });
  protected readonly farTies = computed(() =>
    (this.buzz()?.walked.farTies ?? []).map((group) => this.named('far', group)),
  );
  protected readonly typed = signal('');
  protected readonly problem = signal('');
  protected readonly notes = signal<Readonly<Record<string, string>>>({});

  constructor() {
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'beeps', run: () => this.answer(true) },
      { does: 'silent', run: () => this.answer(false) },
      { does: 'undo', what: 'Take the last probe back', run: () => this.undo() },
    );
  }

  protected answer(beep: boolean): void {
    const next = this.buzz()?.buzzed.next;
    if (!next || this.way() !== 'in-reach') return;
    const probe =
      next.kind === 'pair' ? { ...next, beep } : { ...next, others: [...next.others], beep };
    this.open.measure({ kind: 'probe', subject: this.subject(), probe });
  }

  protected undo(): void {
    this.open.undoMeasurement('probe', 'walk', 'restart', 'difference');
  }

  protected keepWalk(): void {
    const buzz = this.buzz();
    if (!buzz) return;
    const atFar = buzz.walked.next !== 'read-near';
    const names = atFar ? buzz.task.far : buzz.task.near;
    const parsed = parseTies(this.typed(), names.slice(0, buzz.task.near.length));
    if (!parsed.ok) {
      this.problem.set(parsed.reason);
      return;
    }
    const ties = parsed.ties.map((group) => [...group]);
    const before = this.readAtFar();
    this.open.measure({
      kind: 'walk',
      subject: this.subject(),
      far: atFar ? ties : before,
      near: atFar ? null : ties,
    });
    this.typed.set('');
    this.problem.set('');
  }

  protected restart(): void {
    this.open.measure({ kind: 'restart', subject: this.subject() });
  }

  protected decide({ id }: Decided, decision: Decision): void {
    const note = (this.notes()[id] ?? '').trim();
    this.open.measure({ kind: 'difference', differenceId: id, decision, note });
  }

  protected note(id: string, text: string): void {
    this.notes.update((all) => ({ ...all, [id]: text }));
  }

  protected takeColours(): void {
    const labels = this.buzz()?.labels ?? [];
    this.open.setOptions({ measured: labels.map(({ near, far }) => ({ near, far })) });
  }

  /** What was read at the far end before. */
  private readAtFar(): readonly (readonly number[])[] {
    const walk = this.open
      .facts()
      .findLast(({ deed }) => deed.kind === 'walk' && deed.subject === this.subject());
    return walk?.deed.kind === 'walk' ? walk.deed.far : [];
  }

  private named(end: 'near' | 'far', group: readonly number[]): string {
    return writeTies(
      [group],
      this.numbered()[end].map(({ name }) => name),
    );
  }
}
