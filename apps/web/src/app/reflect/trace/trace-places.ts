import { Injectable, computed, inject, signal } from '@angular/core';
import { WITHIN_95, type Uncertain } from '@near-spoke/core/units';
import { OpenLink } from '../../link/open-link';
import { TraceWork } from '../trace-work';
import { FarEndSaid } from './far-end-said';
import { HandEvents } from './hand-events';
import { seenBy } from './seen-by';
import { branchEnd, shown, type ShownEvent } from './shown-event';
import { ToldOfTrace } from './told-of-trace';
import type { PlaceSeen } from './trace-view';

/** The events of a trace, found, seen at once or put there by hand, and the one that is asked for. */
@Injectable()
export class TracePlaces {
  private readonly open = inject(OpenLink);
  private readonly work = inject(TraceWork);
  private readonly hand = inject(HandEvents);
  private readonly far = inject(FarEndSaid);
  private readonly velocity = inject(ToldOfTrace).velocity;
  private readonly chosen = signal<Uncertain | null>(null);

  private readonly found = computed(() => this.work.explained()?.analysis.events ?? []);
  readonly events = computed(() => {
    const [velocity, tell] = [this.velocity(), this.open.tell()];
    return this.hand.of(this.found(), velocity).map((event) => shown(event, velocity, tell));
  });
  readonly places = computed(() => this.events().filter(({ kind }) => kind !== 'ghost'));
  /** The trace’s own end, or what is last of it. */
  readonly last = computed(() => this.places().at(-1) ?? null);
  /** What is seen at once, until it is explained. */
  readonly look = computed(() =>
    this.work.explained() ? null : seenBy(this.work.opened()?.look, this.velocity()),
  );
  /** What the picture marks. */
  readonly marked = computed((): readonly PlaceSeen[] => {
    const [look, velocity, say] = [this.look(), this.velocity(), this.open.tell().pages.trace];
    if (look)
      return look.places.map(({ distanceM }) => ({ distanceM, words: { name: say.atFirstLook } }));
    return this.places().flatMap((place) => [
      place,
      ...branchEnd(place, velocity).map((distanceM) => ({
        distanceM,
        words: { name: say.branchEnd },
      })),
    ]);
  });
  /** Those that are no good end of the link: what may want work. */
  readonly faulty = computed(() => this.places().filter((event) => !this.far.isGood(event)));
  /** The event that is asked for: the one that was chosen, else the first that is no good end. */
  readonly main = computed(
    () =>
      this.places().find(({ delayS }) => delayS === this.chosen()) ??
      this.faulty()[0] ??
      this.last(),
  );
  /** What the ruler lays over the link. */
  readonly layer = computed(() => ({
    kind: 'places' as const,
    places: this.faulty().map(({ distanceM, words }) => ({
      atM: distanceM.value,
      withinM: WITHIN_95 * distanceM.u,
      name: words.name,
    })),
  }));

  choose({ delayS }: ShownEvent): void {
    this.chosen.set(delayS);
  }

  add(delayS: Uncertain): void {
    this.hand.add(delayS);
  }

  remove(event: ShownEvent): void {
    this.hand.remove(event, this.found());
  }

  /** Another file or link. */
  clear(): void {
    this.chosen.set(null);
    this.hand.clear();
  }
}
