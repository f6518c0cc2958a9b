import type { LinkRow } from '@near-spoke/contract';
import { LINK_STATES } from '@near-spoke/words/states';
import { thingsFound, type Thing } from './find/thing';

export type SpokeRow =
  | { readonly kind: 'hub'; readonly id: string; readonly hub: string; readonly count: number }
  | { readonly kind: 'link'; readonly id: string; readonly link: LinkRow }
  | { readonly kind: 'thing'; readonly id: string; readonly thing: Thing };

/** Whether a row is opened by Enter; the rest are headings. */
export const isOpened = (row: SpokeRow): boolean => row.kind !== 'hub';

/**
 * What a search finds: things whose name begins with it, links, the other things. Links come first where the label
 * of one begins with the search: whoever types a label wants that link.
 */
export function rowsFound(
  links: readonly LinkRow[],
  things: readonly Thing[],
  search: string,
): SpokeRow[] {
  const ofLinks = spokeRows(links, search);
  const { begin, rest } = thingsFound(things, search);
  const wanted = search.trim().toLowerCase();
  const isLabel = links.some(({ label }) => label.toLowerCase().startsWith(wanted));
  return isLabel
    ? [...ofLinks, ...listed('Also', [...begin, ...rest])]
    : [...listed('Found', begin), ...ofLinks, ...listed('Also', rest)];
}

const listed = (hub: string, things: readonly Thing[]): SpokeRow[] =>
  things.length === 0
    ? []
    : [
        { kind: 'hub', id: `things ${hub}`, hub, count: things.length },
        ...things.map((thing): SpokeRow => ({ kind: 'thing', id: thing.id, thing })),
      ];

/**
 * The links that a search leaves, under the hub that they start from; hubs in the order in which
 * the schedule names them. Every word of the search has to be found in the label, a place, the
 * cable, the note or the state's name.
 */
export function spokeRows(links: readonly LinkRow[], search: string): SpokeRow[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const byHub = new Map<string, LinkRow[]>();
  for (const link of links) {
    if (words.length > 0) {
      const text = textOf(link);
      if (!words.every((word) => text.includes(word))) continue;
    }
    const group = byHub.get(link.hub);
    if (group) group.push(link);
    else byHub.set(link.hub, [link]);
  }
  return [...byHub].flatMap(([hub, group]): SpokeRow[] => [
    { kind: 'hub', id: `hub ${hub}`, hub, count: group.length },
    ...group.map((link): SpokeRow => ({ kind: 'link', id: link.id, link })),
  ]);
}

function textOf({ label, hub, near, far, cable, note, state }: LinkRow): string {
  const said = Object.values(LINK_STATES).map((names) => names[state]);
  return [label, hub, near.place, far.place, cable, note, ...said].join('\n').toLowerCase();
}
