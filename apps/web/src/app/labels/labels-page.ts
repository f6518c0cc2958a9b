import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatProgressBar } from '@angular/material/progress-bar';
import { labelEndpoints, type LabelSheets } from '@near-spoke/contract/labels';
import { STOCK_KINDS, type StockKind } from '@near-spoke/core/labels';
import { Store } from '@ngrx/store';
import { finalize } from 'rxjs';
import { saveFile } from '../files/save-file';
import { Asking } from '../shell/asking';
import { fieldsIn } from '../shell/in-units';
import { isOneOf, kept } from '../shell/kept';
import { KeptTexts } from '../shell/kept-texts';
import { NextThing } from '../shell/next-thing';
import { NumberFields, type NumberField } from '../shell/number-fields';
import { OneOf } from '../shell/one-of';
import { typedNumbers } from '../shell/typed-number';
import { Api, type Refusal } from '../store/api/api';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { SHEET_BOUNDS, SHEET_FIELDS, usualSheet, type SheetField } from './usual';

const LINES = ['line0', 'line1', 'line2'] as const;
const USUAL_LINES = { line0: '{label}', line1: '{here}', line2: '' };
const FLOOR = 'floor ';

type Code = 'with' | 'without';
type Ends = 'both' | 'near' | 'far';
const ENDS_OF = { both: ['near', 'far'], near: ['near'], far: ['far'] } as const;

/** Labels for the ends of all links, laid on the sheets that they are printed on. */
@Component({
  selector: 'ns-labels-page',
  imports: [MatProgressBar, NextThing, NumberFields, OneOf],
  templateUrl: './labels-page.html',
  styleUrl: './labels-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LabelsPage {
  readonly siteId = input.required<string>();

  private readonly api = inject(Api);
  private readonly spoken = inject(Words);
  private readonly sites = inject(Store).selectSignal(sitesFeature.selectEntities);
  private readonly site = computed(() => this.sites()[this.siteId()]);
  private readonly units = computed(() => this.site()?.units ?? 'metric');
  private readonly tell = computed(() => this.spoken.in(this.units()));
  protected readonly words = computed(() => this.tell().pages.labels);

  protected readonly kind = kept<StockKind>('labels.kind', 'flat', isOneOf(...STOCK_KINDS));
  protected readonly ends = signal<Ends>('both');
  protected readonly withCode = kept<Code>('labels.code', 'with', isOneOf<Code>('with', 'without'));
  protected readonly scheme = new KeptTexts(
    () => `labels.${this.siteId()}`,
    () => USUAL_LINES,
  );
  protected readonly sheet = new KeptTexts(
    () => `labels.sheet.${this.kind()}`,
    () => usualSheet(this.kind(), this.units()),
    () => this.units(),
  );
  protected readonly asking = new Asking<LabelSheets>();
  /** What became of the last file. */
  protected readonly told = signal('');
  protected readonly printing = signal(false);
  private readonly destroyed = inject(DestroyRef);

  protected readonly kinds = computed(() =>
    STOCK_KINDS.map((id) => ({ id, name: this.words().kinds[id] })),
  );
  protected readonly endChoices = computed(() => {
    const { both, near, far } = this.words();
    return [
      { id: 'both' as const, name: both },
      { id: 'near' as const, name: near },
      { id: 'far' as const, name: far },
    ];
  });
  protected readonly codes = computed(() => [
    { id: 'with' as const, name: this.words().withCode },
    { id: 'without' as const, name: this.words().withoutCode },
  ]);
  protected readonly lineFields = computed((): NumberField[] => {
    const { lines, floor } = this.words();
    const usesFloor = LINES.some((id) => this.scheme.texts()[id]?.includes('{floor}'));
    const hubs = usesFloor ? (this.asking.answer()?.hubs ?? []) : [];
    return [
      ...LINES.map((id, index) => ({ id, name: lines[index] ?? '', unit: '', text: true })),
      ...hubs.map((hub) => ({ id: FLOOR + hub, name: floor(hub), unit: '', text: true })),
    ];
  });
  protected readonly sheetFields = computed((): NumberField[] => {
    const { fields } = this.words();
    return fieldsIn(
      SHEET_FIELDS.filter((id) => id !== 'white' || this.kind() === 'wrap').map((id) => ({
        id,
        name: fields[id],
        unit: SHEET_BOUNDS[id][2] ?? '',
      })),
      this.units(),
    );
  });

  private readonly given = computed(() => {
    const { value, wrong } = typedNumbers<SheetField>(
      this.sheet.texts(),
      SHEET_BOUNDS,
      this.units(),
    );
    const whole = (id: SheetField) => Number.isInteger(value[id]);
    const isRight =
      wrong.length === 0 &&
      Object.values(value).every((number) => number !== null) &&
      (['columns', 'rows', 'gone'] as const).every(whole);
    if (!isRight) return null;
    const texts = this.scheme.texts();
    const of = (id: SheetField): number => value[id] ?? 0;
    return {
      lines: LINES.map((id) => texts[id] ?? ''),
      floors: Object.fromEntries(
        Object.entries(texts).flatMap(([id, text]) =>
          id.startsWith(FLOOR) && text.trim() ? [[id.slice(FLOOR.length), text.trim()]] : [],
        ),
      ),
      ends: [...ENDS_OF[this.ends()]],
      origin: this.withCode() === 'with' ? location.origin : null,
      gone: of('gone'),
      stock: {
        kind: this.kind(),
        widthMm: of('width'),
        heightMm: of('height'),
        whiteMm: of('white'),
        sheet: {
          widthMm: of('sheetWidth'),
          heightMm: of('sheetHeight'),
          columns: of('columns'),
          rows: of('rows'),
          leftMm: of('left'),
          topMm: of('top'),
          stepXMm: of('stepX'),
          stepYMm: of('stepY'),
        },
      },
      language: this.tell().language,
    };
  });

  protected readonly laid = computed(() => (this.given() ? this.asking.answer() : null));
  protected readonly headline = computed(() => {
    const words = this.words();
    const laid = this.laid();
    if (!this.given()) return { sentence: words.cantRead, why: '', action: '' };
    if (!laid) return { sentence: words.making, why: '', action: '' };
    if (laid.stops.length > 0)
      return { sentence: words.stopped, why: laid.stops.join(' '), action: '' };
    if (laid.labels === 0) return { sentence: words.none, why: '', action: '' };
    return {
      sentence: words.ready(laid.labels, laid.sheets),
      why: words.hold,
      action: words.make,
    };
  });
  protected readonly preview = computed(() => {
    const svg = this.laid()?.preview;
    return svg ? `data:image/svg+xml,${encodeURIComponent(svg)}` : '';
  });

  constructor() {
    effect(() => this.ask());
  }

  protected ask(): void {
    const [id, body] = [this.siteId(), this.given()];
    if (body) this.asking.ask(this.api.call(labelEndpoints.lay, { id, body }));
    else this.asking.drop();
  }

  protected print(): void {
    const [id, body] = [this.siteId(), this.given()];
    if (!body || this.printing()) return;
    const name = `${this.site()?.name ?? 'site'} ${this.words().title}.pdf`;
    this.printing.set(true);
    this.told.set('');
    this.api
      .file(labelEndpoints.print, { id, body })
      .pipe(
        takeUntilDestroyed(this.destroyed),
        finalize(() => this.printing.set(false)),
      )
      .subscribe({
        next: (file) => {
          saveFile(file, name);
          this.told.set(this.words().saved(name));
        },
        error: ({ problem }: Refusal) =>
          this.told.set(
            problem.status === 0 ? this.words().serverAway : (problem.detail ?? problem.title),
          ),
      });
  }
}
