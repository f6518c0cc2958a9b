import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import { formatLength } from '@near-spoke/core/units';
import { lossBudget } from '@near-spoke/core/verify/coax';
import { OpenLink } from '../../link/open-link';
import { fieldsIn } from '../../shell/in-units';
import { KeptTexts } from '../../shell/kept-texts';
import { NextThing } from '../../shell/next-thing';
import { NumberFields, type NumberField, type Texts } from '../../shell/number-fields';
import { typedNumber } from '../../shell/typed-number';

const FIELDS: readonly NumberField[] = [
  { id: 'mhz', name: 'Frequency', unit: 'MHz' },
  {
    id: 'connectors',
    name: 'Connectors on the way',
    unit: '',
    hint: 'both ends too',
  },
  {
    id: 'splitters',
    name: 'Splitters',
    unit: 'ways',
    hint: '2 4, or nothing',
    text: true,
  },
  { id: 'warmth', name: 'Temperature', unit: '°C' },
  { id: 'sheetMhz', name: 'The reel’s sheet: at', unit: 'MHz' },
  { id: 'sheetDb', name: 'it loses', unit: 'dB/100 m' },
  { id: 'level', name: 'Level put in', unit: 'dBµV', hint: 'or any decibel unit' },
  { id: 'need', name: 'Level needed', unit: 'dBµV', hint: 'by the receiver’s sheet' },
];

/** What stands there until something is typed. */
const INITIAL: Texts = { connectors: '2', warmth: '20' };

/** Where nothing is said: marine radio on 50 ohm, television on 75. Generic. */
const USUAL_MHZ = { low: 160, high: 700 } as const;

/** What a coaxial link loses at a frequency, part by part, and whether enough arrives. */
@Component({
  selector: 'ns-loss-page',
  imports: [NextThing, NumberFields],
  templateUrl: './loss-page.html',
  styleUrl: './loss-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LossPage {
  protected readonly open = inject(OpenLink);
  private readonly router = inject(Router);
  private readonly cable = computed(() => {
    const link = this.open.link();
    return link ? this.open.job().catalogue.cable(link.cable) : null;
  });
  protected readonly fields = computed(() => fieldsIn(FIELDS, this.open.units()));
  protected readonly typed = new KeptTexts(
    () => `loss.${this.open.id()}`,
    () => ({ ...INITIAL, mhz: String(this.usualMhz()) }),
    this.open.units,
  );
  private readonly numbers = computed(() => {
    const number = (id: string) =>
      typedNumber(
        this.typed.texts()[id],
        FIELDS.find((field) => field.id === id)?.unit,
        this.open.units(),
      );
    const splitters = (this.typed.texts()['splitters'] ?? '')
      .split(/[\s,;]+/)
      .filter(Boolean)
      .map(Number);
    return { number, splitters };
  });
  protected readonly problem = computed(() => {
    const { number, splitters } = this.numbers();
    const bad = (id: string, least: number, most: number) => {
      const value = number(id);
      return value !== null && !(value >= least && value <= most);
    };
    if (bad('mhz', 0.1, 6000) || bad('sheetMhz', 0.1, 6000))
      return 'A frequency is between 0.1 and 6000 MHz.';
    if (bad('sheetDb', 0.01, 500))
      return this.open.units() === 'metric'
        ? 'A loss is between 0.01 and 500 dB for 100 m.'
        : 'A loss is between 0.003 and 152 dB for 100 ft.';
    if (bad('connectors', 0, 100)) return 'Connectors are a number from 0 to 100.';
    if (bad('warmth', -50, 90)) return 'A temperature is between -50 and 90 °C.';
    if (!splitters.every((ways) => Number.isInteger(ways) && ways >= 2 && ways <= 64))
      return 'Splitters are numbers of ways, such as 2 4.';
    if (Number.isNaN(number('level')) || Number.isNaN(number('need'))) return 'Levels are numbers.';
    return '';
  });
  protected readonly budget = computed(() => {
    const [link, cable] = [this.open.link(), this.cable()];
    if (!link || !cable || link.lengthM === null || cable.impedanceOhm === null || this.problem())
      return null;
    const { number, splitters } = this.numbers();
    const [sheetMhz, sheetDb] = [number('sheetMhz'), number('sheetDb')];
    return lossBudget({
      cable,
      lengthM: link.lengthM,
      mhz: number('mhz') ?? this.usualMhz(),
      temperatureC: number('warmth') ?? 20,
      connectors: number('connectors') ?? 2,
      splitters,
      sheet: sheetMhz !== null && sheetDb !== null ? { mhz: sheetMhz, dbPer100M: sheetDb } : null,
    });
  });
  protected readonly rows = computed(() => {
    const budget = this.budget();
    if (!budget) return [];
    const told = ({ value, u }: { value: number; u: number }) =>
      `${value.toFixed(1)} ± ${(2 * u).toFixed(1)}`;
    return [
      ...budget.rows.map(({ what, db }) => ({
        what: this.open.tell()(what),
        db: told(db),
        share: db.value,
      })),
      { what: 'In all', db: told(budget.total), share: budget.total.value },
    ];
  });
  protected readonly told = computed(() => {
    const [link, budget] = [this.open.link(), this.budget()];
    if (link?.lengthM === null)
      return {
        sentence: 'Enter this link’s length: loss goes with it.',
        why: '',
        action: 'Change this link',
      };
    if (!budget)
      return { sentence: 'Correct what can’t be read.', why: this.problem(), action: '' };
    const { number } = this.numbers();
    const [level, need] = [number('level'), number('need')];
    const { value, u } = budget.total;
    const loss = `${value.toFixed(1)} dB ± ${(2 * u).toFixed(1)} dB`;
    const why = `${formatLength(link?.lengthM ?? 0, this.open.units())} of ${this.cable()?.name ?? ''} at ${number('mhz') ?? this.usualMhz()} MHz: ${Math.round(budget.share * 100)} % of the power arrives. ${number('sheetDb') === null ? 'From the cable’s sizes; its sheet is surer.' : 'After the reel’s sheet.'}`;
    if (level === null || need === null)
      return { sentence: `This link loses ${loss}.`, why, action: '' };
    const spare = level - value - need;
    const verdict =
      spare > 2 * u
        ? `Enough arrives, with ${spare.toFixed(1)} dB to spare.`
        : spare < -2 * u
          ? `Too little arrives, by ${(-spare).toFixed(1)} dB.`
          : `It is too near to tell: ${spare.toFixed(1)} dB ± ${(2 * u).toFixed(1)} dB to spare.`;
    return { sentence: verdict, why: `Lost: ${loss}. ${why}`, action: '' };
  });

  constructor() {
    this.open.layer.set(null);
  }

  protected act(): void {
    const link = this.open.link();
    void this.router.navigate(['/sites', link?.siteId, 'links', link?.id, 'edit']);
  }

  private usualMhz(): number {
    return (this.cable()?.impedanceOhm ?? 75) < 60 ? USUAL_MHZ.low : USUAL_MHZ.high;
  }
}
