import { statfs } from 'node:fs/promises';
import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { notes } from '../db/schema';
import { ProblemError } from '../http/problem-error';
import type { WorkPool } from '../work/pool';

/** A note is written now and then, so that a disk that takes nothing more is noticed, ms. */
const WRITE_EVERY_MS = 5000;
/** Less room than this on the disk of the database is told, bytes. */
const LEAST_ROOM = 200 * 1024 * 1024;

/** What it takes to be ready. */
export interface Readiness {
  readonly layout: number;
  readonly roomMb: number | null;
  readonly workers: number;
}

/** Whether the server can do its work: its database answers, is as this program made it, and can be written. */
export class Health {
  private writtenAt = -Infinity;
  private layout: number | null = null;
  private roomMb: number | null = null;

  /** @param folder of the database, where it is this machine's; else null */
  constructor(
    private readonly db: Database,
    private readonly pool: WorkPool,
    private readonly folder: string | null,
  ) {}

  /** @throws where it can't: an error of the database, or a problem */
  async check(): Promise<Readiness> {
    const layout = await this.refuseOtherLayout();
    if (performance.now() - this.writtenAt >= WRITE_EVERY_MS) {
      await this.db
        .insert(notes)
        .values({ name: 'heartbeat', value: '' })
        .onConflictDoUpdate({ target: notes.name, set: { at: sql`now()` } });
      this.roomMb = await this.refuseFullDisk();
      this.writtenAt = performance.now();
    }
    const workers = this.pool.states().reduce((sum, { processes }) => sum + processes, 0);
    return { layout, roomMb: this.roomMb, workers };
  }

  /** A newer program may have changed the layout while this one runs. */
  private async refuseOtherLayout(): Promise<number> {
    const { rows } = await this.db.execute<{ made: number }>(
      sql`select count(*)::int as made from drizzle.__drizzle_migrations`,
    );
    const made = rows[0]?.made ?? 0;
    this.layout ??= made;
    if (made !== this.layout)
      throw new ProblemError(
        503,
        'Outdated',
        'A newer Near Spoke has changed the database’s layout. Start that one.',
      );
    return made;
  }

  private async refuseFullDisk(): Promise<number | null> {
    if (this.folder === null) return null;
    const { bavail, bsize } = await statfs(this.folder);
    const room = bavail * bsize;
    const roomMb = Math.floor(room / 1024 / 1024);
    if (room < LEAST_ROOM)
      throw new ProblemError(
        507,
        'No room',
        `The disk of the database has ${roomMb} MB left. Make room on it: soon nothing can be kept.`,
      );
    return roomMb;
  }
}
