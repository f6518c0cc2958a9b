import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { fourPairWiring } from '@near-spoke/core/link';
import { formatLength, formatOhm } from '@near-spoke/core/units';
import { verifyMessage } from '@near-spoke/core/verify';
import { LAMPS, SUPPLIES, buildLamps, partsOf, type SupplyId } from '@near-spoke/core/verify/build';
import { lampFace } from '@near-spoke/core/verify/entry';
import {
  everyFault,
  madeWith,
  missedOf,
  observe,
  plainBench,
  type Trial,
} from '@near-spoke/core/verify/explain';
import { Reads } from '../../shell/reads';
import { typedNumber } from '../../shell/typed-number';
import { NextThing } from '../../shell/next-thing';
import { OneOf } from '../../shell/one-of';
import { Store } from '@ngrx/store';
import { selectJob } from '../../store/job';
import { LampScan } from '../entry/lamp-scan';
import { LampSchematic } from './lamp-schematic';
import { OwnTesterForm } from './own-tester-form';
import { Words } from '../../words/words';

/** A loop of 100 m of 24 AWG, ohm. */
const LONGEST_LOOP_OHM = 17;
const LONGEST_M = 100;
const PAIRS = 4;
const TRIAL: Trial = { tester: 'pair-lamps', moved: null };
const NONE = -1;

/** Single faults that are tried on it, at the far end where they are at one. */
const FAULTS = everyFault(plainBench(fourPairWiring('T568B', 'T568B')).wiring).filter(
  ({ end }) => end !== 'cable' && end !== 'near',
);

/** A lamp tester worked out from its parts, drawn, and put to faults before it is built. */
@Component({
  selector: 'ns-lamp-tester-page',
  imports: [
    OneOf,
    LampScan,
    LampSchematic,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    NextThing,
    Reads,
    OwnTesterForm,
  ],
  templateUrl: './lamp-tester-page.html',
  styleUrl: './lamp-tester-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LampTesterPage {
  protected readonly supplies = SUPPLIES;
  protected readonly lamps = LAMPS.map(({ lampV, name }) => ({ id: lampV, name }));
  protected readonly supply = signal<SupplyId>('block-9');
  protected readonly lampV = signal(LAMPS[0].lampV as number);
  protected readonly wantedMa = signal(10);
  private readonly chosenOhm = signal<number | null>(null);

  protected readonly build = computed(() =>
    buildLamps({
      supply: this.supply(),
      lampV: this.lampV(),
      wantedA: this.wantedMa() / 1000,
      loopOhm: LONGEST_LOOP_OHM,
      lamps: PAIRS,
    }),
  );
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly far = computed(() => formatLength(LONGEST_M, this.job().units));
  protected readonly choice = computed(() => {
    const { choices, best } = this.build();
    return choices.find(({ ohm }) => ohm === this.chosenOhm()) ?? best;
  });
  protected readonly rows = computed(() => {
    const { choices, best } = this.build();
    const at = best ? choices.indexOf(best) : 0;
    return choices.slice(Math.max(0, at - 2), at + 5).map((row) => ({
      ...row,
      name: formatOhm(row.ohm),
      newMa: (row.newA * 1000).toFixed(1),
      worstMa: (row.worstA * 1000).toFixed(1),
      milliwatt: (row.resistorW * 1000).toFixed(0),
      hours: row.hours < 20 ? row.hours.toFixed(1) : row.hours.toFixed(0),
    }));
  });
  protected readonly supplyName = computed(
    () => SUPPLIES.find(({ id }) => id === this.supply())?.name ?? '',
  );
  protected readonly seriesName = computed(() => formatOhm(this.choice()?.ohm ?? 0));

  protected readonly bench = computed(() => {
    const ohm = this.choice()?.ohm ?? 470;
    return {
      ...plainBench(fourPairWiring('T568B', 'T568B')),
      lamps: partsOf(this.supply(), this.lampV(), ohm),
    };
  });
  private readonly face = computed(() => lampFace('pair-lamps', this.bench()));
  protected readonly names = computed(() => this.face()?.steps.map(({ lamps }) => lamps) ?? []);
  private readonly words = inject(Words);
  private readonly tell = computed(() => this.words.in('metric'));
  protected readonly faults = computed(() =>
    FAULTS.map((fault, index) => ({
      fault,
      index,
      name: this.tell()(fault.sentence),
    })),
  );
  protected readonly none = NONE;
  protected readonly at = signal(NONE);
  protected readonly shown = computed(() => {
    const row = FAULTS[this.at()];
    const made = madeWith(this.bench().wiring, row ? [row] : []);
    const shown = observe(TRIAL, made, this.bench());
    return shown.method === 'lamps' ? shown.steps : [];
  });
  protected readonly verdict = computed(() => {
    if (this.at() === NONE) return 'A good cable: every lamp lights.';
    return JSON.stringify(this.shown()) === JSON.stringify(this.face()?.good)
      ? 'This tester does not see it: all lamps light as on a good cable.'
      : 'This tester sees it.';
  });
  protected readonly blind = computed(() =>
    missedOf([TRIAL], this.bench()).map(({ kind, of, missed }) => ({
      kind,
      name: this.tell()(verifyMessage('fault-several', { kind })),
      words: missed === 0 ? 'sees' : missed === of ? 'blind' : `sees ${of - missed} of ${of}`,
    })),
  );
  protected readonly told = computed(() => {
    const choice = this.choice();
    const warnings = this.build().warnings.map(this.tell());
    if (!choice) return { sentence: warnings[0] ?? 'Choose a supply and a lamp.', why: '' };
    return {
      sentence: `Solder ${this.seriesName()} beside each lamp: ${(choice.newA * 1000).toFixed(1)} mA.`,
      why:
        warnings.join(' ') ||
        `Four lamps, four resistors, one ${this.supplyName()}, a jack for the near end and a jack whose pairs are looped for the far end.`,
    };
  });
  protected print(): void {
    window.print();
  }

  protected setWanted(text: string): void {
    const value = typedNumber(text, 'mA');
    if (value !== null && value >= 0.5 && value <= 50) this.wantedMa.set(value);
  }

  protected setLampV(text: string): void {
    const value = typedNumber(text, 'V');
    if (value !== null && value >= 1 && value <= 5) this.lampV.set(value);
  }

  protected choose(ohm: number): void {
    this.chosenOhm.set(ohm);
  }
}
