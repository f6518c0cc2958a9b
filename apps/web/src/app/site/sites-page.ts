import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { rxResource } from '@angular/core/rxjs-interop';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { Router, RouterLink } from '@angular/router';
import { siteEndpoints, type SiteStandings } from '@near-spoke/contract';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { StateMark } from '../drawing';
import { Deeds } from '../shell/deeds';
import { isText, kept } from '../shell/kept';
import { Api } from '../store/api/api';
import { sitesActions, sitesFeature } from '../store/sites/sites';

type Standing = SiteStandings['sites'][number];

/** All sites with how each stands, and a new one. */
@Component({
  selector: 'ns-sites-page',
  imports: [DatePipe, MatButtonModule, MatFormFieldModule, MatInputModule, RouterLink, StateMark],
  templateUrl: './sites-page.html',
  styleUrl: './sites-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SitesPage {
  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);

  protected readonly sites = this.store.selectSignal(sitesFeature.selectAll);
  protected readonly loading = this.store.selectSignal(sitesFeature.selectLoading);
  private readonly api = inject(Api);
  /** Known to the server alone. */
  private readonly asked = rxResource({ stream: () => this.api.call(siteEndpoints.standings, {}) });
  protected readonly standings = computed((): Partial<Record<string, Standing>> =>
    Object.fromEntries(
      this.asked.hasValue() ? this.asked.value().sites.map((row) => [row.id, row]) : [],
    ),
  );
  protected readonly name = kept('draft.site', '', isText);

  constructor() {
    this.load();
  }

  protected load(): void {
    this.store.dispatch(sitesActions.load());
  }

  protected create(event: Event): void {
    event.preventDefault();
    const [id, name] = [v7(), this.name().trim()];
    if (name === '') return;
    this.deeds.addSite(id, {
      name,
      note: '',
      units: 'metric',
      defaultScheme: 'T568B',
      schemeReason: '',
      schools: {},
    });
    this.name.set('');
    void this.router.navigate(['/sites', id]);
  }
}
