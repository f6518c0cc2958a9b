/** Figures that are told; what lies below them may differ from one processor to the next. */
const FIGURES = 9;

const plain = (value: unknown): unknown => {
  if (typeof value === 'number')
    return Number.isFinite(value) ? Number(value.toPrecision(FIGURES)) : String(value);
  if (typeof value === 'function') return undefined;
  if (value instanceof Map) return [...value].map(plain);
  if (value instanceof Set) return [...value].map(plain);
  if (Array.isArray(value) || ArrayBuffer.isView(value))
    return Array.from(value as ArrayLike<unknown>, plain);
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, plain(inner)]));
  return value;
};

/** FNV-1a of 32 bits: what is told in eight letters, so that what differs in anything differs in them. */
export function digest(value: unknown): string {
  let hash = 0x811c9dc5;
  for (const letter of JSON.stringify(plain(value)) ?? '') {
    hash ^= letter.codePointAt(0) ?? 0;
    hash = Math.imul(hash, 0x01000193);
  }
  return (hash >>> 0).toString(16).padStart(8, '0');
}

/** Cases by name, each with what is told of it. */
export type Cases = Readonly<Record<string, () => unknown>>;

/** What is told of each case, in short. */
export const digests = (cases: Cases): Record<string, string> =>
  Object.fromEntries(Object.entries(cases).map(([name, tell]) => [name, digest(tell())]));
