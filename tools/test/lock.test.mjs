import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { withLock } from '../lock.mjs';
import { beganAt } from '../process-table.mjs';

describe('a lock', () => {
  let folder;
  let file;
  beforeEach(() => {
    folder = mkdtempSync(join(process.env.TEST_FOLDER ?? '/tmp', 'lock-'));
    file = join(folder, 'build.lock');
  });
  const taken = () => withLock('build', async () => 'worked', folder);
  const aged = () => utimesSync(file, Date.now() / 1000 - 60, Date.now() / 1000 - 60);

  for (const [what, text] of [
    ['names nobody', ''],
    ['is no JSON', '{"pid":'],
    ['names a process that is gone', '{"pid":4194303,"began":"1"}'],
    ['holds the bare number of one that is gone, as older ones do', '4194303'],
  ])
    it(`that ${what} stops nobody`, async () => {
      writeFileSync(file, text);
      aged();
      expect(await taken()).toBe('worked');
      expect(existsSync(file)).toBeFalse();
    });

  it('that names a number which another process has now stops nobody', async () => {
    writeFileSync(file, JSON.stringify({ pid: process.pid, began: `${beganAt(process.pid)}0` }));
    expect(await taken()).toBe('worked');
  });

  it('is held by one process at a time, and free when its holder is killed', async () => {
    const log = join(folder, 'log');
    const program = `
      const { withLock } = await import(${JSON.stringify(new URL('../lock.mjs', import.meta.url).href)});
      const { appendFileSync } = await import('node:fs');
      for (let n = 0; n < 20; n += 1)
        await withLock('build', async () => {
          appendFileSync(${JSON.stringify(log)}, 'in ');
          await new Promise((done) => setTimeout(done, 5));
          appendFileSync(${JSON.stringify(log)}, 'out ');
        }, ${JSON.stringify(folder)});
      await withLock('build', () => new Promise(() => setInterval(() => {}, 1000)), ${JSON.stringify(folder)});`;
    const children = [1, 2, 3].map(() =>
      spawn(process.execPath, ['--input-type=module', '-e', program], { stdio: 'ignore' }),
    );
    const ended = children.map((child) => new Promise((done) => child.once('exit', done)));
    // Each ends by holding the lock for ever: who is killed lets the next on.
    for (let left = children.length; left > 0;) {
      await new Promise((done) => setTimeout(done, 100));
      const holder = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8') || '{}').pid : 0;
      const child = children.find(({ pid, killed }) => pid === holder && !killed);
      const before = existsSync(log) ? readFileSync(log, 'utf8').length : 0;
      await new Promise((done) => setTimeout(done, 700));
      const after = existsSync(log) ? readFileSync(log, 'utf8').length : 0;
      if (child && before > 0 && before === after) {
        child.kill('SIGKILL');
        left -= 1;
      }
    }
    await Promise.all(ended);
    expect(readFileSync(log, 'utf8')).toBe('in out '.repeat(60));
    expect(await taken()).toBe('worked');
  }, 60_000);
});
