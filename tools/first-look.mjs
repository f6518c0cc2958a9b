import { existsSync } from 'node:fs';
import { findPostgres } from './cluster/index.mjs';
import { Refusal } from './refusal.mjs';
import { allOutput, output, run, say } from './run.mjs';

/** A registry that answers at all answers within this, ms. */
const ANSWERS_MS = 8000;

/** What Debian's packages bring, and where each is. */
const PROGRAMS = {
  postgresql: () => findPostgres() !== null,
  chromium: () => existsSync('/usr/bin/chromium'),
  'poppler-utils': () => existsSync('/usr/bin/pdftoppm'),
  ngspice: () => existsSync('/usr/bin/ngspice'),
};

const byHand = (packages) => `apt-get install --no-install-recommends ${packages.join(' ')}`;

/**
 * What can be told before anything is downloaded: what is missing, whether this user may install it, and
 * whether it can be fetched. What will be installed and written outside the checkout is said.
 *
 * @param packages Debian's packages that are needed
 * @param modules whether node modules are missing
 * @param isThere whether what a package brings is on this machine
 * @throws Refusal with what to do
 */
export async function lookFirst({ packages, modules, isThere = (name) => PROGRAMS[name]() }) {
  const missing = packages.filter((name) => !isThere(name));
  if (modules) await refuseWithoutRegistry();
  if (missing.length === 0) return;
  say(
    `Debian’s ${missing.length === 1 ? 'package' : 'packages'} ${missing.join(', ')} will be installed, without what is only recommended beside it.` +
      (missing.includes('postgresql')
        ? ' /etc/postgresql-common/createcluster.conf is written, so that the package starts no database of its own.'
        : ''),
  );
  await refuseWithoutLeave(missing);
  await refuseWithoutPackages(missing);
}

/** Root may, and who may sudo: he is asked now, with the reason, and not in the middle. */
async function refuseWithoutLeave(packages) {
  if (process.getuid() === 0) return;
  const needed = `It needs ${packages.join(' and ')} from Debian’s packages. Have someone run, as root: ${byHand(packages)}. Then start again.`;
  if ((await output('sudo', ['-V'])) === null)
    throw new Refusal(`This user can’t install anything here: there is no sudo. ${needed}`);
  if ((await output('sudo', ['-n', 'true'])) !== null) return;
  if (!process.stdin.isTTY)
    throw new Refusal(
      `This user can’t install anything here: sudo asks for a password, and nobody is here to type it. ${needed}`,
    );
  say('sudo asks for your password now, to install them.');
  if ((await run('sudo', ['-v'], { stdio: 'inherit' })) !== 0)
    throw new Refusal(`This user may not install anything here. ${needed}`);
}

/** What npm says where the network is not there; anything else it may still get over. */
const NO_NETWORK =
  /ENOTFOUND|EAI_AGAIN|ENETUNREACH|EHOSTUNREACH|ECONNREFUSED|ETIMEDOUT|network timeout/;

/** Asked by npm itself, which knows its registry and the way there. */
async function refuseWithoutRegistry() {
  const said = await allOutput('npm', [
    'ping',
    '--fetch-retries=0',
    `--fetch-timeout=${ANSWERS_MS}`,
  ]);
  if (said === null)
    throw new Refusal('npm is needed, which comes with Node.js, and it is not there.');
  const [why] = NO_NETWORK.exec(said) ?? [];
  if (why)
    throw new Refusal(
      `Node modules have to be fetched, and npm’s registry does not answer (${why}). Connect to the network, then start again.`,
    );
}

/** Whether Debian's mirror answers: asked by apt itself, which knows which one it is and by which way. */
async function refuseWithoutPackages(packages) {
  const quick = [
    '-o',
    'Acquire::Retries=0',
    '-o',
    'Acquire::http::Timeout=8',
    '-o',
    'Acquire::https::Timeout=8',
  ];
  const [command, first] = process.getuid() === 0 ? ['apt-get', []] : ['sudo', ['apt-get']];
  const said = await output(command, [
    ...first,
    'update',
    '-qq',
    ...quick,
    '-o',
    'APT::Update::Error-Mode=any',
  ]);
  if (said === null)
    throw new Refusal(
      `Debian’s packages can’t be fetched now: the mirror does not answer. Connect to the network, or have someone run, as root: ${byHand(packages)}. Then start again.`,
    );
}
