import { Injectable, computed, effect, inject, signal } from '@angular/core';
import type { CableFact } from '@near-spoke/contract/reflect';
import { reelStandings } from '@near-spoke/core/plan/reels';
import { Store } from '@ngrx/store';
import { Deeds } from '../shell/deeds';
import { factsActions, factsFeature, factsOf } from '../store/facts/facts';
import type { About } from '../store/facts/kept';
import { taken } from '../store/facts/taken';

/** The reels of a site, and how more of them is kept. */
@Injectable()
export class SiteReels {
  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly stored = this.store.selectSignal(factsFeature.selectFactsState);
  readonly siteId = signal('');

  private readonly facts = computed(() => factsOf(this.stored(), this.siteId(), 'cable'));
  readonly standings = computed(() => reelStandings(this.facts()));

  constructor() {
    effect(() => {
      const id = this.siteId();
      if (id) this.store.dispatch(factsActions.load({ about: { of: 'site', id } }));
    });
  }

  /** @param what for the list of what waits to be sent */
  keep(
    what: string,
    { name: reel, cable }: { readonly name: string; readonly cable: string },
    deed: CableFact['deed'],
    linkId: string | null = null,
  ): void {
    this.deeds.cable(what, { siteId: this.siteId(), linkId, cable, reel, deed });
  }

  takeBack(factId: string, what: string): void {
    const about: About = { of: 'site', id: this.siteId() };
    const fact = this.facts().find(({ id }) => id === factId);
    if (fact) this.deeds.takeFactBack(about, taken('cable', fact), what);
  }
}
