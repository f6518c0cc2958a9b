import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { distanceOf, distanceSum } from '@near-spoke/core/reflect/hand';
import { ofDeed } from '@near-spoke/core/link';
import { readReel, usedBetween } from '@near-spoke/core/reflect/velocity';
import { WITHIN_95, formatDistance, formatUncertain, type Uncertain } from '@near-spoke/core/units';
import type { CableFact } from '@near-spoke/contract/reflect';
import { OpenLink } from '../../link/open-link';
import { KeptTexts } from '../../shell/kept-texts';
import { NextThing } from '../../shell/next-thing';
import { NumberFields, type NumberField } from '../../shell/number-fields';
import { typedNumbers } from '../../shell/typed-number';
import { CableFacts } from '../../link/cable-facts';
import { LastTrace } from '../last-trace';

const FIELDS: readonly NumberField[] = [
  { id: 'reel', name: 'Reel', unit: '', hint: 'what it is called', text: true },
  { id: 'delay', name: 'Delay', unit: 'ns', hint: 'there and back' },
  { id: 'delayU', name: 'Known to', unit: 'ns' },
  { id: 'vf', name: 'Velocity factor', unit: '' },
  { id: 'vfU', name: 'Give or take', unit: '' },
];
const BOUNDS = {
  delay: [0.1, 1e7, 'ns'],
  delayU: [0, 1e4, 'ns'],
  vf: [0.3, 1],
  vfU: [0, 0.3],
} as const;

/** What is left on a reel of this link's cable, and what to write on its box. */
@Component({
  selector: 'ns-reel-page',
  imports: [DatePipe, MatButtonModule, NextThing, NumberFields],
  templateUrl: './reel-page.html',
  styleUrl: './velocity-page.scss',
  providers: [CableFacts, LastTrace],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReelPage {
  protected readonly open = inject(OpenLink);
  protected readonly fields = FIELDS;
  private readonly lastTrace = inject(LastTrace);
  protected readonly fromTrace = this.lastTrace.end;
  private readonly facts = inject(CableFacts);
  protected readonly typed = new KeptTexts(
    () => 'reel',
    () => ({ reel: 'Reel 1', delayU: '0.5' }),
  );
  private readonly reel = computed(() => (this.typed.texts()['reel'] ?? '').trim());
  private readonly known = computed(() => this.facts.velocityOf(this.reel()));
  protected readonly source = computed(() =>
    this.open.tell().pages.trace.velocityFrom(this.known()),
  );
  protected readonly texts = computed(() => {
    const { value, u } = this.known().velocityFactor;
    return { vf: value.toFixed(4), vfU: u.toFixed(4), ...this.typed.texts() };
  });
  protected readonly reading = computed(() => {
    const { value, wrong } = typedNumbers(this.texts(), BOUNDS);
    const { delay, delayU, vf, vfU } = value;
    if (wrong.length > 0 || delay === null || vf === null) return null;
    const delayS = { value: delay * 1e-9, u: (delayU ?? 0) * 1e-9 };
    const leftM = distanceOf(delayS, { value: vf, u: vfU ?? 0 });
    const today = new Date().toISOString().slice(0, 10);
    return {
      ...readReel(leftM, this.facts.cable()?.name ?? 'cable', today, this.open.units()),
      sum: distanceSum(vf, delayS.value, this.open.units()),
    };
  });
  protected readonly told = computed(() => {
    const reading = this.reading();
    if (!reading)
      return {
        sentence: 'Type the delay to the reel’s open end, there and back.',
        why: 'It stands among the events of a trace; the velocity factor is the cable’s own.',
        action: '',
      };
    return {
      sentence: `${formatDistance(reading.leftM.value, this.open.units(), 1)} left, give or take ${formatDistance(WITHIN_95 * reading.leftM.u, this.open.units(), 1)}.`,
      why: this.reel()
        ? `Write on the box: ${reading.label}`
        : 'Name the reel to keep this reading.',
      action: this.reel() ? 'Keep this reading' : '',
    };
  });
  /** Of this reel, the newest first, with what was used since the one before. */
  protected readonly rows = computed(() => {
    const list = ofDeed(this.facts.all(), 'reel').filter(({ reel }) => reel === this.reel());
    return list
      .map((fact, index) => {
        const { leftM } = fact.deed;
        const before = list[index - 1]?.deed.leftM;
        const used = before ? usedBetween(before, leftM) : null;
        return {
          fact,
          by: fact.author,
          used: used ? this.far(used) : '',
          left: this.far(leftM),
        };
      })
      .reverse();
  });

  constructor() {
    this.open.layer.set({ kind: 'places', places: [] });
  }

  private far(lengthM: Uncertain): string {
    return formatUncertain(lengthM, this.open.units(), 1);
  }

  protected takeTrace(): void {
    const end = this.fromTrace();
    if (!end) return;
    this.typed.set({ id: 'delay', text: (end.delayS.value * 1e9).toFixed(3) });
    this.typed.set({ id: 'delayU', text: (end.delayS.u * 1e9).toFixed(3) });
  }

  protected keep(): void {
    const reading = this.reading();
    const reel = this.reel();
    if (reading && reel)
      this.facts.keep(`Reading of ${reel}`, reel, { kind: 'reel', leftM: reading.leftM });
  }

  protected takeBack(fact: CableFact): void {
    this.facts.takeBack(fact);
  }
}
