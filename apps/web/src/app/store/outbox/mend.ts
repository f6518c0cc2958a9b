import type { Problem } from '@near-spoke/contract';
import type { Deed, Entry } from './deed';
import { sendingOf } from './sending-of';

type Scalar = string | number | boolean | null;

/** One field of what was refused: as it was entered here, and as it is stored. */
export interface MendField {
  readonly path: string;
  readonly mine: Scalar;
  /** Undefined where nothing is stored. */
  readonly stored: Scalar | undefined;
  /** Why it was refused, where the server says it of this field. */
  readonly reason: string;
}

/** Fields that are shown at most. */
const MOST = 40;
/** What a person does not enter. */
const OWN = new Set(['version', 'id', 'siteId', 'linkId', 'adapterId', 'batchId']);

const isScalar = (value: unknown): value is Scalar =>
  value === null || ['string', 'number', 'boolean'].includes(typeof value);

/** Every single value in something, by its path. */
function scalars(value: unknown, path = ''): [string, Scalar][] {
  if (isScalar(value)) return [[path, value]];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    path === '' && OWN.has(key) ? [] : scalars(inner, path === '' ? key : `${path}.${key}`),
  );
}

/**
 * What was refused, field by field: where something else is stored, the fields in which they differ; else
 * those that the server named, or all of them.
 */
export function mendFields({ deed, refused }: Entry): MendField[] {
  const stored = new Map(scalars(refused?.current));
  // What is said of a list is said of all that is in it.
  const reasonOf = (path: string) =>
    refused?.errors?.find((error) => path === error.path || path.startsWith(`${error.path}.`))
      ?.reason ?? '';
  const all = scalars(sendingOf(deed).body).map(([path, mine]): MendField => ({
    path,
    mine,
    stored: stored.get(path),
    reason: reasonOf(path),
  }));
  const differ = all.filter((row) => row.stored !== undefined && row.stored !== row.mine);
  const named = all.filter(({ reason }) => reason !== '');
  // Of a change that others have overtaken, the server names the fields that it can't bring together.
  const shown = conflictsOf(refused).length > 0 ? named : [...new Set([...named, ...differ])];
  return (shown.length > 0 ? shown : all).slice(0, MOST);
}

/** What was refused with other values in some of its fields, to be sent again over what is stored now. */
export function mended(entry: Entry, values: Readonly<Record<string, Scalar>>): Entry {
  let deed = overStored(entry);
  for (const [path, value] of Object.entries(values)) deed = withValue(deed, path, value);
  return { ...entry, deed: onto(deed, entry), refused: null, failures: 0, holdUntil: 0 };
}

/** The fields that both have changed, of a change that others have overtaken. */
const conflictsOf = (refused: Problem | null): readonly string[] =>
  refused?.status === 409 && refused.current ? (refused.errors ?? []).map(({ path }) => path) : [];

/** A change that others have overtaken, with what they have made of all but the fields that both changed. */
function overStored({ deed, refused }: Entry): Deed {
  const conflicts = conflictsOf(refused);
  if (deed.kind !== 'change' || conflicts.length === 0) return deed;
  const patch = withStored(deed.patch, refused?.current, conflicts, '');
  return { ...deed, patch } as Deed;
}

function withStored(
  mine: unknown,
  stored: unknown,
  conflicts: readonly string[],
  path: string,
): unknown {
  if (conflicts.includes(path)) return mine;
  const within = path === '' || conflicts.some((row) => row.startsWith(`${path}.`));
  if (!within || !isRecord(mine) || !isRecord(stored)) return stored;
  return Object.fromEntries(
    Object.entries(mine).map(([name, value]) => [
      name,
      withStored(value, stored[name], conflicts, path === '' ? name : `${path}.${name}`),
    ]),
  );
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Where in a deed stands what is sent as its body. */
const BODY: Readonly<Record<Deed['kind'], string | null>> = {
  fact: 'fact',
  make: 'made',
  change: 'patch',
  away: null,
  back: null,
  file: null,
};

function withValue(deed: Deed, path: string, value: Scalar): Deed {
  const body = BODY[deed.kind];
  return body === null ? deed : (changed(deed, [body, ...path.split('.')], value) as Deed);
}

function changed(whole: unknown, [key, ...rest]: readonly string[], value: Scalar): unknown {
  if (key === undefined) return value;
  if (Array.isArray(whole))
    return whole.map((row: unknown, index) =>
      String(index) === key ? changed(row, rest, value) : row,
    );
  const record = (whole ?? {}) as Readonly<Record<string, unknown>>;
  return { ...record, [key]: changed(record[key], rest, value) };
}

/** A change is for what is stored now: that was seen beside it. */
function onto(deed: Deed, { refused }: Entry): Deed {
  const version = (refused?.current as { version?: unknown } | undefined)?.version;
  if (typeof version !== 'number') return deed;
  if (deed.kind === 'change') return withValue(deed, 'version', version);
  return deed.kind === 'away' ? { ...deed, version } : deed;
}

const NAMES: Readonly<Record<string, string>> = {
  lengthM: 'Length, m',
  measuredMm: 'Measured, mm',
  takenAt: 'Taken at',
  at: 'Done at',
  author: 'By',
};

/** A path in words: "near.place" is "Near place". */
export function fieldName(path: string): string {
  const words = path
    .split('.')
    .map((part) => NAMES[part] ?? part.replace(/([A-Z])/g, ' $1').toLowerCase())
    .join(' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** What was typed as a value of the kind that was there; null where it can't be one. */
export function asTyped(text: string, before: Scalar): { readonly value: Scalar } | null {
  if (typeof before === 'number' || before === null) {
    if (text.trim() === '') return before === null ? { value: null } : null;
    const number = Number(text.trim().replace(',', '.'));
    if (Number.isFinite(number)) return { value: number };
    return before === null ? { value: text } : null;
  }
  if (typeof before === 'boolean')
    return /^(true|false)$/.test(text) ? { value: text === 'true' } : null;
  return { value: text };
}
