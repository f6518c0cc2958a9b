import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { metresOf } from '@near-spoke/core/reflect/hand';
import { WITHIN_95, formatDistance, type Uncertain, type UnitSystem } from '@near-spoke/core/units';
import type { Pages } from '@near-spoke/words';
import { TracePlot, type PlotLine, type XY } from './trace-plot';
import { TraceWork } from '../trace-work';

/** The impedance along the line, where the trace is of a step or a sweep. */
@Component({
  selector: 'ns-impedance-view',
  imports: [TracePlot],
  template: `
    @if (profile()) {
      <details>
        <summary>{{ say().impedanceAlong }}</summary>
        <ns-trace-plot
          [lines]="lines()"
          [range]="range()"
          [heights]="heights()"
          yName="Ω"
          [units]="units()"
          [label]="say().impedanceLabel"
        />
        <p class="quiet">{{ say().impedanceHow(smear()) }}</p>
      </details>
    }
  `,
  styles: `
    details {
      padding-bottom: 0.75rem;
    }
    summary {
      cursor: pointer;
      padding-block: 0.75rem;
      font-weight: 650;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImpedanceView {
  readonly velocity = input.required<Uncertain>();
  readonly units = input.required<UnitSystem>();
  readonly say = input.required<Pages['trace']>();
  private readonly work = inject(TraceWork);

  protected readonly profile = computed(() => {
    const profile = this.work.explained()?.analysis.impedance ?? null;
    return profile && profile.ohm.length > 1 ? profile : null;
  });
  protected readonly smear = computed(() =>
    formatDistance(metresOf(this.profile()?.smearS ?? 0, this.velocity().value), this.units()),
  );
  protected readonly range = computed((): readonly [number, number] => {
    const { stepS = 0, ohm = [] } = this.profile() ?? {};
    return [0, metresOf(stepS * ohm.length, this.velocity().value)];
  });
  protected readonly lines = computed((): PlotLine[] => {
    const profile = this.profile();
    if (!profile) return [];
    const stepM = metresOf(profile.stepS, this.velocity().value);
    const points = (by: number): XY[] =>
      Array.from(profile.ohm, (ohm, n) => ({
        x: (n + 1) * stepM,
        y: ohm + by * (profile.ohmU[n] as number),
      }));
    return [
      { name: this.say().atMost, points: points(WITHIN_95), style: 'behind' },
      { name: this.say().atLeast, points: points(-WITHIN_95), style: 'behind' },
      { name: this.say().impedance, points: points(0), style: 'measured' },
    ];
  });
  /** Room for what is there, and for a cable's usual straying. */
  protected readonly heights = computed((): readonly [number, number] => {
    const ohms = Array.from(this.profile()?.ohm ?? []).sort((a, b) => a - b);
    const [least, most] = [ohms[0] ?? 0, ohms.at(-1) ?? 100];
    return [Math.floor(0.9 * least), Math.ceil(1.1 * most)];
  });
}
