import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { SITE_PAGES } from './site-pages';

/** The pages of a site and the one that is open, in two lines where one is too short; on a phone in one that is pushed along. */
@Component({
  selector: 'ns-site-nav',
  imports: [RouterLink, RouterLinkActive],
  template: `
    <nav aria-label="Pages of this site">
      @for (page of pages; track page.path) {
        <a
          [routerLink]="page.path ? ['/sites', siteId(), page.path] : ['/sites', siteId()]"
          routerLinkActive="here"
          ariaCurrentWhenActive="page"
          [routerLinkActiveOptions]="{ exact: page.path === '' }"
          >{{ page.name }}</a
        >
      }
      <a class="all" routerLink="/sites">All sites</a>
    </nav>
  `,
  styles: `
    :host {
      display: block;
      border-bottom: 1px solid var(--line);
    }
    nav {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.25rem;
      max-width: 90rem;
      padding: 0 2rem;
      overflow-x: auto;
      scrollbar-width: none;
    }
    a {
      display: inline-flex;
      flex: none;
      align-items: center;
      min-height: 42px;
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
      a {
        min-height: 46px;
      }
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
  protected readonly pages = SITE_PAGES;
}
