import { Injectable, computed, inject, signal } from '@angular/core';
import { hubsOf, ofDeed } from '@near-spoke/core/link';
import { hereOn, siteLengths } from '@near-spoke/core/plan/drawing';
import { formatDistance } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';
import { FloorDesk, say, type FloorTold } from './floor-desk';
import { fillRows, lengthRows } from './floor-rows';
import { SiteDrawings } from './site-drawings';

/** What the plans of a site tell: how long its links are, and where a fault of the one that is looked at lies. */
@Injectable()
export class FloorSight {
  private readonly desk = inject(FloorDesk);
  private readonly site = inject(SiteDrawings);
  private readonly store = inject(Store);
  private readonly links = this.store.selectSignal(linksFeature.selectAll);
  private readonly job = this.store.selectSignal(selectJob);
  /** The link whose run is shown. */
  readonly looked = signal('');

  readonly hubs = computed(() => hubsOf(this.links()));
  readonly lengths = computed(() => {
    const { catalogue } = this.job();
    const links = this.links().map(({ id, near, far, cable }) => ({
      id,
      near,
      far,
      diameterMm: catalogue.findCable(cable)?.jacketMm ?? null,
    }));
    const { slackM, reachM } = this.desk.given();
    return siteLengths(this.site.drawings(), links, this.hubs(), { slackM, reachM });
  });
  readonly rows = computed(() =>
    lengthRows(this.lengths(), this.links(), this.desk.wayNames(), this.desk.tell()),
  );
  readonly fills = computed(() => fillRows(this.lengths(), this.desk.ways(), this.desk.words()));
  readonly problems = computed(() =>
    this.desk.drawing() ? this.lengths().building.problems.map(this.desk.tell()) : [],
  );
  readonly link = computed(() => this.links().find(({ id }) => id === this.looked()) ?? null);
  readonly run = computed(() => this.lengths().runs.find(({ id }) => id === this.looked()) ?? null);
  private readonly fault = computed(
    () =>
      ofDeed(this.site.cables(), 'place')
        .filter(({ linkId }) => linkId === this.looked())
        .at(-1)?.deed ?? null,
  );
  readonly here = computed(() => {
    const [run, fault, link] = [this.run(), this.fault(), this.link()];
    if (!run?.length || !fault || !link) return null;
    // The longer of the two: what is not known may lie anywhere.
    const lengthM = Math.max(run.length.value, link.lengthM ?? 0);
    return hereOn({ legs: run.legs, lengthM }, fault.distanceM, lengthM);
  });
  /** The id of the plan that the fault, or else the beginning of the run, is on; empty where none is shown. */
  readonly sheet = computed(() => {
    const spot = (this.here()?.pieces ?? this.run()?.legs ?? [])[0]?.from;
    if (!spot) return '';
    const below = this.lengths().building.sheets.filter(({ floorM }) => floorM <= spot.heightM);
    return below.sort((a, b) => b.floorM - a.floorM)[0]?.drawing ?? '';
  });

  /** Of the link that is looked at where it has a fault, or of all. */
  readonly told = computed((): FloorTold => {
    const fault = this.faultTold();
    if (fault) return fault;
    const words = this.desk.words();
    const rows = this.rows();
    const drawn = rows.filter((row) => row.drawn !== '');
    const { undrawn } = this.lengths();
    if (drawn.length > 0) {
      const off = drawn.filter(({ differs }) => differs).length;
      const left = rows.length - drawn.length;
      const why = left > 0 ? words.left(left) : '';
      return say(words.sentence(drawn.length, off), why, words.takeOver);
    }
    return undrawn.length > 0
      ? say(words.undrawn(undrawn.length, undrawn[0] ?? ''), words.whyUndrawn, words.toPlaces)
      : say(words.noWays, words.whyNoWays, words.toWays);
  });

  private faultTold(): FloorTold | null {
    const words = this.desk.words();
    const [here, link, run] = [this.here(), this.link(), this.run()];
    if (!link || !run?.length || !this.fault()) return null;
    if (!here) return say(words.beyond(link.label));
    const far = (metres: number) => formatDistance(metres, this.desk.units(), 1);
    const names = this.desk.wayNames();
    const ways = here.ways.flatMap((way) => (way === null ? [] : (names.get(way) ?? [])));
    return say(
      words.here(link.label, words.hereWays(ways), far(here.fromM), far(here.toM), link.near.place),
      here.spareM > 0.05 ? words.spare(far(here.spareM)) : '',
    );
  }
}
