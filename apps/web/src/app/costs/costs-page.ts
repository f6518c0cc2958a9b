import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSelectModule } from '@angular/material/select';
import { RouterLink } from '@angular/router';
import {
  priceEndpoints,
  type CostAnswer,
  type CostLeftAnswer,
  type PriceListAnswer,
} from '@near-spoke/contract/prices';
import { ENDS, type End } from '@near-spoke/core/link';
import { Store } from '@ngrx/store';
import { saveFile } from '../files/save-file';
import { ALIKE } from '../shell/alike';
import { Asking } from '../shell/asking';
import { fieldsIn } from '../shell/in-units';
import { KeptTexts } from '../shell/kept-texts';
import { NextThing } from '../shell/next-thing';
import { NumberFields } from '../shell/number-fields';
import { OneOf } from '../shell/one-of';
import { Person } from '../shell/person';
import { typedNumbers } from '../shell/typed-number';
import { Api, type Refusal } from '../store/api/api';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { costRows, costVerdict, leftVerdict } from './cost-told';

const BOUNDS = {
  length: [0.05, 1000, 'm'],
  count: [1, 100_000],
  bought: [0, 1_000_000],
  wage: [0, 1_000_000],
  tools: [0, 1_000_000],
  uses: [1, 10_000_000],
} as const;
const USUAL = {
  metric: { length: '2', count: '24', uses: '1000' },
  imperial: { length: '7', count: '24', uses: '1000' },
};
const KINDS = ['cord', 'left'] as const;
type Kind = (typeof KINDS)[number];
const CHOSEN = ['near', 'far', 'cable'] as const;
type Chosen = (typeof CHOSEN)[number];

/** What a cord costs that is made here, beside one that is bought, or what is left of the site; and the firm's prices that it is reckoned with. */
@Component({
  selector: 'ns-costs-page',
  imports: [
    MatButtonModule,
    MatFormFieldModule,
    MatProgressBar,
    MatSelectModule,
    NextThing,
    NumberFields,
    OneOf,
    RouterLink,
  ],
  templateUrl: './costs-page.html',
  styleUrl: './costs-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CostsPage {
  readonly siteId = input.required<string>();
  /** What is left: of a link, by its id, or of all; else a cord is reckoned. */
  readonly left = input('');

  private readonly api = inject(Api);
  private readonly person = inject(Person);
  private readonly spoken = inject(Words);
  private readonly store = inject(Store);
  private readonly destroyed = inject(DestroyRef);
  private readonly links = this.store.selectSignal(linksFeature.selectAll);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');
  private readonly tell = computed(() => this.spoken.in(this.units()));
  protected readonly words = computed(() => this.tell().pages.costs);

  protected readonly typed = new KeptTexts(
    () => `costs.${this.siteId()}`,
    () => USUAL[this.units()],
    () => this.units(),
  );
  protected readonly kind = linkedSignal<Kind>(() => (this.left() ? 'left' : 'cord'));
  protected readonly kinds = computed(() =>
    KINDS.map((id) => ({ id, name: this.words().kinds[id] })),
  );
  private readonly entities = this.store.selectSignal(linksFeature.selectEntities);
  /** The one that what is left is of; null of the whole site. */
  protected readonly link = computed(() => this.entities()[this.left()] ?? null);
  protected readonly end = signal<End | null>(null);
  protected readonly ends = computed(() => [
    { id: null, name: this.words().bothEnds },
    ...ENDS.map((id) => ({ id, name: this.link()?.[id].place ?? '' })),
  ]);
  protected readonly asking = new Asking<CostAnswer>();
  protected readonly askingLeft = new Asking<CostLeftAnswer>();
  protected readonly list = new Asking<PriceListAnswer>();
  /** Why a list was not taken. */
  protected readonly refused = signal<readonly string[]>([]);

  protected readonly fields = computed(() => {
    const { fields, hints } = this.words();
    const all = Object.keys(BOUNDS) as (keyof typeof BOUNDS)[];
    const ids = this.kind() === 'left' ? (['wage'] as const) : all;
    return fieldsIn(
      ids.map((id) => ({
        id,
        name: fields[id],
        unit: id === 'length' ? 'm' : '',
        hint: hints[id],
      })),
      this.units(),
    );
  });
  /** What a cord may be made of: what the links of this site are made of. */
  private readonly choices = computed(() => {
    const { connectors, cables } = this.job().catalogue;
    const used = new Set(
      this.links().flatMap(({ near, far, cable }) => [near.connector, far.connector, cable]),
    );
    const of = (rows: readonly { readonly id: string; readonly name: string }[]) => {
      const own = rows.filter(({ id }) => used.has(id));
      return own.length > 0 ? own : rows;
    };
    return { near: of(connectors), far: of(connectors), cable: of(cables) };
  });
  private readonly chosen = linkedSignal(() => {
    const { near, cable } = this.choices();
    const plug = near.find(({ id }) => id.startsWith('plug')) ?? near[0];
    return { near: plug?.id ?? '', far: plug?.id ?? '', cable: cable[0]?.id ?? '' };
  });
  protected readonly selects = computed(() =>
    CHOSEN.map((id) => ({
      id,
      name: this.words()[id],
      rows: this.choices()[id],
      chosen: this.chosen()[id],
    })),
  );

  private readonly given = computed(() => {
    const { value, wrong } = typedNumbers(this.typed.texts(), BOUNDS, this.units());
    const { length, count, bought, wage, tools, uses } = value;
    const { near, far, cable } = this.chosen();
    if (wrong.length > 0 || length === null || count === null || bought === null) return null;
    if (near === '' || cable === '' || !Number.isInteger(count)) return null;
    return {
      near: { connector: near },
      far: { connector: far },
      cable,
      lengthM: length,
      count,
      boughtEach: bought,
      wagePerHour: wage ?? 0,
      tools: tools !== null && tools > 0 ? { price: tools, uses: uses ?? 1 } : null,
      author: this.person.name(),
      language: this.tell().language,
    };
  }, ALIKE);
  private readonly givenLeft = computed(() => {
    const { value, wrong } = typedNumbers(this.typed.texts(), { wage: BOUNDS.wage }, this.units());
    if (wrong.length > 0) return null;
    return {
      wagePerHour: value.wage ?? 0,
      link: this.link()?.id ?? null,
      end: this.link() ? this.end() : null,
      author: this.person.name(),
      language: this.tell().language,
    };
  }, ALIKE);
  protected readonly answer = computed(() => (this.given() ? this.asking.answer() : null));
  protected readonly answerLeft = computed(() =>
    this.givenLeft() ? this.askingLeft.answer() : null,
  );
  /** What is asked for just now. */
  protected readonly asked = computed(() =>
    this.kind() === 'left'
      ? { failed: this.askingLeft.failed(), busy: this.askingLeft.busy() && this.answerLeft() }
      : { failed: this.asking.failed(), busy: this.asking.busy() && this.answer() },
  );
  protected readonly headline = computed(() => {
    const words = this.words();
    if (this.kind() === 'left') {
      const left = this.answerLeft();
      if (!this.givenLeft()) return { sentence: words.cantRead, why: '' };
      return left
        ? leftVerdict(left, this.link()?.label ?? null, this.tell())
        : { sentence: words.asking, why: '' };
    }
    const given = this.given();
    const answer = this.answer();
    if (!given) return { sentence: words.cantRead, why: '' };
    if (!answer) return { sentence: words.cantServe, why: '' };
    return costVerdict(answer, given.count, given.tools !== null, this.tell());
  });
  protected readonly rows = computed(() => {
    const [answer, left] = [this.answer(), this.answerLeft()];
    if (this.kind() === 'cord')
      return answer ? costRows(answer, this.given()?.wagePerHour ?? 0, this.tell()) : [];
    if (!left || left.parts.length === 0) return [];
    const taking = { ...left, minutes: left.minutes.value };
    return costRows(taking, this.givenLeft()?.wagePerHour ?? 0, this.tell());
  });
  protected readonly fromList = computed(() => {
    const list = this.list.answer();
    const words = this.words();
    if (!list?.at) return [words.noList];
    const day = new Intl.DateTimeFormat(this.tell().pages.record.locale, { dateStyle: 'medium' });
    return [
      words.from(list.prices.length, day.format(new Date(list.at))),
      ...(list.unknown.length > 0 ? [words.unknown(list.unknown.join(', '))] : []),
    ];
  });

  constructor() {
    effect(() => this.ask());
    this.list.ask(this.api.call(priceEndpoints.list, {}));
  }

  protected choose(what: Chosen, id: string): void {
    this.chosen.update((chosen) => ({ ...chosen, [what]: id }));
  }

  protected ask(): void {
    const [id, body, left] = [this.siteId(), this.given(), this.givenLeft()];
    if (this.kind() === 'left') {
      if (left) this.askingLeft.ask(this.api.call(priceEndpoints.left, { id, body: left }));
      else this.askingLeft.drop();
      return;
    }
    if (body) this.asking.ask(this.api.call(priceEndpoints.cost, { id, body }));
    else this.asking.drop();
  }

  protected bring(event: Event): void {
    const box = event.target as HTMLInputElement;
    const [file] = box.files ?? [];
    // The same file again, mended, is another one.
    box.value = '';
    if (!file) return;
    this.api
      .sendFile(priceEndpoints.keep, {}, file, 'text/csv')
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (list) => {
          this.refused.set([]);
          this.list.answer.set(list);
          this.ask();
        },
        error: ({ problem }: Refusal) => {
          const cells = (problem.cells ?? []).map(({ line, reason }) =>
            this.words().cell(line, reason),
          );
          const away = problem.status === 0 ? [this.words().serverAway] : cells;
          this.refused.set([this.words().refused, ...away]);
        },
      });
  }

  protected template(): void {
    const query = { language: this.tell().language };
    this.api
      .file(priceEndpoints.template, { id: this.siteId(), query })
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe({
        next: (file) => saveFile(file, 'prices.csv'),
        error: () => this.refused.set([this.words().serverAway]),
      });
  }
}
