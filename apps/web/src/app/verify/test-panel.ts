import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  linkedSignal,
  viewChild,
} from '@angular/core';
import type { Place, TesterId } from '@near-spoke/core/verify';
import type { Bench, Seen } from '@near-spoke/core/verify/explain';
import {
  darkSteps,
  entryForm,
  canMove,
  lampFace,
  ownFace,
  type CircuitStep,
  type LampStep,
} from '@near-spoke/core/verify/entry';
import type { Entered } from '@near-spoke/core/record';
import type { UnitSystem } from '@near-spoke/core/units';
import { ALIKE } from '../shell/alike';
import { LampEntry } from './entry/lamp-entry';
import { LineEntry } from './entry/line-entry';

/** What any tester but a wire-map tester showed. */
@Component({
  selector: 'ns-test-panel',
  imports: [LampEntry, LineEntry],
  template: `
    @if (face(); as face) {
      @if (bench(); as bench) {
        <ns-lamp-entry
          [face]="face"
          [bench]="bench"
          [steps]="steps()"
          [given]="handled()"
          (stepsChange)="set($event)"
        />
      }
    } @else if (form(); as form) {
      <ns-line-entry [form]="form" [texts]="texts()" (textsChange)="write($event)" />
    }
  `,
  styles: ':host { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TestPanel {
  /** Null only until the page has told it: who asks meanwhile is answered as with nothing entered. */
  readonly tester = input<TesterId | null>(null);
  readonly bench = input<Bench | null>(null);
  /** The circuit of a tester of one's own, in place of a class. */
  readonly own = input<readonly CircuitStep[] | null>(null);
  readonly lengthM = input<number | null>(null);
  readonly units = input<UnitSystem>('metric');
  readonly moved = input<Place | null>(null);
  private readonly lamps = viewChild(LampEntry);
  private readonly of = computed(() => {
    const [id, bench] = [this.tester(), this.bench()];
    return id && bench ? { id, bench } : null;
  });
  /** The same face again, when the link is read anew, loses nothing that was entered on it. */
  protected readonly face = computed(() => {
    const [of, own] = [this.of(), this.own()];
    if (of && own) return ownFace(own, of.bench, this.moved());
    return of ? lampFace(of.id, of.bench, this.moved()) : null;
  }, ALIKE);
  protected readonly form = computed(() => {
    const of = this.of();
    return of && !this.own()
      ? entryForm(of.id, { bench: of.bench, lengthM: this.lengthM(), units: this.units() })
      : null;
  });
  protected readonly steps = linkedSignal<readonly LampStep[]>(() => this.dark());
  protected readonly texts = linkedSignal<unknown, readonly string[]>({
    source: this.of,
    computation: () => [],
  });
  protected readonly handled = linkedSignal({ source: this.face, computation: () => false });
  private readonly byOneKey = linkedSignal<unknown, boolean>({
    source: this.of,
    computation: () => false,
  });
  readonly entered = computed((): Entered => (this.byOneKey() ? 'one-key' : 'by-hand'));
  /** Why what is typed can't be read; empty where it can. */
  readonly problem = computed(() => {
    if (this.face()) return this.lamps()?.typo() ?? '';
    const read = this.form()?.read(this.texts());
    return read && !read.ok ? read.reason : '';
  });
  /** Whether one key may say that all is good. */
  readonly goodByOneKey = computed(
    () => this.face() !== null || this.form()?.goodByOneKey === true,
  );
  /** What was entered so far; empty while something can't be read. */
  readonly seen = computed((): readonly Seen[] => {
    const face = this.face();
    if (face)
      return this.handled()
        ? [{ trial: face.trial, shown: { method: 'lamps', steps: this.steps() } }]
        : [];
    const read = this.form()?.read(this.texts());
    return read?.ok
      ? read.seen.map(({ trial, shown }) => ({
          trial: canMove(trial) ? { ...trial, moved: this.moved() } : trial,
          shown,
        }))
      : [];
  });

  fillGood(): void {
    if (!this.goodByOneKey()) return;
    this.texts.set(this.form()?.rows.map(({ good }) => good) ?? []);
    this.steps.set(this.face()?.good ?? []);
    this.handled.set(this.face() !== null);
    this.byOneKey.set(true);
  }

  clear(): void {
    this.texts.set([]);
    this.steps.set(this.dark());
    this.handled.set(false);
    this.byOneKey.set(false);
  }

  focus(): void {
    this.lamps()?.focus();
  }

  protected set(steps: readonly LampStep[]): void {
    this.steps.set(steps);
    this.handled.set(true);
    this.byOneKey.set(false);
  }

  protected write(texts: readonly string[]): void {
    this.texts.set(texts);
    this.byOneKey.set(false);
  }

  private dark(): readonly LampStep[] {
    const face = this.face();
    return face ? darkSteps(face) : [];
  }
}
