import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { DatePipe } from '@angular/common';
import { MatButtonModule } from '@angular/material/button';
import { velocitySum } from '@near-spoke/core/reflect/hand';
import { ofDeed, type VelocityHow } from '@near-spoke/core/link';
import {
  compareReckoned,
  judgeVelocity,
  velocityFromLengths,
} from '@near-spoke/core/reflect/velocity';
import { lengthOf } from '@near-spoke/core/link';
import type { Uncertain } from '@near-spoke/core/units';
import type { CableFact } from '@near-spoke/contract/reflect';
import { fieldsIn, textIn } from '../../shell/in-units';
import { KeptTexts } from '../../shell/kept-texts';
import { NextThing } from '../../shell/next-thing';
import { NumberFields, type NumberField } from '../../shell/number-fields';
import { typedNumber, typedNumbers } from '../../shell/typed-number';
import { CableFacts } from '../../link/cable-facts';
import { OpenLink } from '../../link/open-link';
import { LastTrace } from '../last-trace';
import { BothEnds } from './both-ends';
import { giveOrTake } from './give-or-take';

const ROWS = [1, 2, 3, 4, 5] as const;
const UNCERTAIN_FIELDS: readonly NumberField[] = [
  { id: 'uLength', name: 'Lengths known to', unit: 'cm' },
  { id: 'uDelay', name: 'Delays known to', unit: 'ns' },
];
const REEL_FIELDS: readonly NumberField[] = [
  {
    id: 'reel',
    name: 'Reel',
    unit: '',
    hint: 'what its box is called; may stay empty',
    text: true,
  },
];
const OWN_FIELDS: readonly NumberField[] = [
  { id: 'own', name: 'Your own figure', unit: '', hint: 'it is compared with ours' },
];
const BOUNDS = { uLength: [0, 1000, 'cm'], uDelay: [0, 1000, 'ns'] } as const;
const USUAL_LENGTH_CM = 2;
const USUAL = { uDelay: '0.2' };

const HOW: Readonly<Record<VelocityHow, string>> = {
  'one-length': 'one length',
  'several-lengths': 'several lengths',
  'both-ends': 'both ends',
};

/** The velocity factor of this cable from lengths that are known, and a place from both ends. */
@Component({
  selector: 'ns-velocity-page',
  imports: [BothEnds, DatePipe, MatButtonModule, NextThing, NumberFields],
  templateUrl: './velocity-page.html',
  styleUrl: './velocity-page.scss',
  providers: [CableFacts, LastTrace],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VelocityPage {
  private readonly facts = inject(CableFacts);
  private readonly open = inject(OpenLink);
  private readonly lastTrace = inject(LastTrace);
  protected readonly ownFields = OWN_FIELDS;
  /** What the last trace of this link and its length tell without a figure being copied. */
  protected readonly fromTrace = computed(() => {
    const [end, length] = [this.lastTrace.end(), lengthOf(this.open.link() ?? { lengthM: null })];
    return end && length ? { name: end.name, delayS: end.delayS, length } : null;
  });
  protected readonly reelFields = REEL_FIELDS;
  protected readonly uncertainFields = computed(() =>
    fieldsIn(UNCERTAIN_FIELDS, this.open.units()),
  );
  protected readonly rowFields = computed(() =>
    ROWS.map((row) =>
      fieldsIn(
        [
          { id: `length${row}`, name: `Length ${row}`, unit: 'm' },
          { id: `delay${row}`, name: 'Delay, there and back', unit: 'ns' },
        ],
        this.open.units(),
      ),
    ),
  );
  protected readonly typed = new KeptTexts(
    () => 'velocity',
    () => ({ ...USUAL, uLength: textIn(USUAL_LENGTH_CM, 'cm', this.open.units()) }),
    this.open.units,
  );
  protected readonly spreads = computed(() => {
    const { uLength, uDelay } = typedNumbers(this.typed.texts(), BOUNDS, this.open.units()).value;
    return { lengthU: (uLength ?? USUAL_LENGTH_CM) / 100, delayU: (uDelay ?? 0.2) * 1e-9 };
  });
  private readonly lengths = computed(() =>
    ROWS.flatMap((row) => {
      const lengthM = typedNumber(this.typed.texts()[`length${row}`], 'm', this.open.units());
      const delayNs = typedNumber(this.typed.texts()[`delay${row}`], 'ns');
      if (lengthM === null || delayNs === null || !(lengthM > 0) || !(delayNs > 0)) return [];
      const { lengthU, delayU } = this.spreads();
      return [
        {
          lengthM: { value: lengthM, u: lengthU },
          delayS: { value: delayNs * 1e-9, u: delayU },
        },
      ];
    }),
  );
  protected readonly sums = computed(() =>
    this.lengths().map(({ lengthM, delayS }) =>
      velocitySum(lengthM.value, delayS.value, this.open.units()),
    ),
  );
  protected readonly solution = computed(() => {
    const lengths = this.lengths();
    return lengths.length > 0 ? velocityFromLengths(lengths) : null;
  });
  /** What the lengths tell; null where it can’t be. */
  protected readonly measured = computed(() => {
    const factor = this.solution()?.velocityFactor;
    return factor && factor.value < 1 ? factor : null;
  });
  /** Whether it may be kept, and the likely slip if not. */
  private readonly verdict = computed(() => {
    const factor = this.solution()?.velocityFactor;
    return factor ? judgeVelocity(factor, this.facts.generic()) : null;
  });
  /** A figure that a person reckoned, held against ours. */
  protected readonly reckoned = computed(() => {
    const own = typedNumber(this.typed.texts()['own']);
    const [first] = this.lengths();
    return own !== null && own > 0 && first ? this.open.tell()(compareReckoned(own, first)) : '';
  });
  protected readonly leads = computed(() => {
    const leads = this.solution()?.leadsS;
    return leads ? `${(leads.value * 1e9).toFixed(2)} ns ± ${(leads.u * 1e9).toFixed(2)} ns` : '';
  });
  protected readonly told = computed(() => {
    const solution = this.solution();
    if (!solution && this.lengths().length > 1)
      return {
        sentence: 'What is longer came back sooner.',
        why: 'These are not lengths of one cable, or a delay is wrong: measure them again.',
        action: '',
      };
    if (!solution)
      return {
        sentence: 'Measure a piece of this cable whose length is known.',
        why: 'Type its length and the delay to its open end, there and back. Two or more lengths tell the leads’ own delay apart.',
        action: '',
      };
    const measured = this.measured();
    const verdict = this.verdict();
    if (verdict && !verdict.keep)
      return {
        sentence: measured
          ? `Velocity factor ${giveOrTake(measured, 4)}: not to be kept.`
          : 'No velocity factor can be more than 1.',
        why: this.open.tell()(verdict.sentence),
        action: '',
      };
    return {
      sentence: `Velocity factor ${measured ? giveOrTake(measured, 4) : ''}.`,
      why:
        (solution.misfit ?? 0) > 4
          ? 'The lengths don’t lie on one line: one of them, or its delay, is wrong.'
          : solution.leadsS === null
            ? 'From one length: leads and adapters before it count as cable.'
            : 'From a line through all lengths.',
      action: 'Keep it for this cable',
    };
  });
  protected readonly reel = computed(() => (this.typed.texts()['reel'] ?? '').trim());
  /** What the other pages go by, and all that it comes from. */
  protected readonly known = computed(() => {
    const known = this.facts.velocityOf(this.reel());
    return {
      told: giveOrTake(known.velocityFactor, 4),
      source: this.open.tell().pages.trace.velocityFrom(known),
    };
  });
  protected readonly rows = computed(() =>
    ofDeed(this.facts.all(), 'velocity')
      .filter(({ cable }) => cable === this.facts.cable()?.id)
      .reverse()
      .map((fact) => ({
        fact,
        told: giveOrTake(fact.deed.velocityFactor, 4),
        how: HOW[fact.deed.how],
      })),
  );

  protected keep(): void {
    const measured = this.measured();
    const how = this.lengths().length > 1 ? 'several-lengths' : 'one-length';
    if (measured && this.verdict()?.keep) this.keepFactor(measured, how);
  }

  protected takeTrace(): void {
    const trace = this.fromTrace();
    if (!trace) return;
    const put = (id: string, text: string) => this.typed.set({ id, text });
    put('length1', textIn(trace.length.value, 'm', this.open.units()));
    put('delay1', (trace.delayS.value * 1e9).toFixed(3));
    put('uLength', textIn(trace.length.u * 100, 'cm', this.open.units()));
    put('uDelay', (trace.delayS.u * 1e9).toFixed(3));
  }

  protected keepFromEnds(velocityFactor: Uncertain): void {
    if (!judgeVelocity(velocityFactor, this.facts.generic()).keep) return;
    this.keepFactor(velocityFactor, 'both-ends');
  }

  private keepFactor(velocityFactor: Uncertain, how: VelocityHow): void {
    const name = this.facts.cable()?.name ?? 'cable';
    this.facts.keep(`Velocity factor of ${name}`, this.reel(), {
      kind: 'velocity',
      velocityFactor,
      how,
    });
  }

  protected takeBack(fact: CableFact): void {
    this.facts.takeBack(fact);
  }
}
