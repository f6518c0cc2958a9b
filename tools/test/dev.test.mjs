import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { utimesSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { freePort } from '../cluster/start-cluster.mjs';
import { ROOT } from '../paths.mjs';

const touch = (path) => utimesSync(join(ROOT, path), new Date(), new Date());

describe('the command for developers', () => {
  it('is ready when both answer, sees what changes, and ends with its children', async () => {
    const [port, webPort] = [await freePort(), await freePort()];
    const child = spawn(process.execPath, ['tools/dev.mjs'], {
      cwd: ROOT,
      env: {
        ...process.env,
        DATABASE_URL: process.env.TEST_DATABASE_URL,
        PORT: String(port),
        WEB_PORT: String(webPort),
      },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text));
    const ended = once(child, 'exit');
    /** Waits for something to be said, or for the end. */
    const hear = async (pattern, times = 1) => {
      while ((said.match(pattern) ?? []).length < times && child.exitCode === null)
        await sleep(200);
      return (said.match(pattern) ?? []).length;
    };
    try {
      expect(await hear(/Ready: the web app/g))
        .withContext(said.slice(-2000))
        .toBe(1);
      const page = await (await fetch(`http://127.0.0.1:${webPort}/`)).text();
      expect(page).toContain('<title>Near Spoke');
      expect((await fetch(`http://127.0.0.1:${webPort}/api/health`)).status).toBe(200);
      const built = said.match(/bundle generation complete/g).length;
      touch('apps/web/src/app/site/sites-page.html');
      expect(await hear(/bundle generation complete/g, built + 1)).toBeGreaterThan(built);
      touch('apps/server/src/dev.ts');
      expect(await hear(/Restarting/g)).toBeGreaterThan(0);
    } finally {
      child.kill('SIGTERM');
    }
    expect((await ended)[0]).toBe(0);
    await expectAsync(fetch(`http://127.0.0.1:${webPort}/`)).toBeRejected();
  }, 480_000);
});
