import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import './plain-errors.mjs';
import { findPostgres } from './cluster/index.mjs';
import { lookFirst } from './first-look.mjs';
import { withLock } from './lock.mjs';
import { ROOT } from './paths.mjs';
import { Refusal } from './refusal.mjs';
import { must, say } from './run.mjs';

const OLDEST_NODE = [20, 19];

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor >= OLDEST_NODE[1])) return;
  throw new Refusal(
    `Node.js ${OLDEST_NODE.join('.')} or newer is needed; this is ${process.version}.`,
  );
}

const STAMP = join(ROOT, 'node_modules/.near-spoke-lock');
const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
const haveModules = () => existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lockHash();

/** What a command needs beside node modules. */
const TO_RUN = ['postgresql'];
const TO_TEST = [...TO_RUN, 'chromium', 'poppler-utils', 'ngspice'];

/** Tells at once what would fail later, before anything is downloaded. */
export const lookBeforeRun = ({ database = true } = {}) =>
  lookFirst({ packages: database ? TO_RUN : [], modules: !haveModules() });
export const lookBeforeTests = () => lookFirst({ packages: TO_TEST, modules: !haveModules() });

/** Installs the node modules that package-lock.json names, unless they are there. */
export function ensureModules() {
  return withLock('install', async () => {
    if (haveModules()) return;
    say(
      'Installing node modules, some 600 MB in the checkout. The first time this takes some minutes.',
    );
    await must('npm ci', 'npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      cwd: ROOT,
    });
    writeFileSync(STAMP, lockHash());
  });
}

export function ensurePostgres() {
  return withLock('apt', async () => {
    const found = findPostgres();
    if (found) return found;
    await keepSystemClusterAway();
    await aptInstall('postgresql');
    const installed = findPostgres();
    if (!installed)
      throw new Refusal('Debian’s postgresql package brought no PostgreSQL programs.');
    return installed;
  });
}

export const CHROMIUM = '/usr/bin/chromium';

export function ensureChromium() {
  return withLock('apt', async () => {
    if (!existsSync(CHROMIUM)) await aptInstall('chromium');
  });
}

/** What only the tests need, so that results are measured by programs that are not ours. */
const TEST_PROGRAMS = [
  { file: '/usr/bin/pdftoppm', debian: 'poppler-utils' },
  { file: '/usr/bin/ngspice', debian: 'ngspice' },
];

export function ensureTestPrograms() {
  return withLock('apt', async () => {
    for (const { file, debian } of TEST_PROGRAMS) if (!existsSync(file)) await aptInstall(debian);
  });
}

/** Near Spoke runs a cluster of its own: the package need not make and start one for the machine. */
async function keepSystemClusterAway() {
  const folder = '/etc/postgresql-common';
  const file = `${folder}/createcluster.conf`;
  if (existsSync(file)) return;
  const text = 'create_main_cluster = false';
  if (process.getuid() === 0) {
    mkdirSync(folder, { recursive: true });
    writeFileSync(file, `${text}\n`);
  } else await must('sudo', 'sudo', ['sh', '-c', `mkdir -p ${folder} && echo '${text}' > ${file}`]);
}

async function aptInstall(name) {
  say(`Installing Debian’s package ${name}.`);
  const [command, first] = process.getuid() === 0 ? ['env', []] : ['sudo', ['env']];
  const apt = (args) =>
    must('apt-get', command, [...first, 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args]);
  await apt(['update', '-qq']);
  await apt([
    'install',
    '-y',
    '-qq',
    '--no-install-recommends',
    '-o',
    'Dpkg::Options::=--force-confold',
    name,
  ]);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  checkNode();
  await lookBeforeRun({ database: false });
  await ensureModules();
}
