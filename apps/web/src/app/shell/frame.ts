import { BreakpointObserver } from '@angular/cdk/layout';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  Injector,
  afterNextRender,
  computed,
  effect,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatSidenavModule } from '@angular/material/sidenav';
import { MatTooltip } from '@angular/material/tooltip';
import { NavigationEnd, Router, RouterLink, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, map, startWith } from 'rxjs';
import { linksActions } from '../store/links/links';
import { sitesActions, sitesFeature } from '../store/sites/sites';
import { LastSite } from './last-site';
import { Person } from './person';
import { Shortcuts } from './shortcuts';
import { SiteNav } from './site-nav';
import { Spokes } from './spokes';
import { Theme } from './theme';
import { UnsentBar } from './unsent-bar';

const NARROW = '(max-width: 1023px)';

/** The frame of a site: its spokes on the left, the open page beside them. */
@Component({
  selector: 'ns-frame',
  imports: [
    MatButtonModule,
    MatIcon,
    MatSidenavModule,
    MatTooltip,
    RouterLink,
    RouterOutlet,
    SiteNav,
    Spokes,
    UnsentBar,
  ],
  templateUrl: './frame.html',
  styleUrl: './frame.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Frame {
  readonly siteId = input.required<string>();

  private readonly injector = inject(Injector);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly dialog = inject(MatDialog);
  protected readonly theme = inject(Theme);
  protected readonly person = inject(Person);

  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);
  protected readonly site = computed(() => this.sites()[this.siteId()]);
  private readonly loading = this.store.selectSignal(sitesFeature.selectLoading);
  protected readonly missing = computed(() => !this.site() && this.loading() === 'done');
  protected readonly narrow = toSignal(
    inject(BreakpointObserver)
      .observe(NARROW)
      .pipe(map(({ matches }) => matches)),
    { initialValue: matchMedia(NARROW).matches },
  );
  protected readonly shown = signal(false);
  private readonly spokes = viewChild.required(Spokes);
  /** Whether the list is shown for the sake of the box above it, which the focus then goes to. */
  protected readonly isSought = signal(false);
  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map((event) => event.urlAfterRedirects),
      startWith(this.router.url),
    ),
    { initialValue: this.router.url },
  );
  protected readonly openId = computed(
    () => /\/links\/([0-9a-f-]{36})/.exec(this.url())?.[1] ?? '',
  );

  constructor() {
    const last = inject(LastSite);
    this.store.dispatch(sitesActions.load());
    effect(() => {
      const siteId = this.siteId();
      last.id.set(siteId);
      this.store.dispatch(linksActions.open({ siteId }));
    });
    inject(Shortcuts).add(
      inject(DestroyRef),
      { does: 'seek', run: () => this.seek() },
      { does: 'seek-typing', run: () => this.seek() },
      { does: 'help', run: () => void this.help() },
      { does: 'overview', run: () => void this.overview() },
      { does: 'theme', run: () => this.theme.toggle() },
    );
  }

  protected seek(): void {
    this.isSought.set(true);
    // At once: the next letter is meant for the box, and would be a key of the page.
    if (!this.narrow() || this.shown()) {
      this.spokes().seek();
      return;
    }
    this.shown.set(true);
    // Only what is shown can be gone to.
    afterNextRender(() => this.spokes().seek(), { injector: this.injector });
  }

  protected leave(): void {
    this.shown.set(false);
    this.isSought.set(false);
  }

  protected async help(): Promise<void> {
    const { HelpSheet } = await import('./help-sheet');
    this.dialog.open(HelpSheet, { width: '560px' });
  }

  protected async askWho(): Promise<void> {
    const { WhoSheet } = await import('./who-sheet');
    this.dialog.open(WhoSheet, { width: '420px' });
  }

  private overview(): Promise<boolean> {
    return this.router.navigate(['/sites', this.siteId()]);
  }
}
