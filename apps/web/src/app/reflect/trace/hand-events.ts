import { Injectable, signal } from '@angular/core';
import type { TraceEvent } from '@near-spoke/core/reflect/analyse';
import { distanceOf } from '@near-spoke/core/reflect/hand';
import type { Uncertain } from '@near-spoke/core/units';

/** An event that was found, or put there by hand. */
export type HandEvent = Omit<TraceEvent, 'kind'> & { readonly kind: TraceEvent['kind'] | 'hand' };

/** What a person took away from the events of a trace, and what they put there. One for each trace page. */
@Injectable()
export class HandEvents {
  private readonly removed = signal<readonly TraceEvent[]>([]);
  private readonly added = signal<readonly Uncertain[]>([]);

  /** The events as they stand, in the order of their delays, each where the velocity factor puts it. */
  of(found: readonly TraceEvent[], velocityFactor: Uncertain): HandEvent[] {
    const removed = this.removed();
    return [
      ...found
        .filter((event) => !removed.includes(event))
        .map((event) => ({ ...event, distanceM: distanceOf(event.delayS, velocityFactor) })),
      ...this.added().map((delayS): HandEvent => ({
        delayS,
        distanceM: distanceOf(delayS, velocityFactor),
        kind: 'hand',
        reflection: { value: 0, u: 1 },
        end: false,
        confidence: 0,
        ohm: null,
        branchS: null,
      })),
    ].sort((a, b) => a.delayS.value - b.delayS.value);
  }

  add(delayS: Uncertain): void {
    this.added.update((list) => [...list, delayS]);
  }

  remove(event: HandEvent, found: readonly TraceEvent[]): void {
    const one = found.find((other) => other.delayS === event.delayS);
    if (one) this.removed.update((list) => [...list, one]);
    else this.added.update((list) => list.filter((delay) => delay !== event.delayS));
  }

  clear(): void {
    this.removed.set([]);
    this.added.set([]);
  }
}
