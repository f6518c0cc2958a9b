import { DatePipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  input,
  untracked,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import { searchEndpoints, type Found } from '@near-spoke/contract/search';
import { Store } from '@ngrx/store';
import { Asking } from '../shell/asking';
import { NextThing } from '../shell/next-thing';
import { OneOf } from '../shell/one-of';
import { Api } from '../store/api/api';
import { sitesFeature } from '../store/sites/sites';
import { Words } from '../words/words';
import { byDay, dayOf } from './by-day';

/** Who still types is waited for, ms. */
const PAUSE_MS = 250;

/** So many facts at once: whole ends of ticks are few lines. */
const PAGE = '200';

/** All that was done, seen and measured, of this site or of all: found by words and days, the newest first. */
@Component({
  selector: 'ns-history-page',
  imports: [
    DatePipe,
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatProgressBar,
    NextThing,
    OneOf,
    RouterLink,
  ],
  templateUrl: './history-page.html',
  styleUrl: './history-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HistoryPage {
  readonly siteId = input.required<string>();
  /** What is sought, of one link alone, and on all sites: kept in the address. */
  readonly q = input<string | undefined>(undefined);
  readonly link = input<string | undefined>(undefined);
  readonly all = input<string | undefined>(undefined);

  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly sites = inject(Store).selectSignal(sitesFeature.selectEntities);
  private readonly spoken = inject(Words);
  private readonly tell = computed(() =>
    this.spoken.in(this.sites()[this.siteId()]?.units ?? 'metric'),
  );
  protected readonly words = computed(() => this.tell().pages.history);

  protected readonly asking = new Asking<Found>();
  private readonly found = this.asking.answer;
  private pause: ReturnType<typeof setTimeout> | undefined;

  protected readonly links = computed(() => this.found()?.links ?? []);
  private readonly entries = computed(() => this.found()?.entries ?? []);
  protected readonly days = computed(() => byDay(this.entries(), this.words().dates));
  protected readonly linkName = computed(() =>
    this.link() === undefined ? null : (this.entries()[0]?.about.name ?? ''),
  );
  protected readonly everywhere = computed(() => this.all() !== undefined);

  protected readonly places = computed(() => [
    { id: false, name: this.words().here },
    { id: true, name: this.words().everywhere },
  ]);

  protected readonly told = computed(() => {
    const words = this.words();
    const entries = this.entries();
    const [newest, oldest] = [entries[0], entries.at(-1)];
    const sought = this.q() ?? '';
    if (!newest || !oldest)
      return {
        sentence: sought ? words.nothingSought(sought) : words.nothing,
        why: sought ? words.whyNothing : '',
        action: '',
      };
    const more = this.found()?.next != null;
    const count = entries.reduce((sum, entry) => sum + entry.count, 0);
    const day = ({ at }: { readonly at: string }) => dayOf(at, words.dates);
    return {
      sentence: words.found(count, more, day(newest), day(oldest)),
      why: more ? words.together : `${words.whole} ${words.together}`,
      action: more ? words.earlier : '',
    };
  });

  constructor() {
    effect(() => {
      this.siteId();
      this.q();
      this.link();
      this.all();
      this.tell();
      untracked(() => this.look());
    });
    inject(DestroyRef).onDestroy(() => clearTimeout(this.pause));
  }

  protected type(text: string): void {
    clearTimeout(this.pause);
    this.pause = setTimeout(() => this.go({ q: text.trim() || null }), PAUSE_MS);
  }

  protected widen(everywhere: boolean): void {
    this.go({ all: everywhere ? '1' : null, link: null });
  }

  protected ofAll(): void {
    this.go({ link: null });
  }

  protected look(): void {
    this.ask(undefined);
  }

  protected earlier(): void {
    this.ask(this.found()?.next ?? undefined);
  }

  private go(queryParams: Readonly<Record<string, string | null>>): void {
    void this.router.navigate([], { queryParams, queryParamsHandling: 'merge', replaceUrl: true });
  }

  private ask(before: string | undefined): void {
    const link = this.link();
    const query = {
      q: this.q() ?? '',
      site: this.everywhere() || link !== undefined ? undefined : this.siteId(),
      link,
      before,
      limit: PAGE,
      offsetMin: String(-new Date().getTimezoneOffset()),
      language: this.tell().language,
    };
    this.asking.ask(this.api.call(searchEndpoints.search, { query }), (found, before) => {
      const earlier = query.before === undefined ? null : before;
      return {
        ...found,
        links: earlier?.links ?? found.links,
        entries: [...(earlier?.entries ?? []), ...found.entries],
      };
    });
  }
}
