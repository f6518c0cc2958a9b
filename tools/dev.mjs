import './plain-errors.mjs';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ngProgram } from './build.mjs';
import { startCluster } from './cluster/index.mjs';
import { checkNode, ensureModules, ensurePostgres, lookBeforeRun } from './install.mjs';
import { ROOT, STATE, WEB } from './paths.mjs';
import { say } from './run.mjs';
import { setTimeout as sleep } from 'node:timers/promises';

// Live reload: the server restarts and the web app reloads when their sources change. The database is
// a cluster of its own, beside the one of npm start.
checkNode();
const own = process.env['DATABASE_URL'];
await lookBeforeRun({ database: !own });
await ensureModules();
const cluster = own
  ? null
  : await startCluster({ folder: join(STATE, 'postgres-dev'), bin: await ensurePostgres() });

const PORT = process.env['PORT'] ?? '4171';
const WEB_PORT = process.env['WEB_PORT'] ?? '4200';
const environment = { ...process.env, DATABASE_URL: own ?? cluster.url, PORT };
const children = [
  spawn(
    process.execPath,
    ['--import', 'tsx', '--watch', '--watch-preserve-output', join(ROOT, 'apps/server/src/dev.ts')],
    { cwd: ROOT, env: environment, stdio: ['ignore', 'inherit', 'inherit'] },
  ),
  spawn(process.execPath, [ngProgram(), 'serve', '--port', WEB_PORT], {
    cwd: WEB,
    env: { ...environment, NG_CLI_ANALYTICS: 'false' },
    stdio: ['ignore', 'inherit', 'inherit'],
  }),
];
let stopping = false;
async function stop(code = 0) {
  if (stopping) return;
  stopping = true;
  for (const child of children) child.kill('SIGTERM');
  await cluster?.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop());
for (const [index, child] of children.entries())
  child.once('exit', (code) => {
    if (stopping) return;
    say(`${index === 0 ? 'The server' : 'The web app'} has ended with ${code}: all of it stops.`);
    void stop(1);
  });

/** Whether an address answers, asked until it does or all is stopped. */
async function answers(url) {
  while (!stopping) {
    const ok = await fetch(url).then(
      (answer) => answer.ok,
      () => false,
    );
    if (ok) return true;
    await sleep(500);
  }
  return false;
}
const [server, web] = [`http://127.0.0.1:${PORT}`, `http://127.0.0.1:${WEB_PORT}`];
if ((await answers(`${server}/api/health`)) && (await answers(`${web}/`)))
  say(`Ready: the web app with live reload on ${web}, the server on ${server}.`);
