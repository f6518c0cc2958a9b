import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { Deeds } from '../shell/deeds';
import { isText, kept } from '../shell/kept';
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
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);

  protected readonly sites = this.store.selectSignal(sitesFeature.selectAll);
  protected readonly loading = this.store.selectSignal(sitesFeature.selectLoading);
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
