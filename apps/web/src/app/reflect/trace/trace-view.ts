import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { delayOf, distanceOf, distanceSum, metresOf } from '@near-spoke/core/reflect/hand';
import { WITHIN_95, formatDistance, type Uncertain, type UnitSystem } from '@near-spoke/core/units';
import type { Tell } from '@near-spoke/words';
import type { Curve } from '@near-spoke/core/reflect/analyse';
import { fieldsIn } from '../../shell/in-units';
import { NumberFields, type NumberField } from '../../shell/number-fields';
import { typedNumber } from '../../shell/typed-number';
import { echoHeights } from './echo-heights';
import type { ShownEvent } from './shown-event';
import { TracePlot, type PlotLine, type PlotMark, type XY } from './trace-plot';
import { TraceWork } from '../trace-work';

/** As many columns as a wide screen has pixels to tell apart. */
const COLUMNS = 1200;
/** Of what was seen or scheduled, the part that is shown at first. */
const SHOWN = { before: 0.06, behind: 1.4 };
/** A launch is over after so many of its widths, and a little. */
const LAUNCH = { widths: 1.6, metres: 0.5 };
/** An edge is looked for within so many rises of where it was clicked. */
const SNAP_RISES = 4;

/** A place that is marked. */
export type PlaceSeen = Pick<ShownEvent, 'distanceM'> & {
  readonly words: { readonly name: string };
};

/** A trace over distance, as it was measured, explained and should be; cursors that rest on its edges. */
@Component({
  selector: 'ns-trace-view',
  imports: [MatButtonModule, NumberFields, TracePlot],
  template: `
    <ns-trace-plot
      [lines]="lines()"
      [marks]="marks()"
      [range]="range()"
      [heights]="heights()"
      [units]="units()"
      [yName]="yName()"
      [label]="label()"
      [xName]="say().fromLaunch"
      [velocityFactor]="velocity().value"
      [timeName]="say().thereAndBack"
      [more]="', ' + say().clickForCursor"
      (moved)="show($event)"
      (clicked)="setCursor($event)"
    />
    <ns-number-fields
      [fields]="cursorField()"
      [texts]="{ cursor: aimed() }"
      (settled)="aim($event.text)"
    />
    <p class="typo" role="status">{{ behind() }}</p>
    @if (sum()) {
      <p class="mono">
        {{ sum() }}
        <button mat-button type="button" (click)="add()">{{ say().makeAPlace }}</button>
        <button mat-button type="button" (click)="cursors.set([])">
          {{ say().cursorsAway(cursors().length) }}
        </button>
      </p>
    }
  `,
  styles: `
    p {
      overflow-wrap: anywhere;
    }
    .typo {
      margin: 0.25rem 0 0;
      color: var(--bad);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TraceView {
  readonly velocity = input.required<Uncertain>();
  readonly places = input.required<readonly PlaceSeen[]>();
  /** Of the link; null while it is not known. */
  readonly lengthM = input.required<number | null>();
  readonly label = input.required<string>();
  readonly units = input.required<UnitSystem>();
  readonly say = input.required<Tell['pages']['trace']>();
  /** The last cursor became a place, at a delay. */
  readonly added = output<Uncertain>();

  protected readonly cursorField = computed(() => {
    const field: NumberField = { id: 'cursor', name: this.say().cursorAt, unit: 'm' };
    return fieldsIn([field], this.units());
  });
  private readonly work = inject(TraceWork);
  private readonly part = signal<readonly XY[]>([]);
  private readonly whole = signal<Curve | null>(null);
  /** Delays from the launch, there and back. */
  protected readonly cursors = signal<readonly Uncertain[]>([]);

  private readonly analysis = computed(() => this.work.explained()?.analysis ?? null);
  /** How far it reaches and when it was launched: as it was explained, or until then as it was seen at once. */
  private readonly seen = computed(() => {
    const [analysis, look] = [this.analysis(), this.work.opened()?.look];
    return analysis
      ? { rangeS: analysis.rangeS, launchAtS: analysis.trace?.launchAtS ?? 0 }
      : (look ?? null);
  });
  private readonly factor = computed(() => this.velocity().value);
  protected readonly range = computed((): readonly [number, number] => {
    const reachM = metresOf(this.seen()?.rangeS ?? 0, this.factor());
    const seenM = Math.max(this.lengthM() ?? 0, this.places().at(-1)?.distanceM.value ?? 0);
    const to = (seenM > 0 ? Math.min(reachM, SHOWN.behind * seenM) : reachM) || 1;
    return [-SHOWN.before * to, to];
  });
  protected readonly lines = computed((): PlotLine[] => {
    const points = (curve: Curve | null): XY[] =>
      (curve?.delayS ?? []).map((delay, n) => ({
        x: metresOf(delay, this.factor()),
        y: curve?.values[n] ?? 0,
      }));
    const say = this.say();
    const echoes = this.work.opened()?.echoes ?? null;
    const over = this.work.over();
    const all: PlotLine[] = [
      {
        name: say.laidOver(over?.name ?? ''),
        points: points(over?.curve ?? null),
        style: 'over',
      },
      { name: say.wholeLink, points: points(this.whole()), style: 'behind' },
      { name: say.measured, points: echoes ? points(echoes) : this.part(), style: 'measured' },
      {
        name: say.explained,
        points: points(this.work.explained()?.fitted ?? null),
        style: 'fitted',
      },
    ];
    return all.filter(({ points: list }) => list.length > 0);
  });
  protected readonly marks = computed((): PlotMark[] => [
    ...this.places().map(({ distanceM, words }) => ({
      x: distanceM.value,
      name: words.name,
      cursor: false,
    })),
    ...this.cursors().map(({ value }, index) => ({
      x: metresOf(value, this.factor()),
      name: this.say().cursor(index + 1),
      cursor: true,
    })),
  ]);
  /** Heights that show the echoes: a pulse's launch would dwarf them. */
  protected readonly heights = computed(() => {
    const analysis = this.analysis();
    if (analysis?.kind !== 'pulse') return null;
    const launchM = metresOf(LAUNCH.widths * (analysis.trace?.widthS ?? 0), this.factor());
    return echoHeights(this.lines(), launchM + LAUNCH.metres);
  });
  protected readonly yName = computed(() =>
    this.work.opened()?.echoes ? this.say().shareBack : 'V',
  );
  /** The sum between the cursors, or from the launch to the one there is. */
  protected readonly sum = computed(() => {
    const [a, b] = this.cursors();
    if (!a) return '';
    const delayS: Uncertain = b
      ? { value: Math.abs(b.value - a.value), u: Math.hypot(a.u, b.u) }
      : a;
    const { u } = distanceOf(delayS, this.velocity());
    const give = formatDistance(WITHIN_95 * u, this.units());
    return `${distanceSum(this.factor(), delayS.value, this.units())} ± ${give}`;
  });

  /** What is typed where a cursor is to stand. */
  protected readonly aimed = signal('');
  /** Said where no cursor can stand. */
  protected readonly behind = computed(() => {
    const metres = typedNumber(this.aimed(), 'm', this.units());
    const endM = metresOf(this.analysis()?.rangeS ?? 0, this.factor());
    return metres === null || (metres >= 0 && metres <= endM)
      ? ''
      : this.say().outside(formatDistance(endM, this.units(), 1));
  });

  constructor() {
    effect(() => {
      this.analysis();
      this.cursors.set([]);
    });
    effect(() => void this.show(this.range()));
    effect(() => void this.predict());
  }

  /** The samples of the part that is shown. */
  protected async show([from, to]: readonly [number, number]): Promise<void> {
    const [opened, seen, factor] = [this.work.opened(), this.seen(), this.factor()];
    if (!opened || opened.echoes || !seen) return;
    const sample = (x: number) =>
      (seen.launchAtS + delayOf(x, factor) - opened.fromS) / opened.intervalS;
    const ask = { from: sample(from), to: sample(to), columns: COLUMNS };
    const points = await this.work.part(ask).catch(() => []);
    this.part.set(
      points.map(({ sample: n, volt }) => ({
        x: metresOf(opened.fromS + n * opened.intervalS - seen.launchAtS, factor),
        y: volt,
      })),
    );
  }

  /** A cursor where it was typed. */
  protected aim(text: string): void {
    this.aimed.set(text);
    const metres = typedNumber(text, 'm', this.units());
    if (metres !== null && this.behind() === '') void this.setCursor(metres);
  }

  /** A cursor where it was clicked, or on the edge that is near. */
  protected async setCursor(x: number): Promise<void> {
    if (!this.analysis()) return;
    const trace = this.analysis()?.trace;
    const value = delayOf(x, this.factor());
    const snapped = trace
      ? await this.work.snap({
          noiseV: trace.survey.noiseV,
          riseS: trace.riseS,
          nearS: trace.launchAtS + value,
          reachS: SNAP_RISES * trace.riseS,
        })
      : null;
    const at: Uncertain =
      snapped && trace
        ? { value: snapped.atS.value - trace.launchAtS, u: snapped.atS.u }
        : { value, u: trace?.riseS ?? this.analysis()?.intervalS ?? 0 };
    this.cursors.update((list) => (list.length >= 2 ? [at] : [...list, at]));
  }

  protected add(): void {
    const at = this.cursors().at(-1);
    if (!at) return;
    this.added.emit(at);
    this.cursors.set([]);
  }

  /** What the link would look like, were it whole. */
  private async predict(): Promise<void> {
    const [analysis, lengthM, factor] = [this.analysis(), this.lengthM(), this.factor()];
    if (!analysis || lengthM === null) {
      this.whole.set(null);
      return;
    }
    const ask = { analysis, linkDelayS: delayOf(lengthM, factor) };
    this.whole.set(await this.work.whole(ask).catch(() => null));
  }
}
