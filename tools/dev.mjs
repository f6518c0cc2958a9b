import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ngProgram } from './build.mjs';
import { startCluster } from './cluster/index.mjs';
import { checkNode, ensureModules, ensurePostgres } from './install.mjs';
import { ROOT, STATE, WEB } from './paths.mjs';
import { say } from './run.mjs';

// Live reload: the server restarts and the web app reloads when their sources change. The database is
// a cluster of its own, beside the one of npm start.
checkNode();
await ensureModules();
const own = process.env['DATABASE_URL'];
const cluster = own
  ? null
  : await startCluster({ folder: join(STATE, 'postgres-dev'), bin: await ensurePostgres() });

const PORT = process.env['PORT'] ?? '4171';
const environment = { ...process.env, DATABASE_URL: own ?? cluster.url, PORT };
const children = [
  spawn(
    process.execPath,
    ['--import', 'tsx', '--watch', '--watch-preserve-output', join(ROOT, 'apps/server/src/dev.ts')],
    { cwd: ROOT, env: environment, stdio: ['ignore', 'inherit', 'inherit'] },
  ),
  spawn(process.execPath, [ngProgram(), 'serve', '--port', '4200'], {
    cwd: WEB,
    env: { ...environment, NG_CLI_ANALYTICS: 'false' },
    stdio: ['ignore', 'inherit', 'inherit'],
  }),
];
say(`Server on http://127.0.0.1:${PORT}, web app with live reload on http://127.0.0.1:4200.`);

let stopping = false;
async function stop() {
  if (stopping) return;
  stopping = true;
  for (const child of children) child.kill('SIGTERM');
  await cluster?.stop();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop());
