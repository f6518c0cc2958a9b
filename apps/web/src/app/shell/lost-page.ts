import { ChangeDetectionStrategy, Component } from '@angular/core';
import { RouterLink } from '@angular/router';

@Component({
  selector: 'ns-lost-page',
  imports: [RouterLink],
  template: `
    <main>
      <h1>There is no page here</h1>
      <p>
        The address may be mistyped, or the link was removed. <a routerLink="/sites">All sites</a>
      </p>
    </main>
  `,
  styles: `
    main {
      padding: 3rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LostPage {}
