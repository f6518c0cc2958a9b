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
import { formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { Asking } from '../shell/asking';
import { fieldsIn } from '../shell/in-units';
import { KeptTexts } from '../shell/kept-texts';
import { NextThing } from '../shell/next-thing';
import { NumberFields } from '../shell/number-fields';
import { OneOf } from '../shell/one-of';
import { Person } from '../shell/person';
import { typedNumbers } from '../shell/typed-number';
import { Api } from '../store/api/api';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { dayCards } from './day-cards';

const BOUNDS = { hours: [0.25, 24, 'h'], walk: [1, 500, 'm'], test: [0.1, 240, 'min'] } as const;
/** A day, a walk with a bag, and a wire map. Generic. */
const USUAL = {
  metric: { hours: '8', walk: '40', test: '2' },
  imperial: { hours: '8', walk: '130', test: '2' },
};
/** Between places that no cable of a known length joins. Generic, minutes. */
const UNKNOWN_WALK = 5;

/** In what order what is left of a site is done today: where to be when, what to do there, what to carry. */
@Component({
  selector: 'ns-day-page',
  imports: [MatButtonModule, MatProgressBar, NextThing, NumberFields, OneOf, RouterLink],
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
  protected readonly asking = new Asking<SiteDayAnswer>();
  private readonly answer = this.asking.answer;

  protected readonly fields = computed(() => {
    const { fields, hints } = this.words();
    return fieldsIn(
      [
        { id: 'hours', name: fields.hours, unit: 'h', hint: hints.hours },
        { id: 'walk', name: fields.walk, unit: 'm', hint: hints.walk },
        { id: 'test', name: fields.test, unit: 'min', hint: hints.test },
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
  private readonly given = computed(() => {
    const { value, wrong } = typedNumbers(this.typed.texts(), BOUNDS, this.units());
    const { hours, walk, test } = value;
    if (wrong.length > 0 || hours === null || walk === null || test === null) return null;
    return {
      people: this.people(),
      hours,
      hub: this.hub(),
      startPlace: this.from(),
      walkMPerMinute: walk,
      unknownWalkMinutes: UNKNOWN_WALK,
      testMinutes: test,
      author: this.person.name(),
      language: this.tell().language,
    };
  });

  protected readonly cards = computed(() => {
    const day = this.answer();
    return day ? dayCards(day, this.words()) : [];
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
      day.unfit.length > 0 ? words.unfit(labels(day.unfit)) : '',
      day.stops.length > 0 ? words.walks(formatLength(speed, this.units())) : '',
      day.unknownLengths > 0 ? words.unknown(day.unknownLengths, words.minutes(UNKNOWN_WALK)) : '',
      tests.length > 0 ? words.remotes(tests.length) : '',
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

  private ask(): void {
    const [id, body] = [this.siteId(), this.given()];
    if (body) this.asking.ask(this.api.call(siteDayEndpoints.day, { id, body }));
    else this.asking.drop();
  }
}
