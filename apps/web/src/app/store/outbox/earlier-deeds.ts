import * as z from 'zod';

type Fields = Readonly<Record<string, unknown>>;

const fields = z.record(z.string(), z.unknown());
const named = z.looseObject({ id: z.string() });
const undoing = z.looseObject({
  id: z.string(),
  at: z.string(),
  author: z.string(),
  deed: z.object({ kind: z.enum(['undo', 'undone']), of: z.string() }),
});

/** That something was taken back, which was a fact of its own kind once. */
function orVoid(
  of: 'adapter' | 'cable',
  about: { of: string; id: unknown },
  fact: unknown,
): Fields {
  const undo = undoing.safeParse(fact);
  if (!undo.success) return { kind: 'fact', of, about, fact };
  const { id, at, author, deed } = undo.data;
  return {
    kind: 'fact',
    of: 'void',
    about,
    fact: {
      id,
      subject: about.id,
      at,
      author,
      reason: 'Taken back.',
      of: deed.of,
      kind: of,
      takenAt: at,
      takenBy: author,
      summary: '',
    },
  };
}

const ofLink = (of: string, { linkId }: Fields, fact: unknown): Fields => ({
  kind: 'fact',
  of,
  about: { of: 'link', id: linkId },
  fact,
});

const without = (whole: unknown, ...names: readonly string[]): Fields =>
  Object.fromEntries(Object.entries(fields.parse(whole)).filter(([name]) => !names.includes(name)));

/** What programs before this one kept in wait, by its kind then, as it is kept now. */
const EARLIER: Readonly<Record<string, (deed: Fields) => Fields>> = {
  tick: (deed) => ofLink('tick', deed, deed['tick']),
  reading: (deed) => ofLink('reading', deed, deed['reading']),
  test: (deed) => ofLink('test', deed, deed['test']),
  void: (deed) =>
    ofLink('void', deed, { ...without(deed['voided'], 'linkId'), subject: deed['linkId'] }),
  'adapter-fact': ({ adapterId, fact }) =>
    orVoid('adapter', { of: 'adapter', id: adapterId }, fact),
  'cable-fact': ({ fact }) =>
    orVoid('cable', { of: 'site', id: fields.parse(fact)['siteId'] }, fact),
  'cord-fact': ({ batchId, fact }) => ({
    kind: 'fact',
    of: 'cord',
    about: { of: 'batch', id: batchId },
    fact,
  }),
  'link-new': ({ linkId: id, siteId, link: made }) => ({
    kind: 'make',
    of: 'link',
    id,
    siteId,
    made,
  }),
  'link-change': ({ linkId: id, patch }) => ({ kind: 'change', of: 'link', id, patch }),
  'link-away': ({ linkId: id, version }) => ({ kind: 'away', of: 'link', id, version }),
  'link-back': ({ linkId: id }) => ({ kind: 'back', of: 'link', id }),
  'adapter-new': ({ adapter }) => ({
    kind: 'make',
    of: 'adapter',
    id: named.parse(adapter).id,
    siteId: '',
    made: without(adapter, 'version', 'away'),
  }),
  'adapter-change': ({ adapterId: id, patch }) => ({ kind: 'change', of: 'adapter', id, patch }),
  'adapter-away': ({ adapterId: id, version }) => ({ kind: 'away', of: 'adapter', id, version }),
  'adapter-back': ({ adapterId: id }) => ({ kind: 'back', of: 'adapter', id }),
  'cord-batch': ({ batch }) => ({
    kind: 'make',
    of: 'batch',
    id: named.parse(batch).id,
    siteId: fields.parse(batch)['siteId'],
    made: without(batch, 'siteId', 'version', 'createdAt'),
  }),
};

/**
 * A deed as it is kept now, whichever program kept it.
 *
 * @throws where it is not what that program wrote
 */
export function asDeed(deed: Fields & { readonly kind: string }): Fields {
  const now = EARLIER[deed.kind]?.(deed) ?? deed;
  if (now['kind'] !== 'fact') return now;
  // Which device it was done on was not kept once.
  return { ...now, fact: { device: '', ...fields.parse(now['fact']) } };
}
