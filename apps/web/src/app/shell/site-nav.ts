import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router, RouterLink } from '@angular/router';
import { filter, map } from 'rxjs';
import { Words } from '../words/words';
import { SITE_PAGES, pathTo } from './site-pages';

/** The parts of the work at a site, and the pages of the one that is open; on a phone each line is pushed along. */
@Component({
  selector: 'ns-site-nav',
  imports: [RouterLink],
  template: `
    <nav [attr.aria-label]="words().groupsOf">
      @for (group of groups(); track group.id) {
        <a [routerLink]="group.path" [class.here]="group.open" [attr.aria-current]="group.page">{{
          group.name
        }}</a>
      }
      <a class="all" routerLink="/sites">{{ words().allSites }}</a>
    </nav>
    @if (pages().length > 1) {
      <nav class="pages" [attr.aria-label]="words().pagesOf">
        @for (page of pages(); track page.id) {
          <a
            [routerLink]="page.path"
            [class.here]="page.open"
            [attr.aria-current]="page.open ? 'page' : null"
            >{{ page.name }}</a
          >
        }
      </nav>
    }
  `,
  styles: `
    :host {
      display: block;
      border-bottom: 1px solid var(--line);
    }
    nav {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.5rem;
      max-width: 90rem;
      padding: 0 2rem;
      overflow-x: auto;
      scrollbar-width: none;
    }
    .pages {
      border-top: 1px solid var(--hair);
    }
    a {
      display: inline-flex;
      flex: none;
      align-items: center;
      min-height: 44px;
      border-bottom: 3px solid transparent;
      color: var(--quiet);
      text-decoration: none;
      white-space: nowrap;
    }
    a:hover {
      color: var(--ink);
    }
    a:focus-visible {
      outline-offset: -3px;
    }
    .here {
      border-bottom-color: var(--ink);
      color: var(--ink);
      font-weight: 650;
    }
    .all {
      margin-left: auto;
    }
    @media (max-width: 600px) {
      nav {
        flex-wrap: nowrap;
        padding: 0 1rem;
      }
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SiteNav {
  readonly siteId = input.required<string>();

  private readonly router = inject(Router);
  private readonly spoken = inject(Words);
  protected readonly words = computed(() => this.spoken.in('metric').pages.frame);
  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map(() => this.router.url),
    ),
    { initialValue: this.router.url },
  );
  /** The page that is open; what is no page of these is the work itself. */
  private readonly open = computed(() => {
    const [, , , part = ''] = (this.url().split(/[?#]/u)[0] ?? '').split('/');
    const found = SITE_PAGES.flatMap(([, pages]) => pages).find((page) => page === part);
    return found ?? (part === '' ? 'work' : null);
  });
  protected readonly groups = computed(() =>
    SITE_PAGES.map(([id, pages]) => {
      const open = pages.some((page) => page === this.open());
      const [first = 'work'] = pages;
      return {
        id,
        name: this.words().groups[id],
        path: pathTo(this.siteId(), first),
        open,
        // Where it has one page only, that is what is open.
        page: !open ? null : pages.length === 1 ? 'page' : 'true',
      };
    }),
  );
  protected readonly pages = computed(() => {
    const [, pages] = SITE_PAGES.find(([, of]) => of.some((page) => page === this.open())) ?? [];
    return (pages ?? []).map((id) => ({
      id,
      name: this.words().pages[id].name,
      path: pathTo(this.siteId(), id),
      open: id === this.open(),
    }));
  });
}
