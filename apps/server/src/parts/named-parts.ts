import type { Cable, Catalogue, Connector } from '@near-spoke/core/catalogue';
import { ProblemError } from '../http/problem-error';

interface Named {
  readonly path: string;
  readonly id: string;
}

/** Refuses a body that names parts which are not in the catalogue. */
function refuseUnknown(
  names: readonly (Named & { readonly list: string; found: boolean })[],
): void {
  const unknown = names.filter(({ found }) => !found);
  if (unknown.length > 0)
    throw new ProblemError(422, 'Not valid', 'Some parts are not in the catalogue.', {
      errors: unknown.map(({ path, id, list }) => ({
        path,
        reason: `‘${id}’ is not in the catalogue (see /api/catalogue/${list})`,
      })),
    });
}

/** The cable and connector that a request names, or 422 with which of them there is not. */
export function namedParts(
  { cable, connector }: { readonly cable: string; readonly connector: string },
  catalogue: Catalogue,
  under = '',
): { cable: Cable; connector: Connector } {
  refuseUnknown([
    {
      path: `${under}cable`,
      id: cable,
      list: 'cables',
      found: catalogue.findCable(cable) !== undefined,
    },
    {
      path: `${under}connector`,
      id: connector,
      list: 'connectors',
      found: catalogue.findConnector(connector) !== undefined,
    },
  ]);
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
  const connector = (end: 'near' | 'far') => {
    const id = link[end]?.connector;
    return id === undefined
      ? []
      : [
          {
            path: `${end}.connector`,
            id,
            list: 'connectors',
            found: catalogue.findConnector(id) !== undefined,
          },
        ];
  };
  const cable =
    link.cable === undefined
      ? []
      : [
          {
            path: 'cable',
            id: link.cable,
            list: 'cables',
            found: catalogue.findCable(link.cable) !== undefined,
          },
        ];
  refuseUnknown([...cable, ...connector('near'), ...connector('far')]);
}
