import { HttpClient } from '@angular/common/http';
import { Injectable, inject, signal } from '@angular/core';
import { experience } from '@near-spoke/contract/diagnosis';
import { NO_EXPERIENCE, type Experience } from '@near-spoke/core/verify/explain';
import { parsed, refusing } from '../store/api/api';

/** What the firm's own remade ends say of what goes wrong; asked once, nothing while the server is away. */
@Injectable({ providedIn: 'root' })
export class FirmExperience {
  private readonly told = signal<Experience>(NO_EXPERIENCE);
  readonly seen = this.told.asReadonly();

  constructor() {
    inject(HttpClient)
      .get('/api/verify/experience')
      .pipe(parsed(experience), refusing())
      .subscribe({
        next: (seen) => this.told.set(seen),
        error: () => this.told.set(NO_EXPERIENCE),
      });
  }
}
