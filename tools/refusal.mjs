/** Something that a person has to see to: told in its own words, without where in the program it was noticed. */
export class Refusal extends Error {}

const ROOM = 'There is no room left on its disk. Make room, and start again.';

/** What the system says of a file, in words. */
const FILE_ERRORS = {
  ENOSPC: ROOM,
  EDQUOT: ROOM,
  EROFS: 'Its disk can only be read. See why, or choose another folder with NEAR_SPOKE_DATA.',
  EACCES:
    'This user may not write there. Change its owner, or choose another folder with NEAR_SPOKE_DATA.',
  EPERM:
    'This user may not write there. Change its owner, or choose another folder with NEAR_SPOKE_DATA.',
  ENOTDIR: 'Something on the way to it is a file, not a folder.',
  EIO: 'Its disk does not work as it should.',
};

/** An error of the file system as what to do about it; any other as it is. */
export function asRefusal(error) {
  const told = FILE_ERRORS[error?.code];
  return told && error.path
    ? new Refusal(`${error.path} can’t be written: ${told} Nothing was changed.`)
    : error;
}

/** Tells an error as a command does: what a person has to do, or what went wrong and where. */
export function tell(error) {
  const known = asRefusal(error);
  console.error(known instanceof Refusal || !process.env['DEBUG'] ? known.message : known);
}
