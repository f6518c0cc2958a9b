import type { Database } from '../db/database';
import type { WorkPool } from '../work/pool';
import { countStale } from './lists';
import { refreshAsk } from './refresh-links';

/** How long a list waits for what is stale, and how long one turn of the rest takes, ms. */
const LIST_MS = 200;
const TURN_MS = 4000;

/** Keeps the lists of sites true: what is stale is worked out before they are shown, or soon after. */
export class Refresher {
  private readonly under = new Map<string, Promise<void>>();
  private stopped = false;

  constructor(
    private readonly db: Database,
    private readonly pool: WorkPool,
  ) {}

  /** Resolves when nothing of the site is stale, or when a list has waited long enough. */
  async beforeList(siteId: string): Promise<void> {
    if ((await countStale(this.db, siteId, 1)) === 0) return;
    await this.turn(siteId, LIST_MS);
    if ((await countStale(this.db, siteId, 1)) > 0) void this.rest(siteId);
  }

  stop(): void {
    this.stopped = true;
  }

  /** Who asks while a turn is under way waits for that one. */
  private turn(siteId: string, ms: number): Promise<void> {
    const running = this.under.get(siteId);
    if (running) return running;
    const run = this.pool
      .run('refreshLinks', refreshAsk(siteId, ms), new AbortController().signal)
      .then(() => undefined)
      .finally(() => this.under.delete(siteId));
    this.under.set(siteId, run);
    return run;
  }

  private async rest(siteId: string): Promise<void> {
    try {
      while (!this.stopped && (await countStale(this.db, siteId, 1)) > 0)
        await this.turn(siteId, TURN_MS);
    } catch {
      // The next list that is asked for tries again.
    }
  }
}
