import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  output,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { reflectEndpoints } from '@near-spoke/contract/reflect';
import { firstValueFrom } from 'rxjs';
import { OpenLink } from '../../link/open-link';
import { InstrumentChoice } from '../../shell/instrument-choice';
import { KeptTexts } from '../../shell/kept-texts';
import { Api, isRefusal } from '../../store/api/api';
import { NumberFields, type NumberField, type Texts } from '../../shell/number-fields';
import { typedNumbers } from '../../shell/typed-number';
import { LineCaution } from '../line-caution';

const FIELDS = [
  { id: 'width', unit: 'ns' },
  { id: 'averages', unit: '' },
  { id: 'span', unit: 'ns' },
] as const;
const BOUNDS = {
  width: [0.1, 1e6, 'ns'],
  averages: [1, 1e6],
  span: [1, 1e8, 'ns'],
} as const;
const USUAL: Texts = { width: '5', averages: '16', span: '800' };

/** Takes a trace from a reflectometer on the network, by way of the server. */
@Component({
  selector: 'ns-reflectometer',
  imports: [InstrumentChoice, LineCaution, MatButtonModule, NumberFields],
  template: `
    <ns-instrument-choice kind="reflectometer" [(chosen)]="instrument" />
    <ns-number-fields [fields]="fields()" [texts]="typed.texts()" (typed)="typed.set($event)" />
    <ns-line-caution />
    <p>
      <button
        mat-stroked-button
        type="button"
        [disabled]="busy() || instrument() === ''"
        (click)="take()"
      >
        {{ busy() ? say().taking : say().take }}
      </button>
    </p>
    @if (problem()) {
      <p class="problem" role="alert">{{ problem() }}</p>
    }
  `,
  styles: `
    p {
      margin-top: 0.75rem;
    }
    .problem {
      color: var(--bad);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Reflectometer {
  readonly taken = output<{ readonly name: string; readonly bytes: string }>();

  private readonly api = inject(Api);
  private readonly open = inject(OpenLink);
  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly fields = computed((): readonly NumberField[] =>
    FIELDS.map((field) => ({ ...field, name: this.say().takeFields[field.id] })),
  );
  protected readonly instrument = signal('');
  protected readonly typed = new KeptTexts(
    () => 'reflectometer',
    () => USUAL,
  );
  protected readonly busy = signal(false);
  protected readonly problem = signal('');

  protected async take(): Promise<void> {
    const { value, wrong } = typedNumbers(this.typed.texts(), BOUNDS);
    const { width, averages, span } = value;
    if (wrong.length > 0 || width === null || averages === null || span === null) {
      this.problem.set(this.say().takeNeeds);
      return;
    }
    this.busy.set(true);
    this.problem.set('');
    try {
      const answer = await firstValueFrom(
        this.api.call(reflectEndpoints.acquire, {
          body: {
            instrument: this.instrument(),
            pulseWidthS: width * 1e-9,
            averages,
            spanS: span * 1e-9,
          },
        }),
      );
      this.taken.emit({ name: answer.name, bytes: answer.text });
    } catch (error) {
      this.problem.set((isRefusal(error) && error.problem.detail) || this.say().notRead);
    } finally {
      this.busy.set(false);
    }
  }
}
