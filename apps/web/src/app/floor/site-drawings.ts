import { Injectable, computed, effect, inject, signal } from '@angular/core';
import type { DrawingFact } from '@near-spoke/contract/drawing';
import { drawingsOf } from '@near-spoke/core/plan/drawing';
import { Store } from '@ngrx/store';
import { Deeds } from '../shell/deeds';
import { factsActions, factsFeature, factsOf } from '../store/facts/facts';
import type { About } from '../store/facts/kept';
import { taken } from '../store/facts/taken';

/** The plans of a site, and how more is drawn on them. */
@Injectable()
export class SiteDrawings {
  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly stored = this.store.selectSignal(factsFeature.selectFactsState);
  readonly siteId = signal('');

  private readonly facts = computed(() => factsOf(this.stored(), this.siteId(), 'drawing'));
  readonly drawings = computed(() => drawingsOf(this.facts()));
  /** What was found on cables of the site, with the places of faults. */
  readonly cables = computed(() => factsOf(this.stored(), this.siteId(), 'cable'));
  /** What was drawn last, on any of them. */
  readonly last = computed(() => this.facts().at(-1) ?? null);

  constructor() {
    effect(() => {
      const id = this.siteId();
      if (id) this.store.dispatch(factsActions.load({ about: { of: 'site', id } }));
    });
  }

  /** @param what for the list of what waits to be sent */
  keep(what: string, drawing: string, deed: DrawingFact['deed'], file?: Blob): void {
    this.deeds.draw(what, { siteId: this.siteId(), drawing, deed }, file);
  }

  takeBack(fact: DrawingFact, what: string): void {
    const about: About = { of: 'site', id: this.siteId() };
    this.deeds.takeFactBack(about, taken('drawing', fact), what);
  }
}
