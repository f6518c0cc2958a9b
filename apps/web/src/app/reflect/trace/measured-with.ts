import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  DIELECTRICS,
  VELOCITY_BY_DIELECTRIC,
  type Dielectric,
} from '@near-spoke/core/reflect/cable';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { NumberFields } from '../../shell/number-fields';
import { OneOf } from '../../shell/one-of';
import { TraceWork } from '../trace-work';
import { Instrument, LAUNCHES } from './instrument';
import { TakenWith } from './taken-with';
import { ToldOfTrace } from './told-of-trace';
import { TRACE_FIELDS, velocityTexts } from './trace-fields';

/** What a trace was measured with: what was sent, and what is known of the cable and the instrument. */
@Component({
  selector: 'ns-measured-with',
  imports: [TakenWith, NumberFields, OneOf],
  template: `
    <h2>{{ say().measuredWith }}</h2>
    <ns-taken-with [say]="say()" />
    <ns-one-of
      [label]="say().launch"
      [choices]="launches()"
      [chosen]="instrument.pulse()"
      (choose)="instrument.setPulse($event)"
    />
    <ns-number-fields
      [fields]="fields()"
      [texts]="told.typed.texts()"
      (settled)="told.typed.set($event)"
    />
    <h3>{{ say().dielectric }}</h3>
    <ns-one-of
      [label]="say().dielectric"
      [choices]="dielectrics()"
      [chosen]="dielectric()"
      (choose)="takeDielectric($event)"
    />
    <p class="typo" role="status">{{ told.wrong() }}</p>
    <p class="quiet">{{ source() }} {{ say().fieldsHow }}</p>
    <p class="quiet">{{ note() }}</p>
  `,
  styleUrl: './measured-with.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MeasuredWith {
  private readonly open = inject(OpenLink);
  private readonly cables = inject(CableFacts);
  private readonly work = inject(TraceWork);
  protected readonly told = inject(ToldOfTrace);
  protected readonly instrument = inject(Instrument);

  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly launches = computed(() =>
    LAUNCHES.map((id) => ({ id, name: this.say().launches[id] })),
  );
  protected readonly fields = computed(() =>
    TRACE_FIELDS.map((field) => ({ ...field, name: this.say().fields[field.id] })),
  );
  protected readonly dielectrics = computed(() =>
    DIELECTRICS.map((id) => ({ id, name: this.say().dielectrics[id] })),
  );
  /** The one whose velocity factor stands in the fields. */
  protected readonly dielectric = computed(() => {
    const { vf, vfU } = this.told.typed.texts();
    const is = (texts: { vf: string; vfU: string }) => texts.vf === vf && texts.vfU === vfU;
    return DIELECTRICS.find((id) => is(velocityTexts(VELOCITY_BY_DIELECTRIC[id]))) ?? null;
  });
  protected readonly source = computed(() => this.say().velocityFrom(this.cables.velocityOf('')));
  /** Of a sweep the ports are what they are. */
  protected readonly note = computed(() =>
    this.work.explained()?.analysis.trace ? this.told.sourceNote() : '',
  );

  protected takeDielectric(id: Dielectric | null): void {
    if (!id) return;
    const { vf, vfU } = velocityTexts(VELOCITY_BY_DIELECTRIC[id]);
    this.told.typed.set({ id: 'vf', text: vf });
    this.told.typed.set({ id: 'vfU', text: vfU });
  }
}
