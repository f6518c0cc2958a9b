/** Something beside the links that is opened by its name. */
export interface Thing {
  readonly id: string;
  readonly name: string;
  /** What it is, in a word: told beside the name, and found by too. */
  readonly kind: 'Page' | 'Action' | 'Adapter' | 'Part' | 'Site';
  readonly about: string;
  readonly open: () => void;
}

/** Those that have every word of a search; what begins with it first, else in the order given. */
export function thingsFound(things: readonly Thing[], search: string): FoundThings {
  const wanted = search.trim().toLowerCase();
  const words = wanted.split(/\s+/).filter(Boolean);
  if (words.length === 0) return { begin: [], rest: [] };
  const found = things.filter(({ name, kind, about }) => {
    const text = `${name}\n${kind}\n${about}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const begins = ({ name }: Thing) => name.toLowerCase().startsWith(wanted);
  return { begin: found.filter(begins), rest: found.filter((thing) => !begins(thing)) };
}

export interface FoundThings {
  /** Whose name begins with the search. */
  readonly begin: readonly Thing[];
  readonly rest: readonly Thing[];
}
