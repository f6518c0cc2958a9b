import type { Cable, Catalogue, Connector } from '@near-spoke/core/catalogue';
import { ProblemError } from '../http/problem-error';

/** Where a body names a part, and which. */
interface Named {
  readonly path: string;
  readonly id: string | undefined;
}

/** Refuses a body that names parts which are not in the catalogue; what it does not name is left out. */
function refuseUnknown(
  catalogue: Catalogue,
  cables: readonly Named[],
  connectors: readonly Named[],
): void {
  const unknown = (names: readonly Named[], list: string, isThere: (id: string) => boolean) =>
    names.flatMap(({ path, id }) =>
      id === undefined || isThere(id)
        ? []
        : [{ path, reason: `‘${id}’ is not in the catalogue (see /api/catalogue/${list})` }],
    );
  const errors = [
    ...unknown(cables, 'cables', (id) => catalogue.findCable(id) !== undefined),
    ...unknown(connectors, 'connectors', (id) => catalogue.findConnector(id) !== undefined),
  ];
  if (errors.length > 0)
    throw new ProblemError(422, 'Not valid', 'Some parts are not in the catalogue.', { errors });
}

/** The cable and connector that a request names, or 422 with which of them there is not. */
export function namedParts(
  { cable, connector }: { readonly cable: string; readonly connector: string },
  catalogue: Catalogue,
  under = '',
): { cable: Cable; connector: Connector } {
  refuseUnknown(
    catalogue,
    [{ path: `${under}cable`, id: cable }],
    [{ path: `${under}connector`, id: connector }],
  );
  return { cable: catalogue.cable(cable), connector: catalogue.connector(connector) };
}

/** The same for what a link names. */
export function refuseUnknownParts(
  link: {
    readonly cable?: string;
    readonly near?: { readonly connector: string };
    readonly far?: { readonly connector: string };
  },
  catalogue: Catalogue,
): void {
  refuseUnknown(
    catalogue,
    [{ path: 'cable', id: link.cable }],
    [
      { path: 'near.connector', id: link.near?.connector },
      { path: 'far.connector', id: link.far?.connector },
    ],
  );
}

/** The cable that a body names, if it names one; or 422. */
export function knownCable(cable: string | null, catalogue: Catalogue): Cable | null {
  if (cable === null) return null;
  refuseUnknown(catalogue, [{ path: 'cable', id: cable }], []);
  return catalogue.cable(cable);
}
