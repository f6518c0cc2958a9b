import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { NumberFields } from '../../shell/number-fields';
import { OneOf } from '../../shell/one-of';
import { TraceWork } from '../trace-work';
import { LAUNCHES, ToldOfTrace } from './told-of-trace';
import { TRACE_FIELDS } from './trace-fields';

/** What a trace was measured with: what was sent, and what is known of the cable and the instrument. */
@Component({
  selector: 'ns-measured-with',
  imports: [NumberFields, OneOf],
  template: `
    <h2>{{ say().measuredWith }}</h2>
    <ns-one-of
      [label]="say().launch"
      [choices]="launches()"
      [chosen]="told.pulse()"
      (choose)="told.pulse.set($event)"
    />
    <ns-number-fields
      [fields]="fields()"
      [texts]="told.typed.texts()"
      (settled)="told.typed.set($event)"
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

  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly launches = computed(() =>
    LAUNCHES.map((id) => ({ id, name: this.say().launches[id] })),
  );
  protected readonly fields = computed(() =>
    TRACE_FIELDS.map((field) => ({ ...field, name: this.say().fields[field.id] })),
  );
  protected readonly source = computed(() => this.say().velocityFrom(this.cables.velocityOf('')));
  /** Of a sweep the ports are what they are. */
  protected readonly note = computed(() =>
    this.work.explained()?.analysis.trace ? this.told.sourceNote() : '',
  );
}
