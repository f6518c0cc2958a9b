import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { build } from './build.mjs';
import { startCluster } from './database.mjs';
import { checkNode, ensureModules, ensurePostgres } from './install.mjs';
import { isAlive } from './lock.mjs';
import { DATA, MIGRATIONS, ROOT, SERVER_BUNDLE, TESTER_BUNDLE, WEB_DIST } from './paths.mjs';
import { say } from './run.mjs';

const RUNNING = join(DATA, 'running.json');
const PORT = Number(process.env['PORT'] ?? 4170);

let cluster = null;
let server = null;
let tester = null;
let reflectometer = null;
let ending = null;

/** Stops the server, then the database, once. */
function stop(code) {
  ending ??= (async () => {
    say('Stopping.');
    await server?.stop();
    await tester?.stop();
    await reflectometer?.stop();
    await cluster?.stop();
    rmSync(RUNNING, { force: true });
    process.exit(code);
  })();
  return ending;
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
// npm killed outright leaves this process behind: notice, and stop.
if (process.env['npm_lifecycle_event'] === 'start') {
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && void stop(0), 500).unref();
}

try {
  if (!Number.isInteger(PORT) || PORT < 0 || PORT > 65535)
    throw new Error(`PORT is '${process.env['PORT']}'; it must be a number from 0 to 65535.`);
  checkNode();
  await refuseSecondStart();
  await ensureModules();
  const own = process.env['DATABASE_URL'];
  const bin = own ? null : await ensurePostgres();
  await build();
  if (bin) cluster = await startCluster({ folder: join(DATA, 'postgres'), bin });
  const instruments = await benchTesters();
  const { listenReflectometer } = await import(TESTER_BUNDLE);
  reflectometer = await listenReflectometer(5026).catch(() => listenReflectometer(0));
  const { serve } = await import(SERVER_BUNDLE);
  const { version } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8'));
  server = await serve({
    databaseUrl: own ?? cluster.url,
    port: PORT,
    migrationsFolder: MIGRATIONS,
    webRoot: WEB_DIST,
    version,
    demo: true,
    logLevel: process.env['LOG_LEVEL'] ?? 'warn',
    instruments,
    reflectometer: { host: '127.0.0.1', port: reflectometer.port },
  });
  mkdirSync(DATA, { recursive: true });
  writeFileSync(RUNNING, JSON.stringify({ pid: process.pid, url: server.url }));
  say(`Near Spoke is ready: ${server.url}`);
} catch (error) {
  const other = `Choose another: PORT=${PORT + 10} npm start`;
  const told =
    error.code === 'EADDRINUSE'
      ? `Port ${PORT} is in use. ${other}`
      : error.cause?.message === 'bad port'
        ? `Browsers refuse port ${PORT}, which is kept for another service. ${other}`
        : error.message;
  console.error(told);
  if (process.env['LOG_LEVEL'] === 'debug') console.error(error);
  await cluster?.stop();
  process.exit(1);
}

/**
 * Testers that can be read: those that TESTERS names (host:port, separated by commas), else a simulated
 * one, on the usual port for lines of text or on any that is free.
 */
async function benchTesters() {
  const named = process.env['TESTERS'];
  if (named !== undefined)
    return named
      .split(',')
      .filter(Boolean)
      .map((text) => {
        const [host, port] = text.trim().split(':');
        if (!host || !(Number(port) > 0)) throw new Error(`TESTERS: '${text}' is not host:port.`);
        return { host, port: Number(port) };
      });
  const { listenTester } = await import(TESTER_BUNDLE);
  tester = await listenTester(5025).catch(() => listenTester(0));
  return [{ host: '127.0.0.1', port: tester.port }];
}

/** One start a checkout: its database has one owner. One that is just ending is waited for. */
async function refuseSecondStart() {
  for (let tries = 0; existsSync(RUNNING); tries += 1) {
    let running = null;
    try {
      running = JSON.parse(readFileSync(RUNNING, 'utf8'));
    } catch {
      return;
    }
    if (!isOtherStart(running.pid)) return;
    if (tries >= 20) throw new Error(`Near Spoke runs from this checkout already: ${running.url}`);
    await sleep(100);
  }
}

function isOtherStart(pid) {
  try {
    return isAlive(pid) && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}
