import { chownSync, existsSync, statSync } from 'node:fs';
import { Refusal } from '../refusal.mjs';
import { output } from '../run.mjs';

/**
 * PostgreSQL refuses to run as root. Root runs it as the data's owner, or as Debian's postgres user,
 * who gets leave to pass through folders that are closed to others, if the checkout lies in one.
 */
export async function whoRuns(folder, data) {
  if (process.getuid() !== 0) return { prefix: [], own: () => {} };
  const owner = existsSync(data) ? statSync(data).uid : 0;
  const uid = owner || Number(await output('id', ['-u', 'postgres']));
  const gid = owner ? statSync(data).gid : Number(await output('id', ['-g', 'postgres']));
  const own = (path) => chownSync(path, uid, gid);
  const drop = ['setpriv', `--reuid=${uid}`, `--regid=${gid}`, '--clear-groups'];
  // By entering it: access(2), which test asks, knows nothing of the leave that is given here.
  const canEnter = (prefix) =>
    output(prefix[0], [...prefix.slice(1), 'sh', '-c', 'cd -- "$1"', 'sh', folder]);
  own(folder);
  if ((await canEnter(drop)) !== null) return { prefix: drop, own };
  const caps = '-all,+dac_read_search';
  const pass = [...drop, `--inh-caps=${caps}`, `--ambient-caps=${caps}`];
  if ((await canEnter(pass)) !== null) return { prefix: pass, own };
  throw new Refusal(
    `PostgreSQL can’t run as root, and its user can’t enter ${folder}. Move the checkout to a folder that others may enter, or set DATABASE_URL.`,
  );
}
