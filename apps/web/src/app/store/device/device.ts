import { Injectable, computed, signal } from '@angular/core';
import { noteTaken, takenAlong, type TakenAlong } from './taken-along';

/** Whether what is shown comes from this device and not from the server, and how old it is. */
@Injectable({ providedIn: 'root' })
export class Device {
  private readonly shownFrom = signal<ReadonlyMap<string, number>>(new Map());
  /** Whether something could not be kept here: the store is full, or refused. */
  readonly full = signal(false);
  /** The oldest of what is shown that came from this device, ms since the epoch; null where all is the server's. */
  readonly shownAt = computed(() => {
    const times = [...this.shownFrom().values()];
    return times.length === 0 ? null : Math.min(...times);
  });

  private readonly taken = signal<Readonly<Record<string, TakenAlong>>>({});

  /** What of a site can be opened without its server; null if nothing can. */
  takenAlong(siteId: string): TakenAlong | null {
    return this.taken()[siteId] ?? takenAlong(siteId);
  }

  took(siteId: string, what: TakenAlong): void {
    this.taken.update((all) => ({ ...all, [siteId]: what }));
    noteTaken(siteId, what);
  }

  /** What was asked for was answered from here, as it was then. */
  usedCopy(url: string, at: number): void {
    this.shownFrom.update((list) => new Map([...list, [url, at]]));
  }

  /** What was asked for was answered by the server. */
  usedServer(url: string): void {
    if (!this.shownFrom().has(url)) return;
    this.shownFrom.update((list) => new Map([...list].filter(([key]) => key !== url)));
  }
}
