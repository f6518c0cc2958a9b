import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { ReelStanding } from '@near-spoke/core/plan/reels';
import { formatDistance } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { fieldsIn, textIn } from '../shell/in-units';
import { NumberFields, type Texts, type TypedText } from '../shell/number-fields';
import { typedNumbers } from '../shell/typed-number';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';

/** A piece that is to be cut from a reel. */
export interface Cutting {
  readonly reel: ReelStanding;
  /** Of the link. */
  readonly run: string;
  readonly label: string;
  readonly lengthM: number;
  /** At which the cut falls; null where no mark is known. */
  readonly markM: number | null;
}

const BOUNDS = { length: [0.01, 20_000, 'm'], mark: [0, 1_000_000, 'm'] } as const;

/** What was really cut: by the mark where the reel has marks, else by length. */
@Component({
  selector: 'ns-cut-off',
  imports: [MatButtonModule, NumberFields],
  template: `
    <p>
      <strong>{{ words().cutTitle(cutting().label, cutting().reel.name) }}</strong>
    </p>
    <ns-number-fields [fields]="fields()" [texts]="texts()" (typed)="type($event)" />
    <p class="ways">
      <button mat-flat-button type="button" [disabled]="!made()" (click)="finish()">
        {{ words().cutDone }}
      </button>
      <button mat-button type="button" (click)="leave.emit()">{{ words().cancel }}</button>
    </p>
  `,
  styles: `
    :host {
      display: grid;
      gap: 0.75rem;
      padding: 0.75rem 0;
    }
    .ways {
      display: flex;
      gap: 0.75rem;
    }
    .ways button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutOff {
  readonly cutting = input.required<Cutting>();
  readonly siteId = input.required<string>();
  readonly done = output<{ readonly lengthM: number; readonly markM: number | null }>();
  readonly leave = output();

  private readonly spoken = inject(Words);
  private readonly sites = inject(Store).selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');
  protected readonly words = computed(() => this.spoken.in(this.units()).pages.reels);
  protected readonly texts = linkedSignal((): Texts => {
    const { lengthM, markM } = this.cutting();
    return markM === null
      ? { length: textIn(lengthM, 'm', this.units()) }
      : { mark: textIn(markM, 'm', this.units()) };
  });
  protected readonly fields = computed(() => {
    const { cutLength, cutMark, cutHint, markHint } = this.words();
    const { markM } = this.cutting();
    const field =
      markM === null
        ? { id: 'length', name: cutLength, unit: 'm', hint: cutHint }
        : {
            id: 'mark',
            name: cutMark,
            unit: 'm',
            hint: markHint(formatDistance(markM, this.units(), 1)),
          };
    return fieldsIn([field], this.units());
  });
  /** Marks that run the other way, or a cut of nothing, are none. */
  protected readonly made = computed(() => {
    const { value, wrong } = typedNumbers(this.texts(), BOUNDS, this.units());
    const { length, mark } = value;
    const { reel } = this.cutting();
    if (wrong.length > 0) return null;
    if (mark !== null && reel.markM !== null) {
      const lengthM = reel.marks === 'up' ? mark - reel.markM : reel.markM - mark;
      return lengthM > 0 ? { lengthM, markM: mark } : null;
    }
    return length === null ? null : { lengthM: length, markM: null };
  });

  protected type({ id, text }: TypedText): void {
    this.texts.update((texts) => ({ ...texts, [id]: text }));
  }

  protected finish(): void {
    const made = this.made();
    if (made) this.done.emit(made);
  }
}
