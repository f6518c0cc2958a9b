import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { Router, RouterLink } from '@angular/router';
import { siteEndpoints } from '@near-spoke/contract';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { isText, kept } from '../shell/kept';
import { Api, isRefusal } from '../store/api/api';
import { sitesActions, sitesFeature } from '../store/sites/sites';

/** All sites, and a new one. */
@Component({
  selector: 'ns-sites-page',
  imports: [MatButtonModule, MatFormFieldModule, MatInputModule, RouterLink],
  templateUrl: './sites-page.html',
  styleUrl: './sites-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SitesPage {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly router = inject(Router);

  protected readonly sites = this.store.selectSignal(sitesFeature.selectAll);
  protected readonly loading = this.store.selectSignal(sitesFeature.selectLoading);
  protected readonly name = kept('draft.site', '', isText);
  protected readonly refused = signal('');
  private readonly id = v7();

  constructor() {
    this.load();
  }

  protected load(): void {
    this.store.dispatch(sitesActions.load());
  }

  protected create(event: Event): void {
    event.preventDefault();
    this.refused.set('');
    this.api.call(siteEndpoints.make, { body: { id: this.id, name: this.name() } }).subscribe({
      next: (site) => {
        this.name.set('');
        this.store.dispatch(sitesActions.stored({ site }));
        void this.router.navigate(['/sites', site.id]);
      },
      error: (error: unknown) =>
        this.refused.set(
          isRefusal(error)
            ? error.away
              ? 'The server does not answer. The name is kept here: try again soon.'
              : (error.problem.errors?.[0]?.reason ?? error.problem.title)
            : 'Something went wrong.',
        ),
    });
  }
}
