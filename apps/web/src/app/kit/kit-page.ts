import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { terminateEndpoints, type Kit } from '@near-spoke/contract';
import { planEndpoints, type SiteSpares } from '@near-spoke/contract/plan';
import { terminateMessage } from '@near-spoke/core/terminate';
import { formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { SpokenLanguage } from '../words/language';
import { NextThing } from '../shell/next-thing';
import { OneOf } from '../shell/one-of';
import { Person } from '../shell/person';
import { Words } from '../words/words';
import { Api } from '../store/api/api';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';

/** What is left to bring and to do: parts, cable, tools and time, for the site or one link. */
@Component({
  selector: 'ns-kit-page',
  imports: [MatProgressBar, NextThing, OneOf, RouterLink],
  templateUrl: './kit-page.html',
  styleUrl: './kit-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KitPage {
  readonly siteId = input.required<string>();
  /** Only this link, by its id. */
  readonly link = input('');

  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly person = inject(Person);
  private readonly language = inject(SpokenLanguage).id;
  private readonly spoken = inject(Words);
  private readonly entities = this.store.selectSignal(linksFeature.selectEntities);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');

  private readonly tell = computed(() => this.spoken.in(this.units()));
  protected readonly words = computed(() => this.tell().pages.kit);

  protected readonly kit = signal<Kit | null>(null);
  protected readonly failed = signal(false);
  protected readonly told = computed(() => {
    const [kit, words] = [this.kit(), this.words()];
    if (!kit) return { sentence: '', why: '' };
    const label = this.entities()[this.link()]?.label ?? words.link;
    const what = this.link() ? label : words.site;
    if (kit.ends === 0) return { sentence: words.nothing(what), why: '' };
    return {
      sentence: words.bring(kit.ends - kit.refused, what, words.time(kit.seconds)),
      why: [
        words.pace(this.person.name()),
        ...(kit.refused > 0 ? [words.refused(kit.refused)] : []),
      ].join(' '),
    };
  });
  protected readonly tools = computed(() =>
    (this.kit()?.tools ?? []).map((tool) => this.tell()(terminateMessage('tool', { tool }))),
  );
  protected readonly cables = computed(() =>
    (this.kit()?.cables ?? []).map(({ name, lengthM, unknown }) => ({
      name,
      length: formatLength(lengthM, this.units()),
      unknown,
    })),
  );

  /** By the remakes of one's own, or of everybody. */
  protected readonly whose = signal<'own' | 'all'>('all');
  protected readonly people = computed(() => [
    { id: 'all' as const, name: this.words().everybody },
    { id: 'own' as const, name: this.person.name() },
  ]);
  /** Of the whole site: how many of a connector to bring, and why so many. */
  protected readonly spares = signal<SiteSpares | null>(null);
  protected readonly parts = computed(() => {
    const spares = new Map((this.spares()?.parts ?? []).map((row) => [row.name, row]));
    return (this.kit()?.parts ?? []).map(({ name, count }) => {
      const own = spares.get(name);
      if (!own || own.bring <= count) return { name, count, bring: '' };
      const { bring, packs, pack } = own;
      const text = pack > 1 ? this.words().packs(bring, packs, pack) : String(bring);
      return { name, count, bring: text };
    });
  });
  protected readonly why = computed(() => {
    const spares = this.spares();
    if (!spares || spares.parts.length === 0) return this.words().bare;
    const sum = (of: 'made' | 'failed') => spares.parts.reduce((all, row) => all + row[of], 0);
    const share = Math.round(spares.service * 100);
    const person = this.whose() === 'own' ? this.person.name() : '';
    return this.words().spares(share, sum('failed'), sum('made'), person);
  });

  constructor() {
    effect(() => this.load());
    effect(() => this.loadSpares());
  }

  protected print(): void {
    window.print();
  }

  protected load(): void {
    const [id, link] = [this.siteId(), this.link()];
    const query = { author: this.person.name(), language: this.language() };
    this.failed.set(false);
    this.api
      .call(terminateEndpoints.kit, { id, query: link ? { ...query, link } : query })
      .subscribe({
        next: (kit) => this.kit.set(kit),
        error: () => this.failed.set(true),
      });
  }

  private loadSpares(): void {
    this.spares.set(null);
    if (this.link()) return;
    const query = this.whose() === 'own' ? { author: this.person.name() } : {};
    this.api.call(planEndpoints.siteSpares, { id: this.siteId(), query }).subscribe({
      next: (spares) => this.spares.set(spares),
      // The bare needs are told all the same.
      error: () => undefined,
    });
  }
}
