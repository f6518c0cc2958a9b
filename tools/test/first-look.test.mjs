import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../paths.mjs';

const HOME = join(process.env.TEST_FOLDER ?? '/tmp', 'first-look');
/** Somebody who is not root; a child of root can be that. */
const NOBODY = process.getuid() === 0 ? 65534 : process.getuid();

/** What the first look says on a machine with just these programs: name to what it does. */
function look(programs, { packages = ['postgresql'], modules = false, uid = NOBODY } = {}) {
  const bin = join(HOME, 'bin');
  rmSync(HOME, { recursive: true, force: true });
  mkdirSync(bin, { recursive: true });
  chmodSync(HOME, 0o755);
  for (const [name, script] of Object.entries(programs)) {
    const file = join(bin, name);
    writeFileSync(file, `#!/bin/sh\n${script}\n`);
    chmodSync(file, 0o755);
  }
  const program = `
    import ${JSON.stringify(join(ROOT, 'tools/plain-errors.mjs'))};
    import { lookFirst } from ${JSON.stringify(join(ROOT, 'tools/first-look.mjs'))};
    await lookFirst({ packages: ${JSON.stringify(packages)}, modules: ${modules}, isThere: () => false });
    console.log('goes on');
  `;
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--input-type=module', '--eval', program],
    { env: { PATH: bin }, uid, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'], cwd: '/' },
  );
  const said = `${stdout}${stderr}`;
  expect(said).not.toMatch(/\n\s+at .*:\d+/);
  return { status, said };
}

const GOOD_SUDO = 'if [ "$1" = apt-get ]; then shift; exec apt-get "$@"; fi; exit 0';

describe('the first look', () => {
  afterAll(() => rmSync(HOME, { recursive: true, force: true }));

  it('names what is needed where there is no sudo, and where sudo wants a password of nobody', () => {
    const none = look({});
    expect(none.status).toBe(1);
    expect(none.said).toContain('there is no sudo');
    expect(none.said).toContain('apt-get install --no-install-recommends postgresql');
    const asks = look({ sudo: '[ "$1" = -V ]' });
    expect(asks.status).toBe(1);
    expect(asks.said).toContain('sudo asks for a password, and nobody is here to type it');
  });

  it('says what will be installed and written, and goes on where it may', () => {
    const { status, said } = look({ sudo: GOOD_SUDO, 'apt-get': 'exit 0' });
    expect(status).toBe(0);
    expect(said).toContain('postgresql will be installed, without what is only recommended');
    expect(said).toContain('/etc/postgresql-common/createcluster.conf');
    expect(said).toContain('goes on');
  });

  it('tells a network that is not there, of npm and of Debian', () => {
    const modules = look(
      { npm: 'echo "npm error code EAI_AGAIN" >&2; exit 1' },
      { packages: [], modules: true },
    );
    expect(modules.status).toBe(1);
    expect(modules.said).toContain('npm’s registry does not answer (EAI_AGAIN)');
    const debian = look({ sudo: GOOD_SUDO, 'apt-get': 'exit 100' });
    expect(debian.status).toBe(1);
    expect(debian.said).toContain('the mirror does not answer');
    // A registry that answers with an error is one that answers: npm itself will say what it wants.
    const odd = look(
      { npm: 'echo "npm error code E404" >&2; exit 1' },
      { packages: [], modules: true },
    );
    expect(odd.said).toContain('goes on');
  });
});
