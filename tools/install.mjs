import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { findPostgres } from './cluster/index.mjs';
import { withLock } from './lock.mjs';
import { ROOT } from './paths.mjs';
import { must, output, say } from './run.mjs';

const OLDEST_NODE = [20, 19];

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor >= OLDEST_NODE[1])) return;
  throw new Error(
    `Node.js ${OLDEST_NODE.join('.')} or newer is needed; this is ${process.version}.`,
  );
}

/** Installs the node modules that package-lock.json names, unless they are there. */
export function ensureModules() {
  return withLock('install', async () => {
    const stamp = join(ROOT, 'node_modules/.near-spoke-lock');
    const lock = createHash('sha256')
      .update(readFileSync(join(ROOT, 'package-lock.json')))
      .digest('hex');
    if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
    say('Installing node modules. The first time this takes some minutes.');
    await must('npm ci', 'npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      cwd: ROOT,
    });
    writeFileSync(stamp, lock);
  });
}

export function ensurePostgres() {
  return withLock('apt', async () => {
    const found = findPostgres();
    if (found) return found;
    await keepSystemClusterAway();
    await aptInstall('postgresql');
    const installed = findPostgres();
    if (!installed) throw new Error('Debian’s postgresql package brought no PostgreSQL programs.');
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
  const root = process.getuid() === 0;
  if (!root && (await output('sudo', ['-V'])) === null)
    throw new Error(`Debian’s package ${name} is needed. Install it, or run as root or with sudo.`);
  say(`Installing Debian’s package ${name}.`);
  const [command, first] = root ? ['env', []] : ['sudo', ['env']];
  const apt = (args) =>
    must('apt-get', command, [...first, 'DEBIAN_FRONTEND=noninteractive', 'apt-get', ...args]);
  await apt(['update', '-qq']);
  await apt(['install', '-y', '-qq', '-o', 'Dpkg::Options::=--force-confold', name]);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  checkNode();
  await ensureModules();
}
