import { Injectable, computed, effect, inject } from '@angular/core';
import type { CableFact } from '@near-spoke/contract/reflect';
import { reflectFacts } from '@near-spoke/core/reflect/cable';
import { ANY_VELOCITY } from '@near-spoke/core/reflect/told';
import { knownVelocity, type KnownVelocity } from '@near-spoke/core/reflect/velocity';
import type { Uncertain } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { OpenLink } from './open-link';
import { Deeds } from '../shell/deeds';
import { factsActions, factsFeature, factsOf } from '../store/facts/facts';
import type { About } from '../store/facts/kept';
import { taken } from '../store/facts/taken';

/** What was measured of the open link's cable, by anyone at its site; and how more of it is kept. */
@Injectable()
export class CableFacts {
  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly open = inject(OpenLink);
  private readonly stored = this.store.selectSignal(factsFeature.selectFactsState);
  private readonly siteId = computed(() => this.open.link()?.siteId ?? '');

  readonly cable = computed(() => {
    const link = this.open.link();
    return link ? this.open.job().catalogue.cable(link.cable) : null;
  });
  readonly all = computed(() => factsOf(this.stored(), this.siteId(), 'cable'));
  /** What the catalogue tells, with the velocity factor that was measured where one was. */
  readonly known = computed(() => {
    const cable = this.cable();
    if (!cable) return null;
    const facts = reflectFacts(cable);
    return { ...facts, velocityFactor: this.velocityOf('').velocityFactor };
  });

  constructor() {
    effect(() => {
      const id = this.siteId();
      if (id) this.store.dispatch(factsActions.load({ about: { of: 'site', id } }));
    });
  }

  /** The catalogue's own figure, whatever was measured. */
  readonly generic = computed(() => {
    const cable = this.cable();
    return cable ? reflectFacts(cable).velocityFactor : ANY_VELOCITY;
  });

  velocityOf(reel: string): KnownVelocity {
    return knownVelocity(this.all(), this.cable()?.id ?? '', reel, this.generic());
  }

  /** @param what for the list of what waits to be sent */
  keep(what: string, reel: string, deed: CableFact['deed'], linkId: string | null = null): void {
    const cable = this.cable();
    if (!cable) return;
    this.deeds.cable(what, { siteId: this.siteId(), linkId, cable: cable.id, reel, deed });
  }

  /** A place on the open link, for its record. */
  keepPlace(event: string, distanceM: Uncertain, sentence: string): void {
    const link = this.open.link();
    if (link)
      this.keep(
        `Place on ${link.label}`,
        '',
        { kind: 'place', event, distanceM, sentence },
        link.id,
      );
  }

  takeBack(fact: CableFact): void {
    const about: About = { of: 'site', id: this.siteId() };
    this.deeds.takeFactBack(about, taken('cable', fact), 'Measurement taken back');
  }
}
