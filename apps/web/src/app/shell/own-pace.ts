import { Injectable, inject, signal } from '@angular/core';
import { terminateEndpoints, type PaceList } from '@near-spoke/contract';
import { Api } from '../store/api/api';
import { Person } from './person';

/** How long steps take the person at this device, from their own ticks on the open site. */
@Injectable({ providedIn: 'root' })
export class OwnPace {
  private readonly api = inject(Api);
  private readonly person = inject(Person);
  private readonly told = signal<PaceList['steps']>({});
  private asked = '';

  /** Asks once for a site and a person; without an answer the catalogue’s times hold. */
  load(siteId: string): void {
    const author = this.person.name();
    const key = `${siteId} ${author}`;
    if (!siteId || this.asked === key) return;
    this.asked = key;
    this.told.set({});
    this.api.call(terminateEndpoints.pace, { id: siteId, query: { author } }).subscribe({
      next: ({ steps }) => this.told.set(steps),
      error: () => (this.asked = ''),
    });
  }

  knows(stepId: string): boolean {
    return (this.told()[stepId]?.count ?? 0) > 0;
  }

  seconds(stepId: string, usual: number): number {
    return this.told()[stepId]?.seconds ?? usual;
  }
}
