import { Injectable, computed, inject } from '@angular/core';
import { FAR_ENDS, isGoodEnd, verdictOf, type FarEnd } from '@near-spoke/core/reflect/place';
import type { Uncertain } from '@near-spoke/core/units';
import { OpenLink } from '../../link/open-link';
import { isOneOf, kept } from '../../shell/kept';
import type { ShownEvent } from './shown-event';
import { ToldOfTrace } from './told-of-trace';

/** What a person says of the far end, and what that makes of an event. One for each page. */
@Injectable()
export class FarEndSaid {
  private readonly open = inject(OpenLink);
  private readonly typed = inject(ToldOfTrace).typed;

  /** What is on the far end; nothing of it is taken for granted. */
  private readonly kept = computed(() =>
    kept<FarEnd>(`reflect.farEnd.${this.open.id()}`, 'unsaid', isOneOf(...FAR_ENDS)),
  );
  readonly farEnd = computed(() => this.kept()());
  /** The velocity factor that the end of a trace gave, as it was written. */
  private readonly endFactors = computed(() =>
    kept(`reflect.endFactor.${this.open.id()}`, '', (stored) => typeof stored === 'string'),
  );

  say(what: FarEnd): void {
    this.kept().set(what);
  }

  /** Everything is told anew by the velocity factor that the known end gives. */
  takeKnown(factor: Uncertain): void {
    const text = factor.value.toFixed(4);
    this.endFactors().set(text);
    this.typed.set({ id: 'vf', text });
    this.typed.set({ id: 'vfU', text: Math.max(0.0001, factor.u).toFixed(4) });
  }

  isGood(event: ShownEvent): boolean {
    const link = this.open.link();
    return link ? isGoodEnd(event, link, this.farEnd()) : false;
  }

  /** What an event means for the link; null where no link is open. */
  verdictOn(event: ShownEvent) {
    const link = this.open.link();
    const factor = this.endFactors()();
    const isScaled = factor !== '' && factor === this.typed.texts()['vf'];
    return link ? verdictOf(event, link, this.farEnd(), isScaled) : null;
  }
}
