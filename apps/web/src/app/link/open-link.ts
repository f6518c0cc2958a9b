import { Injectable, computed, inject, signal } from '@angular/core';
import type { LinkSummary } from '@near-spoke/contract';
import { wiringOf, type End, type Net } from '@near-spoke/core/link';
import { diagnosisNow, linkStanding } from '@near-spoke/core/record';
import { told } from '@near-spoke/words';
import { Store } from '@ngrx/store';
import { evidenceOf, factsActions, factsFeature, loadingOf, testedBy } from '../store/facts/facts';
import { selectJob } from '../store/job';
import type { RulerPlace } from '../drawing';
import { linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';

/** What the open stage draws on the ruler. */
export type RulerLayer =
  | { readonly kind: 'work'; readonly end: End }
  | {
      readonly kind: 'wires';
      /** Null while nothing is entered. */
      readonly nets: readonly Net[] | null;
    }
  | { readonly kind: 'places'; readonly places: readonly RulerPlace[] };

/** The link that is open, and all that follows from it. One for each link frame. */
@Injectable()
export class OpenLink {
  private readonly words = inject(Words);
  private readonly store = inject(Store);
  private readonly links = this.store.selectSignal(linksFeature.selectOpened);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  private readonly known = this.store.selectSignal(factsFeature.selectFactsState);

  /** The parts and schools that this link shares with its site. */
  readonly job = this.store.selectSignal(selectJob);
  readonly id = signal('');
  readonly layer = signal<RulerLayer | null>(null);

  readonly link = computed<LinkSummary | undefined>(() => this.links()[this.id()]);
  readonly site = computed(() => this.sites()[this.link()?.siteId ?? '']);
  readonly units = computed(() => this.site()?.units ?? 'metric');
  readonly loading = computed(() => loadingOf(this.known(), this.id()));
  readonly facts = computed(() => evidenceOf(this.known(), this.id()));
  readonly latest = computed(() => this.facts().readings.at(-1) ?? null);
  readonly standing = computed(() => {
    const link = this.link();
    return link ? linkStanding(link, this.facts().ticks, testedBy(this.facts()), this.job()) : null;
  });
  readonly wiring = computed(() => {
    const link = this.link();
    return link ? wiringOf(link, this.job()) : null;
  });
  /** The words of this person's language, in the units of the site. */
  readonly tell = computed(() => this.words.in(this.units()));
  /** The last reading's diagnosis for the link as it is described now. */
  readonly diagnosis = computed(() => {
    const [link, latest] = [this.link(), this.latest()];
    return link && latest ? told(diagnosisNow(link, latest, this.job()), this.tell()) : null;
  });
  /** What to do next, by all that is known here. */
  readonly next = computed(() => {
    const standing = this.standing();
    return standing ? told(standing.next, this.tell()) : this.link()?.next;
  });

  open(id: string): void {
    this.id.set(id);
    this.layer.set(null);
    this.store.dispatch(factsActions.load({ about: { of: 'link', id } }));
  }
}
