import { Injectable, inject, signal } from '@angular/core';
import { diagnosisEndpoints } from '@near-spoke/contract/diagnosis';
import { NO_EXPERIENCE, type Experience } from '@near-spoke/core/verify/explain';
import { timeout } from 'rxjs';
import { Api } from '../store/api/api';

const PATIENCE_MS = 2000;

/**
 * What the firm's own remade ends say of what goes wrong; asked once. Null while it is not known; a
 * server that does not answer in time tells nothing.
 */
@Injectable({ providedIn: 'root' })
export class FirmExperience {
  private readonly told = signal<Experience | null>(null);
  readonly seen = this.told.asReadonly();

  constructor() {
    inject(Api)
      .call(diagnosisEndpoints.experience, {})
      .pipe(timeout(PATIENCE_MS))
      .subscribe({
        next: (seen) => this.told.set(seen),
        error: () => this.told.set(NO_EXPERIENCE),
      });
  }
}
