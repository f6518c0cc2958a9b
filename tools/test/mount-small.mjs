import { execFileSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';

const asRoot = (...command) =>
  execFileSync(
    process.getuid() === 0 ? command[0] : 'sudo',
    process.getuid() === 0 ? command.slice(1) : ['-n', ...command],
    { stdio: 'pipe' },
  );

/**
 * A small disk of its own at a folder.
 *
 * @returns what takes it away, or null where this user may not mount
 */
export function mountSmall(folder, megabytes, options = '') {
  mkdirSync(folder, { recursive: true });
  const given = `size=${megabytes}m,mode=777${options && `,${options}`}`;
  try {
    asRoot('mount', '-t', 'tmpfs', '-o', given, 'tmpfs', folder);
  } catch {
    return null;
  }
  return () => asRoot('umount', '-l', folder);
}
