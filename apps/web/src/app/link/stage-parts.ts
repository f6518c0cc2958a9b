import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';

export interface StagePart {
  readonly path: string;
  readonly name: string;
}

/** The parts of a stage, and the one that is open. */
@Component({
  selector: 'ns-stage-parts',
  imports: [RouterLink, RouterLinkActive, RouterOutlet],
  template: `
    <nav [attr.aria-label]="'Parts of ' + stage()">
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
export class StageParts {
  readonly stage = input.required<string>();
  readonly parts = input.required<readonly StagePart[]>();
}
