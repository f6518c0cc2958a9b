import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { planEndpoints, type SiteCuts } from '@near-spoke/contract/plan';
import { formatDistance, formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { ALIKE } from '../shell/alike';
import { Asking } from '../shell/asking';
import { fieldsIn, unitIn } from '../shell/in-units';
import { KeptTexts } from '../shell/kept-texts';
import { NextThing } from '../shell/next-thing';
import { NumberFields, type NumberField } from '../shell/number-fields';
import { typedNumber, typedNumbers } from '../shell/typed-number';
import { Api } from '../store/api/api';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { cutCable, type CutCable, type CutReel } from './cut-lists';
import { CutOff, type Cutting } from './cut-off';
import { SiteReels } from './site-reels';

const BOUNDS = { box: [1, 20_000, 'm'], slack: [0, 1000, 'm'], rest: [0, 1000, 'm'] } as const;
/** A usual box, in metres and in feet; what ends and bends take. Generic. */
const USUAL = {
  metric: { box: '305', slack: '3', rest: '15' },
  imperial: { box: '1000', slack: '10', rest: '50' },
};
const BEGUN = 'begun ';
const BOX = 'box ';
/** A comma may be a decimal one: it separates only where a space follows. */
const SEPARATORS = /;|,\s+|,$|\s+(?=\d)/;

/** What the answer is asked with. */
interface Given {
  readonly slackM: number;
  readonly leastRestM: number | null;
  readonly boxM: number | null;
  /** Of cables whose boxes are otherwise. */
  readonly boxes: { readonly cable: string; readonly lengthM: number }[];
  readonly reels: { readonly id: string; readonly cable: string; readonly lengthM: number }[];
  /** The page knows the site's own reels itself, with what was not sent yet. */
  readonly ownReels: false;
  readonly cut: string[];
}

/** Which run is cut from which reel, and how many boxes to buy: of all cable of a site that is not pulled yet. */
@Component({
  selector: 'ns-cuts-page',
  imports: [CutOff, MatButtonModule, MatProgressBar, NextThing, NumberFields],
  templateUrl: './cuts-page.html',
  styleUrl: './cuts-page.scss',
  providers: [SiteReels],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutsPage {
  readonly siteId = input.required<string>();

  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly spoken = inject(Words);
  private readonly reels = inject(SiteReels);
  private readonly links = this.store.selectSignal(linksFeature.selectEntities);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');
  private readonly tell = computed(() => this.spoken.in(this.units()));
  protected readonly words = computed(() => this.tell().pages.cuts);
  protected readonly ofReels = computed(() => this.tell().pages.reels);
  /** What is being cut just now. */
  protected readonly cutting = signal<Cutting | null>(null);

  protected readonly typed = new KeptTexts(
    () => `cuts.${this.siteId()}`,
    () => USUAL[this.units()],
    () => this.units(),
  );
  protected readonly asking = new Asking<SiteCuts>();
  /** What stands there until the next answer is of older numbers. */
  private readonly answer = this.asking.answer;

  protected readonly fields = computed(() => {
    const { fields, hints } = this.words();
    const of = (id: keyof typeof BOUNDS): NumberField => ({
      id,
      name: fields[id],
      unit: 'm',
      hint: hints[id],
    });
    return fieldsIn([of('box'), of('slack'), of('rest')], this.units());
  });
  private readonly begun = computed(() =>
    Object.entries(this.typed.texts())
      .filter(([id]) => id.startsWith(BEGUN))
      .flatMap(([id, text]) =>
        text
          .split(SEPARATORS)
          .map((one) => one.trim())
          .filter((one) => one !== '')
          .map((one) => ({
            cable: id.slice(BEGUN.length),
            text: one,
            lengthM: typedNumber(one, 'm', this.units()) ?? NaN,
          })),
      ),
  );
  /** Boxes of a cable that are otherwise than those of all. */
  private readonly boxes = computed(() =>
    Object.entries(this.typed.texts())
      .filter(([id, text]) => id.startsWith(BOX) && text.trim() !== '')
      .map(([id, text]) => ({
        cable: id.slice(BOX.length),
        text,
        lengthM: typedNumber(text, 'm', this.units()) ?? NaN,
      })),
  );
  /** Reels of the site that something can be cut from. */
  private readonly own = computed(() =>
    this.reels
      .standings()
      .flatMap((own) =>
        own.gone || own.sureM === null || own.sureM <= 0
          ? []
          : [{ id: `own ${own.name}`, cable: own.cable, lengthM: own.sureM, own }],
      ),
  );
  private readonly cut = computed(() => [
    ...new Set(
      this.reels
        .standings()
        .flatMap(({ cuts }) => cuts.flatMap(({ linkId }) => (linkId === null ? [] : [linkId]))),
    ),
  ]);
  private readonly given = computed((): Given | null => {
    const { value, wrong } = typedNumbers(this.typed.texts(), BOUNDS, this.units());
    // Before the first answer there is no field yet in which a bad length could be mended.
    const isRight = this.unread().length === 0 || this.answer() === null;
    if (wrong.length > 0 || !isRight) return null;
    return {
      slackM: value.slack ?? 0,
      leastRestM: value.rest,
      boxM: value.box,
      boxes: this.boxes()
        .filter(isLength)
        .map(({ cable, lengthM }) => ({ cable, lengthM })),
      reels: [
        ...this.begun()
          .filter(isLength)
          .map(({ cable, lengthM }, index) => ({ id: `reel ${index + 1}`, cable, lengthM })),
        ...this.own().map(({ id, cable, lengthM }) => ({ id, cable, lengthM })),
      ],
      ownReels: false,
      cut: this.cut(),
    };
  }, ALIKE);
  protected readonly unread = computed(() =>
    [...this.begun(), ...this.boxes()]
      .filter((typed) => !isLength(typed))
      .map(({ text }) => this.words().cantRead(text)),
  );

  /** Each cable with the field of what is begun of it; its pull list once all that is typed can be read. */
  protected readonly cables = computed(() => {
    const given = this.given();
    const words = this.words();
    return (this.answer()?.cables ?? []).map((row) => {
      const begun: NumberField = {
        id: BEGUN + row.cable,
        name: words.begun,
        unit: unitIn('m', this.units()),
        hint: words.begunHint(row.name),
        text: true,
      };
      const box: NumberField = {
        id: BOX + row.cable,
        name: words.ownBox,
        unit: unitIn('m', this.units()),
        hint: words.ownBoxHint,
        text: true,
      };
      return {
        cable: row.cable,
        name: row.name,
        fields: [begun, box],
        list: given && !this.asking.busy() ? this.listOf(row, given) : null,
      };
    });
  });

  protected readonly told = computed(() => {
    const words = this.words();
    const rows = this.answer()?.cables ?? [];
    const given = this.given();
    const sum = (of: (row: SiteCuts['cables'][number]) => number) =>
      rows.reduce((all, row) => all + of(row), 0);
    const cut = sum(({ plan }) => plan.cuts.length);
    if (!given) return { sentence: words.cantServe, why: this.unread().join(' '), action: '' };
    if (cut === 0) return { sentence: words.nothing, why: words.whyNothing, action: '' };
    const far = (metres: number) => formatDistance(metres, this.units(), 1);
    const [buy, wasteM] = [sum(({ plan }) => plan.buy), sum(({ plan }) => plan.wasteM)];
    const boundM = sum(({ plan }) => plan.boundWasteM);
    const isBest = rows.every(({ plan }) => plan.proven);
    return {
      sentence: buy > 0 ? words.buy(this.boughtBy(rows, given), cut) : words.enough(cut),
      why: [
        words.counted(formatLength(given.slackM, this.units())),
        wasteM > 0.05 ? words.waste(far(wasteM)) : words.noWaste,
        isBest ? words.best : boundM > 0.05 ? words.least(far(boundM)) : words.unproven,
      ].join(' '),
      action: words.print,
    };
  });

  constructor() {
    effect(() => this.reels.siteId.set(this.siteId()));
    effect(() => this.ask(this.siteId(), this.given()));
  }

  /** How many boxes of each length. */
  private boughtBy(rows: SiteCuts['cables'], given: Given) {
    const counts = new Map<number, number>();
    for (const { cable, plan } of rows)
      if (plan.buy > 0) {
        const lengthM = boxOf(given, cable) ?? 0;
        counts.set(lengthM, (counts.get(lengthM) ?? 0) + plan.buy);
      }
    return [...counts].map(([lengthM, count]) => ({
      count,
      length: formatLength(lengthM, this.units()),
    }));
  }

  private listOf(row: SiteCuts['cables'][number], given: Given): CutCable {
    const { slackM } = given;
    const boxM = boxOf(given, row.cable);
    const own = new Map(this.own().map((reel) => [reel.id, reel.own]));
    const reels = given.reels
      .filter(({ cable }) => cable === row.cable)
      .map((reel) => ({ ...reel, ...(own.has(reel.id) ? { own: own.get(reel.id) } : {}) }));
    const lengths = { boxM, slackM, reels, units: this.units() };
    return cutCable(row, this.links(), lengths, this.tell());
  }

  /** The piece is cut, as it was planned or otherwise. */
  protected cutOff(done: { readonly lengthM: number; readonly markM: number | null }): void {
    const cutting = this.cutting();
    this.cutting.set(null);
    if (!cutting) return;
    const { reel, run, label } = cutting;
    const what = this.ofReels().deed.cut(label, reel.name);
    this.reels.keep(what, reel, { kind: 'cut', ...done }, run);
  }

  protected begin(reel: CutReel, { id, label, lengthM, markM }: CutReel['cuts'][number]): void {
    if (reel.own) this.cutting.set({ reel: reel.own, run: id, label, lengthM, markM });
  }

  protected retry(): void {
    this.ask(this.siteId(), this.given());
  }

  protected print(): void {
    window.print();
  }

  private ask(id: string, body: Given | null): void {
    if (body) this.asking.ask(this.api.call(planEndpoints.siteCuts, { id, body }));
    else this.asking.drop();
  }
}

const isLength = ({ lengthM }: { readonly lengthM: number }): boolean =>
  lengthM > 0 && lengthM <= BOUNDS.box[1];

const boxOf = ({ boxM, boxes }: Given, cable: string): number | null =>
  boxes.find((box) => box.cable === cable)?.lengthM ?? boxM;
