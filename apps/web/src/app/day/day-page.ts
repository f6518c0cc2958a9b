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
import { RouterLink } from '@angular/router';
import { siteDayEndpoints, type SiteDayAnswer } from '@near-spoke/contract/site-day';
import { TESTER } from '@near-spoke/core/plan/site-day';
import { formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { Asking } from '../shell/asking';
import { fieldsIn } from '../shell/in-units';
import { KeptTexts } from '../shell/kept-texts';
import { NextThing } from '../shell/next-thing';
import { NumberFields } from '../shell/number-fields';
import { kept, isTexts } from '../shell/kept';
import { OneOf } from '../shell/one-of';
import { Person } from '../shell/person';
import { SomeOf } from '../shell/some-of';
import { typedNumbers } from '../shell/typed-number';
import { Api } from '../store/api/api';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { minuteOfDay } from './clock';
import { dayCards } from './day-cards';
import { DayTimes } from './day-times';
import { isReadable, isTimeRows, timesOf, type TimeRow } from './time-rows';

const BOUNDS = {
  hours: [0.25, 24, 'h'],
  walk: [1, 500, 'm'],
  test: [0.1, 240, 'min'],
  remotes: [1, 1000],
} as const;
/** A day, a walk with a bag, and a wire map. Generic. */
const USUAL = {
  metric: { begin: '', hours: '8', walk: '40', test: '2', remotes: '' },
  imperial: { begin: '', hours: '8', walk: '130', test: '2', remotes: '' },
};
/** Between places that no cable of a known length joins. Generic, minutes. */
const UNKNOWN_WALK = 5;

/** In what order what is left of a site is done today: where to be when, what to do there, what to carry. */
@Component({
  selector: 'ns-day-page',
  imports: [
    DayTimes,
    MatButtonModule,
    MatProgressBar,
    NextThing,
    NumberFields,
    OneOf,
    RouterLink,
    SomeOf,
  ],
  templateUrl: './day-page.html',
  styleUrl: './day-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DayPage {
  readonly siteId = input.required<string>();

  private readonly api = inject(Api);
  private readonly person = inject(Person);
  private readonly spoken = inject(Words);
  private readonly sites = inject(Store).selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');
  private readonly tell = computed(() => this.spoken.in(this.units()));
  protected readonly words = computed(() => this.tell().pages.day);

  protected readonly typed = new KeptTexts(
    () => `day.${this.siteId()}`,
    () => USUAL[this.units()],
    () => this.units(),
  );
  protected readonly people = signal<1 | 2>(1);
  protected readonly hub = signal<string | null>(null);
  private readonly from = signal<string | null>(null);
  private readonly keptOnlyOne = computed(() => kept(`day.only-one.${this.siteId()}`, [], isTexts));
  protected readonly onlyOne = computed(() => this.keptOnlyOne()());
  private readonly keptTimes = computed(() =>
    kept<readonly TimeRow[]>(`day.times.${this.siteId()}`, [], isTimeRows),
  );
  protected readonly times = computed(() => this.keptTimes()());
  /** What limits it stays in sight; opened by hand it stays open as long as the page. */
  protected readonly isLimited = computed(
    () => this.times().length > 0 || (this.people() > 1 && this.onlyOne().length > 0),
  );
  /** When the day that is shown begins, in minutes since midnight. */
  private readonly begin = signal(0);
  protected readonly asking = new Asking<SiteDayAnswer>();
  private readonly answer = this.asking.answer;

  protected readonly fields = computed(() => {
    const { fields, hints } = this.words();
    return fieldsIn(
      [
        { id: 'begin', name: fields.begin, unit: '', hint: hints.begin, text: true },
        { id: 'hours', name: fields.hours, unit: 'h', hint: hints.hours },
        { id: 'walk', name: fields.walk, unit: 'm', hint: hints.walk },
        { id: 'test', name: fields.test, unit: 'min', hint: hints.test },
        { id: 'remotes', name: fields.remotes, unit: '', hint: hints.remotes },
      ],
      this.units(),
    );
  });
  protected readonly crews = computed(() => [
    { id: 1 as const, name: this.words().one },
    { id: 2 as const, name: this.words().two },
  ]);
  protected readonly hubs = computed(() => [
    { id: null, name: this.words().everywhere },
    ...(this.answer()?.hubs ?? []).map((id) => ({ id, name: id })),
  ]);
  protected readonly places = computed(() => this.answer()?.places ?? []);
  protected readonly tools = computed(() => {
    const names = [TESTER, ...(this.answer()?.carry.tools ?? []), ...this.onlyOne()];
    return [...new Set(names)].map((id) => ({
      id,
      name: id === TESTER ? this.words().tester : id,
    }));
  });
  protected readonly isBadBegin = computed(() => {
    const text = this.typed.texts()['begin'] ?? '';
    return text.trim() !== '' && Number.isNaN(minuteOfDay(text));
  });
  private readonly given = computed(() => {
    const { value, wrong } = typedNumbers(this.typed.texts(), BOUNDS, this.units());
    const { hours, walk, test, remotes } = value;
    const isWrong = wrong.length > 0 || this.isBadBegin() || !this.times().every(isReadable);
    if (isWrong || hours === null || walk === null || test === null) return null;
    if (remotes !== null && !Number.isInteger(remotes)) return null;
    return {
      people: this.people(),
      hours,
      hub: this.hub(),
      startPlace: this.from(),
      walkMPerMinute: walk,
      unknownWalkMinutes: UNKNOWN_WALK,
      testMinutes: test,
      remotes,
      onlyOne: this.people() > 1 ? [...this.onlyOne()] : [],
      author: this.person.name(),
      language: this.tell().language,
    };
  });

  protected readonly cards = computed(() => {
    const day = this.answer();
    return day ? dayCards(day, this.begin(), this.words()) : [];
  });
  protected readonly carry = computed(() => this.answer()?.carry ?? null);
  protected readonly headline = computed(() => {
    const words = this.words();
    const day = this.answer();
    if (!day || !this.given()) return { sentence: words.cantPlan, why: '' };
    const [first] = day.stops;
    if (!first) return { sentence: day.later > 0 ? words.tooShort : words.nothing, why: '' };
    const { totalMinutes, boundMinutes, listedMinutes } = day;
    return {
      sentence: words.sentence(first.place, day.links, totalMinutes),
      why: [
        words.saved(listedMinutes - totalMinutes),
        totalMinutes - boundMinutes < 1 ? words.proven : words.bound(boundMinutes),
      ].join(' '),
    };
  });
  protected readonly notes = computed(() => {
    const words = this.words();
    const day = this.answer();
    if (!day) return [];
    const tests = day.stops.flatMap(({ deeds }) => deeds).filter(({ what }) => what === 'test');
    const labels = (rows: SiteDayAnswer['faults']) => rows.map(({ label }) => label).join(', ');
    const speed = this.given()?.walkMPerMinute ?? 0;
    return [
      day.later > 0 ? words.later(day.later) : '',
      day.faults.length > 0 ? words.faults(labels(day.faults)) : '',
      day.shut.length > 0 ? words.shut(labels(day.shut)) : '',
      day.unknownPlaces.length > 0 ? words.strange(day.unknownPlaces.join(', ')) : '',
      day.unfit.length > 0 ? words.unfit(labels(day.unfit)) : '',
      day.stops.length > 0 ? words.walks(formatLength(speed, this.units())) : '',
      day.unknownLengths > 0 ? words.unknown(day.unknownLengths, words.minutes(UNKNOWN_WALK)) : '',
      tests.length > 0 ? words.remotes(tests.length, this.given()?.remotes ?? null) : '',
      tests.length > 0 ? words.left : '',
      day.stops.length > 0 ? words.own(this.person.name()) : '',
    ].filter(Boolean);
  });

  constructor() {
    effect(() => this.ask());
  }

  /** What was ticked meanwhile is left out; it begins where somebody stands. */
  protected again(): void {
    this.ask();
  }

  protected planFrom(place: string): void {
    if (this.from() === place) this.ask();
    else this.from.set(place);
  }

  protected setOnlyOne(tools: readonly string[]): void {
    this.keptOnlyOne().set(tools);
  }

  protected setTimes(rows: readonly TimeRow[]): void {
    this.keptTimes().set(rows);
  }

  private ask(): void {
    const [id, given] = [this.siteId(), this.given()];
    const typed = minuteOfDay(this.typed.texts()['begin'] ?? '');
    const now = new Date();
    const begin = Number.isNaN(typed) ? now.getHours() * 60 + now.getMinutes() : typed;
    const body = given && { ...given, times: timesOf(this.times(), begin) };
    this.begin.set(begin);
    if (body) this.asking.ask(this.api.call(siteDayEndpoints.day, { id, body }));
    else this.asking.drop();
  }
}
