import { Injectable, computed, inject, signal } from '@angular/core';
import type { Point } from '@near-spoke/core/plan/lengths';
import { FloorDesk, say, type FloorTold } from './floor-desk';
import { FloorSight } from './floor-sight';
import { SiteDrawings } from './site-drawings';

/** Places that are offered at once. */
const OFFERED = 30;

/** The place that is put on the plan next: the one that most links want, or one that was chosen. */
@Injectable()
export class FloorPlaces {
  private readonly desk = inject(FloorDesk);
  private readonly sight = inject(FloorSight);
  private readonly site = inject(SiteDrawings);
  private readonly aimed = signal<string | null>(null);
  private readonly sought = signal<string | null>(null);

  readonly name = computed(
    () => this.sought() ?? this.aimed() ?? this.sight.lengths().undrawn[0] ?? '',
  );
  private readonly all = computed(() => [
    ...this.sight.lengths().undrawn,
    ...this.site.drawings().flatMap(({ places }) => places.map(({ place }) => place)),
  ]);
  readonly offered = computed(() => {
    const part = (this.sought() ?? '').toLowerCase();
    return this.all()
      .filter((name) => name.toLowerCase().includes(part))
      .slice(0, OFFERED);
  });
  /** Whether what is typed is a place of a link. */
  readonly isOne = computed(() => this.all().includes(this.name()));
  readonly told = computed((): FloorTold => {
    const words = this.desk.words();
    const name = this.name();
    if (name === '') return say(words.noPlace);
    if (!this.isOne()) return say(words.hints.place);
    const isNew = this.sight.lengths().undrawn.includes(name);
    return say(isNew ? words.putPlace(name) : words.movePlace(name));
  });

  seek(name: string): void {
    this.sought.set(name);
  }

  aim(place: string | null): void {
    this.aimed.set(place);
    this.sought.set(null);
  }

  put(at: Point): void {
    const [place, words] = [this.name(), this.desk.words()];
    if (!this.isOne()) return;
    const { placeM: heightM } = this.desk.given();
    const deed = { kind: 'place', place, at, heightM } as const;
    this.desk.keep(words.deed.place(place), deed, words.put(place));
    this.aim(null);
  }
}
