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
import type { LanguageId } from '@near-spoke/words';
import { Store } from '@ngrx/store';
import { SpokenLanguage } from '../words/language';
import { NextThing } from '../shell/next-thing';
import { Person } from '../shell/person';
import { Words } from '../words/words';
import { Api } from '../store/api/api';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';

/** What is left to bring and to do: parts, cable, tools and time, for the site or one link. */
@Component({
  selector: 'ns-kit-page',
  imports: [MatProgressBar, NextThing, RouterLink],
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
  private readonly words = inject(Words);
  private readonly entities = this.store.selectSignal(linksFeature.selectEntities);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly units = computed(() => this.sites()[this.siteId()]?.units ?? 'metric');

  protected readonly kit = signal<Kit | null>(null);
  protected readonly failed = signal(false);
  protected readonly what = computed(() =>
    this.link() ? (this.entities()[this.link()]?.label ?? 'this link') : 'this site',
  );
  protected readonly told = computed(() => {
    const kit = this.kit();
    if (!kit) return { sentence: '', why: '' };
    if (kit.ends === 0) return { sentence: `Nothing is left to make on ${this.what()}.`, why: '' };
    const hours = kit.seconds / 3600;
    const time =
      hours < 1
        ? `${Math.max(1, Math.round(kit.seconds / 60))} minutes`
        : `${hours.toFixed(1)} hours`;
    const refused =
      kit.refused > 0
        ? ` ${kit.refused} more can’t be made as described, and are not counted.`
        : '';
    return {
      sentence: `Bring this for ${kit.ends - kit.refused} ends on ${this.what()}: about ${time} of work.`,
      why: `Times at ${this.person.name()}’s pace where it is known, walking not counted.${refused}`,
    };
  });
  protected readonly tools = computed(() =>
    (this.kit()?.tools ?? []).map((tool) =>
      this.words.in(this.units())(terminateMessage('tool', { tool })),
    ),
  );
  protected readonly cables = computed(() =>
    (this.kit()?.cables ?? []).map(({ name, lengthM, unknown }) => ({
      name,
      length: formatLength(lengthM, this.units()),
      unknown,
    })),
  );

  /** Of the whole site: how many of a connector to bring, and why so many. */
  private readonly spares = signal<SiteSpares | null>(null);
  protected readonly parts = computed(() => {
    const spares = new Map((this.spares()?.parts ?? []).map((row) => [row.name, row]));
    return (this.kit()?.parts ?? []).map(({ name, count }) => {
      const own = spares.get(name);
      return { name, count, bring: own && own.bring > count ? own.bring : null, own };
    });
  });
  protected readonly why = computed(() => {
    const spares = this.spares();
    if (!spares || spares.parts.length === 0) return 'Bare needs, without spares.';
    const sum = (of: 'made' | 'failed') => spares.parts.reduce((all, row) => all + row[of], 0);
    const share = Math.round(spares.service * 100);
    return `With spares the day does not stop in ${share} of 100 cases: ${sum('failed')} of ${sum('made')} ends like these were made again here, and one in twenty is reckoned where nothing is known. A jack that is punched again may do without another.`;
  });

  constructor() {
    effect(() => this.load(this.siteId(), this.link(), this.person.name(), this.language()));
  }

  protected retry(): void {
    this.load(this.siteId(), this.link(), this.person.name(), this.language());
  }

  protected print(): void {
    window.print();
  }

  private load(siteId: string, link: string, author: string, language: LanguageId): void {
    this.failed.set(false);
    this.api
      .call(terminateEndpoints.kit, {
        id: siteId,
        query: { author, language, ...(link ? { link } : {}) },
      })
      .subscribe({
        next: (kit) => this.kit.set(kit),
        error: () => this.failed.set(true),
      });
    this.spares.set(null);
    if (link) return;
    this.api.call(planEndpoints.siteSpares, { id: siteId, query: {} }).subscribe({
      next: (spares) => this.spares.set(spares),
      // The bare needs are told all the same.
      error: () => undefined,
    });
  }
}
