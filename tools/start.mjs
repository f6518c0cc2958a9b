import { readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { build } from './build.mjs';
import { makeBackup } from './backup/make-backup.mjs';
import { backUpNightly } from './backup/nightly.mjs';
import { BACKUPS, backupsKept, programVersion } from './backup/settings.mjs';
import { startCluster } from './cluster/index.mjs';
import { checkNode, ensureModules, ensurePostgres, lookBeforeRun } from './install.mjs';
import { refuseMissing, rememberData } from './known-data.mjs';
import { DATA, MIGRATIONS, SERVER_BUNDLE, STATE, TESTER_BUNDLE, WEB_DIST } from './paths.mjs';
import { Refusal, asRefusal, tell } from './refusal.mjs';
import { say } from './run.mjs';
import { forgetRunning, noteRunning, whoIsRunning } from './running.mjs';
import { superviseServer } from './supervise.mjs';

const PORT = Number(process.env['PORT'] ?? 4170);
/** Backups before upgrades that are kept. */
const UPGRADES_KEPT = 5;

let cluster = null;
let server = null;
let tester = null;
let reflectometer = null;
let endNights = null;
let ending = null;
/** The server on its way up, and what lets it go again. */
let starting = null;
const letGo = new AbortController();

/** Stops the server, then the database, once. */
function stop(code) {
  ending ??= (async () => {
    say('Stopping.');
    endNights?.();
    letGo.abort();
    await (server ? server.stop() : starting?.catch(() => undefined));
    await tester?.stop();
    await reflectometer?.stop();
    await cluster?.stop();
    forgetRunning();
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
    throw new Refusal(`PORT is '${process.env['PORT']}'; it must be a number from 0 to 65535.`);
  checkNode();
  const kept = backupsKept();
  await refuseSecondStart();
  await refuseTakenPort();
  const own = process.env['DATABASE_URL'];
  if (!own) refuseMissing(DATA);
  await lookBeforeRun({ database: !own });
  await ensureModules();
  const bin = own ? null : await ensurePostgres();
  await build();
  if (bin) {
    say('Starting the database.');
    cluster = await startCluster({ folder: join(DATA, 'postgres'), bin });
    rememberData(DATA);
  }
  const databaseUrl = own ?? cluster.url;
  const version = programVersion();
  const backup = { url: databaseUrl, bin: cluster?.bin, folder: BACKUPS, version };
  await backUpBeforeUpgrade(databaseUrl, backup);
  const instruments = await benchTesters();
  const { listenReflectometer } = await import(TESTER_BUNDLE);
  say('Starting the server. The first time, it puts the demonstration in.');
  reflectometer = await listenReflectometer(5026).catch(() => listenReflectometer(0));
  starting = superviseServer(
    {
      databaseUrl,
      port: PORT,
      migrationsFolder: MIGRATIONS,
      webRoot: WEB_DIST,
      version,
      judgement: readFileSync(join(STATE, 'build-stamp'), 'utf8'),
      demo: true,
      warm: true,
      logLevel: process.env['LOG_LEVEL'] ?? 'info',
      logFolder: join(DATA, 'log'),
      databaseFolder: cluster?.data,
      hosts: (process.env['ALLOWED_HOSTS'] ?? '').toLowerCase().split(',').filter(Boolean),
      instruments,
      reflectometer: { host: '127.0.0.1', port: reflectometer.port },
    },
    DATA,
    letGo.signal,
  );
  server = await starting;
  await refuseBadPort(server.url);
  if (cluster && kept > 0) endNights = backUpNightly({ ...backup, keep: kept });
  noteRunning({ url: server.url, databaseUrl, bin: cluster?.bin ?? null });
  say(`Near Spoke is ready: ${server.url}`);
} catch (error) {
  // Who stops it while it starts knows why it did not.
  if (ending) await ending;
  const other = `Choose another: PORT=${PORT + 10} npm start`;
  tell(
    error.code === 'EADDRINUSE'
      ? new Refusal(`Port ${PORT} is in use. ${other}`)
      : error.code === 'EACCES' && error.syscall === 'listen'
        ? new Refusal(`This user may not use port ${PORT}. ${other}`)
        : asRefusal(error),
  );
  await server?.stop();
  await cluster?.stop();
  process.exit(1);
}

/** A database that an older program has left is backed up before it is changed; one of a newer is left alone. */
async function backUpBeforeUpgrade(url, backup) {
  const { schemaState } = await import(SERVER_BUNDLE);
  const { made, pending, unknown } = await schemaState(url, MIGRATIONS);
  if (made === 0 || pending === 0 || unknown > 0) return;
  if (!backup.bin) {
    say(
      'The database is brought to a new layout. A backup of it is yours to make: its programs are not ours.',
    );
    return;
  }
  say('The database is backed up before it is brought to a new layout.');
  say(`The backup is in ${await makeBackup({ ...backup, kind: 'upgrade', keep: UPGRADES_KEPT })}.`);
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
        if (!host || !(Number(port) > 0)) throw new Refusal(`TESTERS: '${text}' is not host:port.`);
        return { host, port: Number(port) };
      });
  const { listenTester } = await import(TESTER_BUNDLE);
  tester = await listenTester(5025).catch(() => listenTester(0));
  return [{ host: '127.0.0.1', port: tester.port }];
}

/** One start a checkout: its database has one owner. One that is just ending is waited for. */
async function refuseSecondStart() {
  for (let tries = 0; ; tries += 1) {
    const running = whoIsRunning();
    if (!running) return;
    if (tries >= 20)
      throw new Refusal(`Near Spoke runs from this checkout already: ${running.url}`);
    await sleep(100);
  }
}

/** Browsers, and fetch like them, refuse ports that are kept for other services. */
async function refuseBadPort(url) {
  try {
    await fetch(`${url}/api/health`);
  } catch (error) {
    if (error.cause?.message === 'bad port')
      throw new Refusal(
        `Browsers refuse port ${PORT}, which is kept for another service. Choose another: PORT=${PORT + 10} npm start`,
      );
  }
}

/** What can be told at once is told before anything is installed. */
async function refuseTakenPort() {
  if (PORT === 0) return;
  const probe = createServer();
  await new Promise((resolve, reject) => {
    probe.once('error', reject);
    probe.listen(PORT, '127.0.0.1', resolve);
  });
  await new Promise((resolve) => probe.close(resolve));
}
