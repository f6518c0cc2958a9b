import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { NonNullableFormBuilder, ReactiveFormsModule } from '@angular/forms';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router } from '@angular/router';
import { siteEndpoints } from '@near-spoke/contract';
import { SCHEMES, SCHOOLS, type SchemeId } from '@near-spoke/core/catalogue';
import type { UnitSystem } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { Api, isRefusal } from '../store/api/api';
import { sitesActions, sitesFeature } from '../store/sites/sites';
import { schoolFields } from './school-fields';

/** The site's name, its units, and the scheme chosen for the job with the reason. */
@Component({
  selector: 'ns-settings-page',
  imports: [
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatSelectModule,
    ReactiveFormsModule,
  ],
  templateUrl: './settings-page.html',
  styleUrl: './form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SettingsPage {
  readonly siteId = input.required<string>();

  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);

  protected readonly schemes = SCHEMES;
  /** The other schools of the job. */
  protected readonly schools = SCHOOLS.filter(({ id }) => id !== 'scheme');
  protected readonly site = computed(() => this.sites()[this.siteId()]);
  protected readonly refused = signal('');
  private readonly build = inject(NonNullableFormBuilder);
  protected readonly form = this.build.group({
    name: '',
    note: '',
    units: this.build.control<UnitSystem>('metric'),
    defaultScheme: this.build.control<SchemeId>('T568B'),
    schemeReason: '',
    schools: schoolFields(this.build, this.schools, ({ usual }) => usual),
  });

  constructor() {
    effect(() => {
      const site = this.site();
      if (!site || !this.form.pristine) return;
      const { name, note, units, defaultScheme, schemeReason, schools } = site;
      this.form.patchValue({ name, note, units, defaultScheme, schemeReason, schools });
    });
  }

  protected save(): void {
    const site = this.site();
    if (!site) return;
    this.refused.set('');
    const raw = this.form.getRawValue();
    // What is as usual was chosen by nobody.
    const schools = Object.fromEntries(
      this.schools.flatMap(({ id, usual }) => {
        const row = raw.schools[id];
        return row && (row.choice !== usual || row.reason.trim() !== '') ? [[id, row]] : [];
      }),
    );
    this.api
      .call(siteEndpoints.change, { id: site.id, body: { version: site.version, ...raw, schools } })
      .subscribe({
        next: (stored) => {
          this.store.dispatch(sitesActions.stored({ site: stored }));
          this.snack.open('Saved.', undefined, { duration: 3000 });
          void this.router.navigate(['/sites', site.id]);
        },
        error: (error: unknown) => {
          this.refused.set(
            isRefusal(error)
              ? [
                  error.problem.detail,
                  ...(error.problem.errors ?? []).map(({ path, reason }) => `${path}: ${reason}.`),
                ].join(' ')
              : 'Something went wrong.',
          );
          this.store.dispatch(sitesActions.load());
        },
      });
  }
}
