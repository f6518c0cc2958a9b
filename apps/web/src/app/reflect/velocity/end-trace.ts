import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import type { SeenFromEnd } from '@near-spoke/core/reflect/velocity';
import type { Told } from '@near-spoke/core/reflect/told';
import { OpenLink } from '../../link/open-link';
import { TRACE_FILES, TraceWork } from '../trace-work';

/** A trace from one end of the cable, explained: what it saw, without the place where it lies. */
@Component({
  selector: 'ns-end-trace',
  imports: [MatButtonModule, MatProgressBarModule],
  template: `
    <button mat-stroked-button type="button" (click)="picker.click()">{{ name() }}</button>
    <input
      #picker
      class="unseen"
      type="file"
      tabindex="-1"
      [attr.aria-label]="name()"
      [accept]="accept"
      (change)="take(picker.files?.[0]); picker.value = ''"
    />
    @if (work.progress() !== null) {
      <mat-progress-bar
        mode="determinate"
        [value]="100 * (work.progress() ?? 0)"
        aria-label="Done"
      />
      <button mat-button type="button" (click)="work.stop()">Stop</button>
    }
    <p class="quiet" role="status">{{ told() }}</p>
    @if (work.refused()) {
      <p class="problem" role="alert">{{ work.refused() }}</p>
    }
  `,
  styles: `
    mat-progress-bar {
      margin-top: 0.5rem;
    }
    .problem {
      color: var(--bad);
    }
  `,
  providers: [TraceWork],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EndTrace {
  readonly name = input.required<string>();
  /** What is told of the cable. */
  readonly known = input.required<Told>();
  readonly seen = output<readonly SeenFromEnd[]>();

  protected readonly accept = TRACE_FILES;
  private readonly open = inject(OpenLink);
  protected readonly work = inject(TraceWork);
  private readonly events = computed(() =>
    (this.work.explained()?.analysis.events ?? []).filter(({ kind }) => kind !== 'ghost'),
  );
  protected readonly told = computed(() => {
    const file = this.work.file()?.name ?? '';
    if (!this.work.explained()) return '';
    const count = this.events().length;
    return `${file}: ${count === 0 ? 'nothing comes back' : count === 1 ? 'one echo' : `${count} echoes`}.`;
  });

  constructor() {
    effect(() => {
      this.open.id();
      this.work.clear();
    });
    effect(() => this.seen.emit(this.events()));
  }

  protected async take(file: File | undefined): Promise<void> {
    const read = file ? await this.work.read(file) : null;
    if (!read) return;
    this.work.file.set(read);
    await this.work.explain(this.known());
  }
}
