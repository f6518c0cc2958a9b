import { ChangeDetectionStrategy, Component, computed, effect, inject, input } from '@angular/core';
import { NonNullableFormBuilder, ReactiveFormsModule } from '@angular/forms';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router } from '@angular/router';
import { SCHEMES, SCHOOLS, type SchemeId } from '@near-spoke/core/catalogue';
import type { UnitSystem } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { Deeds } from '../shell/deeds';
import { sitesFeature } from '../store/sites/sites';
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
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly snack = inject(MatSnackBar);
  private readonly sites = this.store.selectSignal(sitesFeature.selectEntities);

  protected readonly schemes = SCHEMES;
  /** The other schools of the job. */
  protected readonly schools = SCHOOLS.filter(({ id }) => id !== 'scheme');
  protected readonly site = computed(() => this.sites()[this.siteId()]);
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
    const raw = this.form.getRawValue();
    // What is as usual was chosen by nobody.
    const schools = Object.fromEntries(
      this.schools.flatMap(({ id, usual }) => {
        const row = raw.schools[id];
        return row && (row.choice !== usual || row.reason.trim() !== '') ? [[id, row]] : [];
      }),
    );
    this.deeds.changeSite(site, { version: site.version, ...raw, schools });
    this.snack.open('Saved.', undefined, { duration: 3000 });
    void this.router.navigate(['/sites', site.id]);
  }
}
