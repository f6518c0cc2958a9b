import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import type { CableFamily } from '@near-spoke/core/catalogue';
import { OpenLink } from '../link/open-link';

const PARTS: readonly {
  readonly path: string;
  readonly name: string;
  /** Kinds of cable that it is about; null for all. */
  readonly families: readonly CableFamily[] | null;
}[] = [
  { path: './', name: 'Test', families: null },
  { path: 'blind-spots', name: 'Blind spots', families: null },
  { path: 'ohms', name: 'Ohms and power', families: ['four-pair', 'telephone'] },
  { path: 'limits', name: 'Sweeps and limits', families: ['four-pair'] },
  { path: 'loss', name: 'Loss', families: ['coax'] },
  { path: 'line', name: 'Line voltage', families: ['telephone', 'cord'] },
];

/** The parts of Verify that a link of this kind has. */
@Component({
  selector: 'ns-verify-stage',
  imports: [RouterLink, RouterLinkActive, RouterOutlet],
  template: `
    <nav aria-label="Parts of Verify">
      @for (part of parts(); track part.path) {
        <a
          [routerLink]="part.path"
          routerLinkActive="here"
          ariaCurrentWhenActive="page"
          [routerLinkActiveOptions]="{ exact: true }"
          >{{ part.name }}</a
        >
      }
    </nav>
    <router-outlet />
  `,
  styles: `
    nav {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.25rem;
      margin-top: 0.25rem;
    }
    a {
      display: inline-flex;
      align-items: center;
      min-height: 44px;
      border-bottom: 2px solid transparent;
      color: var(--quiet);
      text-decoration: none;
    }
    a:hover {
      color: var(--ink);
    }
    .here {
      border-bottom-color: var(--ink);
      color: var(--ink);
      font-weight: 650;
    }
    @media print {
      nav {
        display: none;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VerifyStage {
  private readonly open = inject(OpenLink);
  protected readonly parts = computed(() => {
    const link = this.open.link();
    const family = link ? this.open.job().catalogue.cable(link.cable).family : null;
    return PARTS.filter(
      ({ families }) => families === null || (family !== null && families.includes(family)),
    );
  });
}
