/** Bodies of up to so many bytes are taken, by operation; what is not here takes PLAIN. */
const KB = 1024;
const MB = 1024 * KB;

export const PLAIN_LIMIT = 64 * KB;

interface Limit {
  readonly path: RegExp;
  readonly most: number;
}

const LIMITS: readonly Limit[] = [
  /** A capture of two million samples, as it was taken. */
  { path: /^\/blobs$/, most: 80 * MB },
  /** A schedule of a hundred thousand links. */
  { path: /^\/sites\/[^/]+\/links\/import$/, most: 24 * MB },
  /** A capture of two million samples as text is about as large; JSON around it is for small ones. */
  { path: /^\/reflect\/analyse$/, most: 80 * MB },
  /** Two captures of some hundred thousand samples. */
  { path: /^\/reflect\/since$/, most: 16 * MB },
  { path: /^\/reflect\/(simulate|pair-ends|velocity-factor|locate)$/, most: 256 * KB },
  /** A four-port sweep of some thousand points. */
  { path: /^\/verify\/limits$/, most: 8 * MB },
  { path: /^\/verify\/(explain|predict|diagnose)$/, most: 256 * KB },
  { path: /^\/links\/[^/]+\/(readings|tests)$/, most: 128 * KB },
  { path: /^\/cords\/[^/]+\/facts$/, most: 128 * KB },
  { path: /^\/terminate\/batch$/, most: 512 * KB },
  { path: /^\/adapters(\/.*)?$/, most: 512 * KB },
  { path: /^\/map\/(solve|buzz-result)$/, most: 512 * KB },
  { path: /^\/parts(\/.*)?$/, most: 128 * KB },
];

/** JSON larger than this is not read where files have a way of their own. */
export const JSON_BESIDE_FILES_LIMIT = 4 * MB;

/** @param path of the request below /api */
export const bodyLimit = (path: string): number =>
  LIMITS.find((row) => row.path.test(path))?.most ?? PLAIN_LIMIT;
