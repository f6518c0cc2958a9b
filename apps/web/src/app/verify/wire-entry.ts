import {
  conductorGraph,
  type ContactNode,
  type GraphEdge,
  type Net,
  type Wiring,
} from '@near-spoke/core/link';

/** What has been entered of a reading so far, as joints between contacts. */
export type WireEntry = readonly GraphEdge[];

export const sameNode = (a: ContactNode, b: ContactNode): boolean =>
  a.end === b.end && a.contact === b.contact;

/** A whole good link. */
export function goodEntry(wiring: Wiring): WireEntry {
  return conductorGraph(wiring);
}

/** Joins two contacts, or parts them if just these two were joined. */
export function toggleJoint(entry: WireEntry, a: ContactNode, b: ContactNode): WireEntry {
  if (sameNode(a, b)) return entry;
  const rest = entry.filter(
    ({ from, to }) =>
      !(sameNode(from, a) && sameNode(to, b)) && !(sameNode(from, b) && sameNode(to, a)),
  );
  return rest.length < entry.length ? rest : [...entry, { from: a, to: b }];
}

/** Joints that make up a reading: near to far where there are both, the rest in a row. */
export function entryOf(nets: readonly Net[]): WireEntry {
  return nets.flatMap(({ near, far }) => {
    const nears = near.map((contact): ContactNode => ({ end: 'near', contact }));
    const fars = far.map((contact): ContactNode => ({ end: 'far', contact }));
    const straight = nears.flatMap((from) => {
      const to = fars.find(({ contact }) => contact === from.contact);
      return to ? [{ from, to }] : [];
    });
    const seen = straight.flatMap(({ from, to }) => [from, to]);
    const loose = [...nears, ...fars].filter(
      (node) => !seen.some((other) => sameNode(node, other)),
    );
    const row = [...straight.map(({ from }) => from), ...loose];
    return [
      ...straight,
      ...row.slice(1).map((to, index) => ({ from: row[index] as ContactNode, to })),
    ];
  });
}
