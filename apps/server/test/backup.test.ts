import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { lostOf, manyWriters } from './many-writers';
import { MIGRATIONS, freshDatabase, startServer } from './server';

const tool = async (file: string): Promise<unknown> =>
  import(new URL(`../../../tools/backup/${file}`, import.meta.url).href);
const { makeBackup } = (await tool('make-backup.mjs')) as {
  readonly makeBackup: (options: object) => Promise<string>;
};
const { restoreDatabase } = (await tool('restore-backup.mjs')) as {
  readonly restoreDatabase: (options: object) => Promise<void>;
};

const folder = join(process.env['TEST_FOLDER'] ?? '/tmp', 'backup-of-demo');
const bin = process.env['POSTGRES_BIN'];
describe('A backup that is made while twenty write', () => {
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  it('holds, restored, every fact that was acknowledged before it began, once and whole', async () => {
    const databaseUrl = await freshDatabase();
    const server = await startServer({ databaseUrl, demo: true });
    const writers = await manyWriters(() => server.url);
    try {
      while (writers.kept.length < 200) await sleep(50);
      const acknowledged = [...writers.kept];
      const backup = { url: databaseUrl, bin, folder, version: 'test', keep: 1 };
      const file = await makeBackup(backup);
      expect(writers.kept.length)
        .withContext('they went on writing')
        .toBeGreaterThan(acknowledged.length);
      await writers.stop();
      expect(writers.strange).toEqual([]);

      const url = await freshDatabase();
      const known = readMigrationFiles({ migrationsFolder: MIGRATIONS }).map(
        ({ folderMillis }) => folderMillis,
      );
      await restoreDatabase({ file, url, bin, known, scratch: folder });
      const restored = await startServer({ databaseUrl: url });
      try {
        expect(await lostOf(restored.url, acknowledged, writers)).toEqual([]);
      } finally {
        await restored.stop();
      }
    } finally {
      await writers.stop();
      await server.stop();
    }
  });
});
