import { statfs } from 'node:fs/promises';
import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { notes } from '../db/schema';
import { ProblemError } from '../http/problem-error';

/** A note is written now and then, so that a disk that takes nothing more is noticed, ms. */
const WRITE_EVERY_MS = 5000;
/** Less room than this on the disk of the database is told, bytes. */
const LEAST_ROOM = 200 * 1024 * 1024;

/** Whether the server can do its work: its database answers and can be written. */
export class Health {
  private writtenAt = -Infinity;

  /** @param folder of the database, where it is this machine's; else null */
  constructor(
    private readonly db: Database,
    private readonly folder: string | null,
  ) {}

  /** @throws where it can't: an error of the database, or a problem */
  async check(): Promise<void> {
    if (performance.now() - this.writtenAt < WRITE_EVERY_MS) {
      await this.db.execute(sql`select 1`);
      return;
    }
    await this.db
      .insert(notes)
      .values({ name: 'heartbeat', value: '' })
      .onConflictDoUpdate({ target: notes.name, set: { at: sql`now()` } });
    await this.refuseFullDisk();
    this.writtenAt = performance.now();
  }

  private async refuseFullDisk(): Promise<void> {
    if (this.folder === null) return;
    const { bavail, bsize } = await statfs(this.folder);
    const room = bavail * bsize;
    if (room < LEAST_ROOM)
      throw new ProblemError(
        507,
        'No room',
        `The disk of the database has ${Math.floor(room / 1024 / 1024)} MB left. Make room on it: soon nothing can be kept.`,
      );
  }
}
