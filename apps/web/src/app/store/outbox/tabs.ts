import { Injectable, type OnDestroy } from '@angular/core';
import { problem, type Problem } from '@near-spoke/contract';
import { Subject } from 'rxjs';
import * as z from 'zod';
import type { Entry } from './deed';

/** What pages of this browser tell one another. */
export type Told =
  | { readonly kind: 'queued'; readonly entry: Entry }
  | { readonly kind: 'sent'; readonly entry: Entry; readonly answer: unknown }
  | { readonly kind: 'refused'; readonly entry: Entry; readonly problem: Problem }
  | { readonly kind: 'gone'; readonly entry: Entry };

const CHANNEL = 'near-spoke.outbox';
const told = z.object({
  kind: z.enum(['queued', 'sent', 'refused', 'gone']),
  entry: z.looseObject({ id: z.string() }),
  problem: problem.optional(),
});

/** The other pages of this browser: what one does, all show, and only one sends at a time. */
@Injectable({ providedIn: 'root' })
export class Tabs implements OnDestroy {
  private readonly channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL);
  private letGo: () => void = () => undefined;
  private readonly closed = new Promise<void>((resolve) => (this.letGo = resolve));
  readonly heard = new Subject<Told>();

  constructor() {
    this.channel?.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
      // A page of another version may say what this one does not understand.
      if (told.safeParse(data).success) this.heard.next(data as Told);
    });
  }

  ngOnDestroy(): void {
    this.channel?.close();
    this.letGo();
  }

  tell(what: Told): void {
    this.channel?.postMessage(what);
  }

  /** Does work that no other page does at the same time; leaves it to another one that is at it. */
  async alone(work: () => Promise<void>): Promise<void> {
    // Only where pages are trusted (localhost, https) are there locks; elsewhere the same entry twice does no harm.
    const locks = (navigator as { locks?: LockManager }).locks;
    if (!locks) return work();
    await locks.request(CHANNEL, { ifAvailable: true }, (lock) =>
      lock ? Promise.race([work(), this.closed]) : undefined,
    );
  }
}
