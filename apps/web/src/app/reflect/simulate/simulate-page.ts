import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { MatSliderModule } from '@angular/material/slider';
import { metresOf } from '@near-spoke/core/reflect/hand';
import {
  practise,
  practiceStrength,
  PRACTICE_FAULTS,
  type PracticeFault,
  type PracticeLine,
} from '@near-spoke/core/reflect/simulate';
import { formatDistance } from '@near-spoke/core/units';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { NextThing } from '../../shell/next-thing';
import { OneOf } from '../../shell/one-of';
import { REFLECT_BENCH } from '../reflect-bench';
import { TracePlot, type PlotLine, type PlotMark, type XY } from '../trace/trace-plot';

const FAULT_NAMES: Readonly<Record<PracticeFault, string>> = {
  none: 'Nothing',
  water: 'Water in it',
  splice: 'Bad splice',
  series: 'Corroded joint',
  leak: 'Leak across',
  tap: 'Branch',
};
const ENDS = [
  { id: 'open', name: 'Open end' },
  { id: 'short', name: 'Short end' },
  { id: 'matched', name: 'Matched end' },
] as const;

const LAUNCHES = [
  { id: 'step', name: 'Step' },
  { id: 'pulse', name: 'Pulse' },
] as const;

type Slider = 'at' | 'strength' | 'noise' | 'width';

/** Where nothing is known of the link. */
const PLAIN_LENGTH_M = 60;
/** Of the length, what is shown before and behind. */
const SHOWN = [-0.06, 1.35] as const;

/** What a fault of some strength, somewhere on this cable, would look like: worked out as it is moved. */
@Component({
  selector: 'ns-simulate-page',
  imports: [OneOf, MatSliderModule, NextThing, TracePlot],
  templateUrl: './simulate-page.html',
  styleUrl: './simulate-page.scss',
  providers: [CableFacts],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SimulatePage {
  protected readonly open = inject(OpenLink);
  private readonly facts = inject(CableFacts).known;
  private readonly bench = inject(REFLECT_BENCH)();
  protected readonly faults = PRACTICE_FAULTS.map((id) => ({ id, name: FAULT_NAMES[id] }));
  protected readonly ends = ENDS;
  protected readonly launches = LAUNCHES;
  protected readonly fault = signal<PracticeFault>('water');
  protected readonly end = signal<PracticeLine['end']>('open');
  protected readonly launch = signal<PracticeLine['launch']>('step');
  /** Percent of the way, percent of the worst, millivolts, nanoseconds. */
  protected readonly set = signal<Readonly<Record<Slider, number>>>({
    at: 45,
    strength: 40,
    noise: 3,
    width: 5,
  });
  private readonly points = signal<readonly XY[]>([]);
  private readonly whole = signal<readonly XY[]>([]);
  private wanted: PracticeLine | null = null;

  private readonly lengthM = computed(() => this.open.link()?.lengthM ?? PLAIN_LENGTH_M);
  private readonly atM = computed(() => (this.lengthM() * this.set().at) / 100);
  private readonly at = computed(() => formatDistance(this.atM(), this.open.units(), 1));
  private readonly strength = computed(() => {
    const { value, unit } = practiceStrength(this.fault(), this.set().strength);
    return unit === 'm' ? formatDistance(value, this.open.units()) : `${value} ${unit}`.trim();
  });
  protected readonly sliders = computed(() => {
    const { at, strength, noise, width } = this.set();
    const step = this.launch() === 'step';
    const none = this.fault() === 'none';
    const row = (id: Slider, name: string, text: string, value: number) => ({
      id,
      name,
      text,
      value,
    });
    return [
      { ...row('at', 'Where', this.at(), at), least: 2, most: 95, off: none },
      { ...row('strength', 'How bad', this.strength(), strength), least: 1, most: 100, off: none },
      { ...row('noise', 'Noise', `${noise} mV`, noise), least: 0, most: 40, off: false },
      { ...row('width', 'Pulse width', `${width} ns`, width), least: 2, most: 100, off: step },
    ];
  });
  private readonly line = computed((): PracticeLine | null => {
    const facts = this.facts();
    if (!facts) return null;
    const { strength, noise, width } = this.set();
    return {
      cable: {
        lengthM: this.lengthM(),
        velocityFactor: facts.velocityFactor.value,
        impedanceOhm: facts.impedanceOhm,
        loss: facts.loss,
      },
      fault: this.fault(),
      atM: this.atM(),
      strength,
      end: this.end(),
      launch: this.launch(),
      widthS: width * 1e-9,
      noiseV: noise / 1000,
    };
  });
  protected readonly told = computed(() => ({
    sentence:
      this.fault() === 'none'
        ? 'A whole link, as this cable would show it.'
        : `${FAULT_NAMES[this.fault()]}, ${this.at()} from here: ${this.strength()}.`,
    why: 'Worked out on the line’s own model, with its loss, its repeats and noise. Losses and wet cable are generic.',
  }));
  protected readonly range = computed((): readonly [number, number] => [
    SHOWN[0] * this.lengthM(),
    SHOWN[1] * this.lengthM(),
  ]);
  protected readonly lines = computed((): PlotLine[] => [
    { name: 'A whole link', points: this.whole(), style: 'behind' },
    { name: 'With the fault', points: this.points(), style: 'measured' },
  ]);
  protected readonly marks = computed((): PlotMark[] =>
    this.fault() === 'none'
      ? []
      : [{ x: this.atM(), name: FAULT_NAMES[this.fault()], cursor: false }],
  );

  constructor() {
    inject(DestroyRef).onDestroy(() => this.bench.drop());
    effect(() => {
      const line = this.line();
      if (line) void this.show(line);
    });
    effect(() => {
      const places = this.marks().map(({ x, name }) => ({ atM: x, withinM: 0, name }));
      this.open.layer.set({ kind: 'places', places });
    });
  }

  protected move(id: Slider, value: number): void {
    this.set.update((set) => ({ ...set, [id]: value }));
  }

  /** Works at the newest setting, one after the other: those in between are passed over. */
  private async show(line: PracticeLine): Promise<void> {
    const busy = this.wanted !== null;
    this.wanted = line;
    if (busy) return;
    try {
      for (let now: PracticeLine | null = line; now; now = this.wanted === now ? null : this.wanted)
        await this.draw(now);
    } catch {
      // The page was left.
    } finally {
      this.wanted = null;
    }
  }

  private async draw(line: PracticeLine): Promise<void> {
    this.points.set(await this.traced(line));
    this.whole.set(await this.traced({ ...line, fault: 'none', noiseV: 0 }));
  }

  private async traced(line: PracticeLine): Promise<XY[]> {
    const { points, intervalS, fromS } = await this.bench.ask('simulate', {
      simulation: practise(line),
      seed: 7,
    });
    return points.map(({ sample, volt }) => ({
      x: metresOf(fromS + sample * intervalS, line.cable.velocityFactor),
      y: volt,
    }));
  }
}
