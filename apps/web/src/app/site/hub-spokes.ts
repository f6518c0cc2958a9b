import type { LinkRow } from '@near-spoke/contract';
import { LINK_STATES, type LinkState } from '@near-spoke/core/record';

/** A hub's links as the overview draws them: each one by its length and state. */
export interface HubSpokes {
  readonly hub: string;
  readonly links: readonly LinkRow[];
  readonly proven: number;
  readonly counts: readonly { readonly state: LinkState; readonly count: number }[];
}

/** In which order work is taken up: what is broken or half done before what is new. */
const URGENCY: readonly LinkState[] = [
  'fail',
  'does-not-fit',
  'remade',
  'half-made',
  'made',
  'unproven',
  'planned',
];

export function hubSpokes(links: readonly LinkRow[]): HubSpokes[] {
  const byHub = new Map<string, LinkRow[]>();
  for (const link of links) byHub.set(link.hub, [...(byHub.get(link.hub) ?? []), link]);
  return [...byHub].map(([hub, group]) => ({
    hub,
    links: group,
    proven: group.filter((link) => link.state === 'pass').length,
    counts: countStates(group),
  }));
}

/** The states that occur, in the order of the work. */
export function countStates(
  links: readonly LinkRow[],
): { readonly state: LinkState; readonly count: number }[] {
  const counts = new Map<LinkState, number>();
  for (const { state } of links) counts.set(state, (counts.get(state) ?? 0) + 1);
  return LINK_STATES.flatMap((state) => {
    const count = counts.get(state) ?? 0;
    return count > 0 ? [{ state, count }] : [];
  });
}

/** The link to work on next, and why it comes first; null when all are proven. */
export function nextLink(
  links: readonly LinkRow[],
): { readonly link: LinkRow; readonly why: string } | null {
  for (const state of URGENCY) {
    const link = links.find((row) => row.state === state);
    if (link) return { link, why: WHY[state] };
  }
  return null;
}

const WHY: Readonly<Record<LinkState, string>> = {
  fail: 'A fault that is known comes first: the tools for it are out.',
  'does-not-fit': 'A part that does not fit has to be changed before anyone goes there.',
  remade: 'A remade end is not proven until it is tested again.',
  'half-made': 'A begun end is finished before a new one is opened.',
  made: 'A made link is not proven until it is tested.',
  unproven: 'Its order is verified; its pairing is not.',
  planned: 'Nothing is broken or half done: begin the next one.',
  pass: '',
};
