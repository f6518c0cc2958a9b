import { DatePipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Title } from '@angular/platform-browser';
import { Router, RouterLink } from '@angular/router';
import { SwUpdate } from '@angular/service-worker';
import type { LinkRow } from '@near-spoke/contract';
import { LINK_STATES } from '@near-spoke/words/states';
import { formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { STATE_MARK, StateMark } from '../drawing';
import { NextThing } from '../shell/next-thing';
import { headline } from '../shell/sentences';
import { Device } from '../store/device/device';
import { factsActions } from '../store/facts/facts';
import { linksActions, linksFeature } from '../store/links/links';
import { sitesFeature } from '../store/sites/sites';
import { countStates, hubSpokes, nextLink } from './hub-spokes';
import { SpokenLanguage } from '../words/language';

/** More spokes than this are told by their counts alone. */
const DRAWN = 160;
const COMB_PX = 96;

/** What is done at the site, what is left, and what comes next. */
@Component({
  selector: 'ns-overview-page',
  imports: [DatePipe, MatButtonModule, MatProgressBar, NextThing, RouterLink, StateMark],
  templateUrl: './overview-page.html',
  styleUrl: './overview-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OverviewPage {
  readonly siteId = input.required<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly device = inject(Device);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);

  private readonly language = inject(SpokenLanguage).id;
  protected readonly stateName = computed(() => LINK_STATES[this.language()]);
  protected readonly mark = STATE_MARK;
  /** Whether the job's schools were never chosen. */
  protected readonly schoolsOpen = computed(() => {
    const site = this.site();
    return site !== undefined && Object.keys(site.schools).length === 0;
  });
  protected readonly site = computed(() => this.sites()[this.siteId()]);
  protected readonly units = computed(() => this.site()?.units ?? 'metric');
  protected readonly links = this.store.selectSignal(linksFeature.selectAll);
  private readonly opened = this.store.selectSignal(linksFeature.selectOpened);
  protected readonly total = this.store.selectSignal(linksFeature.selectTotal);
  protected readonly loading = this.store.selectSignal(linksFeature.selectLoading);
  protected readonly hubs = computed(() =>
    hubSpokes(this.links()).map((hub) => ({
      ...hub,
      tallestPx: 20 + hub.links.reduce((top, link) => Math.max(top, this.heightPx(link)), 0),
    })),
  );
  protected readonly counts = computed(() => countStates(this.links()));
  protected readonly proven = computed(
    () => this.links().filter(({ state }) => state === 'pass').length,
  );
  private readonly first = computed(() => nextLink(this.links()));
  /** Where no program may be kept, what is on the device can be seen by this page alone. */
  protected readonly opensAlone = inject(SwUpdate, { optional: true })?.isEnabled ?? false;
  protected readonly along = computed(() => this.device.takenAlong(this.siteId()));
  private readonly firstId = computed(() => this.first()?.link.id);
  protected readonly next = computed(() => {
    const next = this.first();
    const sentence = next && this.opened()[next.link.id]?.next.sentence;
    return next && { ...next, told: headline(sentence ?? `${this.stateName()[next.link.state]}.`) };
  });
  private readonly longestM = computed(() =>
    this.links().reduce((longest, { lengthM }) => Math.max(longest, lengthM ?? 0), 1),
  );
  protected readonly longest = computed(() => formatLength(this.longestM(), this.units()));

  constructor() {
    inject(Title).setTitle('Overview · Near Spoke');
    // What is to be done on the first of them only it itself tells.
    effect(() => {
      const linkId = this.firstId();
      if (linkId)
        untracked(() =>
          this.store.dispatch(factsActions.load({ about: { of: 'link', id: linkId } })),
        );
    });
  }

  protected drawn(links: readonly LinkRow[]): readonly LinkRow[] {
    return links.length <= DRAWN ? links : [];
  }

  /** A spoke's height: its length against the site's longest; a stub while it is not known. */
  protected heightPx({ lengthM }: LinkRow): number {
    return lengthM === null ? 10 : 12 + (COMB_PX - 30) * (lengthM / this.longestM());
  }

  protected describe(link: LinkRow): string {
    const length =
      link.lengthM === null ? 'length not known' : formatLength(link.lengthM, this.units());
    return `${link.label}, ${link.far.place}, ${length}: ${this.stateName()[link.state]}`;
  }

  protected open(link: LinkRow): void {
    void this.router.navigate(['/sites', this.siteId(), 'links', link.id, link.next.stage]);
  }

  protected importSchedule(): void {
    void this.router.navigate(['/sites', this.siteId(), 'import']);
  }

  protected reload(): void {
    this.store.dispatch(linksActions.reload());
  }
}
