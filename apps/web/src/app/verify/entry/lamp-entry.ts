import {
  ChangeDetectionStrategy,
  Component,
  type ElementRef,
  computed,
  input,
  linkedSignal,
  model,
  viewChild,
} from '@angular/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import type { Bench } from '@near-spoke/core/verify/explain';
import {
  lightOf,
  parseLamps,
  turnLamp,
  type LampFace,
  type LampStep,
} from '@near-spoke/core/verify/entry';

const MARK = { lit: '●', dim: '◐', dark: '○', unsaid: '·' } as const;

/** The lamps of a tester, to be set as they were seen: by touch, or typed. */
@Component({
  selector: 'ns-lamp-entry',
  imports: [MatFormFieldModule, MatInputModule],
  template: `
    <div class="lamps" role="group" [attr.aria-label]="'Lamps as seen'">
      @for (row of rows(); track row.name) {
        <div class="step" [class.alone]="rows().length === 1">
          @if (rows().length > 1) {
            <span class="mono name">{{ row.name }}</span>
          }
          @for (lamp of row.lamps; track lamp.name) {
            <button
              type="button"
              [class]="lamp.light"
              [class.odd]="given() && lamp.light !== lamp.good"
              [attr.aria-label]="
                (rows().length > 1 ? 'Step ' + row.name + ', ' : '') +
                lamp.name +
                ': ' +
                (given() ? lamp.light : 'not entered')
              "
              (click)="turn(row.index, lamp.name)"
            >
              <span aria-hidden="true">{{ lamp.mark }}</span>
              <span class="mono short" aria-hidden="true">{{ lamp.short }}</span>
            </button>
          }
        </div>
      }
    </div>
    <p class="quiet">
      @if (given()) {
        Touch a lamp: lit ●, dim ◐, dark ○. Ringed: not as on a good link.
      } @else {
        Nothing is entered yet. Touch each lamp that lights; those that you leave are dark.
      }
    </p>
    @if (face().typed; as typed) {
      <mat-form-field>
        <mat-label>{{ typed.label }} (W)</mat-label>
        <input
          matInput
          #box
          class="mono"
          autocomplete="off"
          spellcheck="false"
          [value]="text()"
          (input)="type(box.value)"
        />
        <mat-hint>{{ typed.hint }}</mat-hint>
      </mat-form-field>
      <p class="typo" role="status">{{ typo() }}</p>
    }
  `,
  styleUrl: './lamp-entry.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LampEntry {
  readonly face = input.required<LampFace>();
  readonly bench = input.required<Bench>();
  readonly steps = model.required<readonly LampStep[]>();
  /** Whether anything was said of the lamps: dark is not the same as not entered. */
  readonly given = input.required<boolean>();

  private readonly box = viewChild<ElementRef<HTMLInputElement>>('box');
  protected readonly text = linkedSignal({ source: this.face, computation: () => '' });
  readonly typo = linkedSignal({ source: this.face, computation: () => '' });
  protected readonly rows = computed(() =>
    this.face().steps.map(({ name, lamps }, index) => {
      const step = this.steps()[index] ?? { step: name, lit: [], dim: [] };
      const good = this.face().good[index] ?? step;
      return {
        name,
        index,
        lamps: lamps.map((lamp) => {
          const light = this.given() ? lightOf(step, lamp) : 'unsaid';
          return {
            name: lamp,
            short: lamp.replace('near ', 'n').replace('far ', '').replace('pair ', ''),
            light,
            mark: MARK[light],
            good: lightOf(good, lamp),
          };
        }),
      };
    }),
  );

  focus(): void {
    this.box()?.nativeElement.focus();
  }

  protected turn(index: number, lamp: string): void {
    this.text.set('');
    this.typo.set('');
    this.steps.update((steps) =>
      steps.map((step, at) => (at === index ? turnLamp(step, lamp) : step)),
    );
  }

  protected type(text: string): void {
    this.text.set(text);
    const parsed = parseLamps(text, this.face(), this.bench());
    this.typo.set(parsed.ok || text === '' ? '' : parsed.reason);
    if (parsed.ok && text !== '') this.steps.set(parsed.steps);
  }
}
