import { say } from '../run.mjs';
import { lastBackupAt, makeBackup } from './make-backup.mjs';

const LOOK_EVERY_MS = 10 * 60_000;
/** A machine that was just switched on has other things to do first. */
const FIRST_LOOK_MS = 2 * 60_000;
const HOUR = 2;

/** The last night's hour before a moment. */
function lastNight(now) {
  const night = new Date(now);
  night.setHours(HOUR, 0, 0, 0);
  if (night > now) night.setDate(night.getDate() - 1);
  return night;
}

/** Whether a backup is due: none was made since the last night's hour. */
export const isDue = (now, last) => last === null || last < lastNight(now);

/**
 * Makes a backup every night while the server runs, and after a night that was missed.
 *
 * @returns what ends it
 */
export function backUpNightly(backup) {
  const look = async () => {
    if (!isDue(new Date(), lastBackupAt(backup.folder))) return;
    try {
      await makeBackup(backup);
    } catch (error) {
      say(`No backup was made tonight: ${error.message}`);
    }
  };
  const first = setTimeout(() => void look(), FIRST_LOOK_MS);
  const each = setInterval(() => void look(), LOOK_EVERY_MS);
  first.unref();
  each.unref();
  return () => {
    clearTimeout(first);
    clearInterval(each);
  };
}
