import type { Cable, CableId } from './cable';
import { CABLES } from './cables';
import { CONNECTORS, type ConnectorId } from './connectors';
import type { Connector } from './connector-row';

/** The parts that can be named: the built-in rows, and what people have added from their own sheets. */
export interface Catalogue {
  readonly cables: readonly Cable[];
  readonly connectors: readonly Connector[];
  readonly findCable: (id: CableId) => Cable | undefined;
  readonly findConnector: (id: ConnectorId) => Connector | undefined;
  /** Throws for an id that was never in the catalogue. */
  readonly cable: (id: CableId) => Cable;
  readonly connector: (id: ConnectorId) => Connector;
}

/** Parts that people have added. What was put away is still found by its id, and offered no more. */
export interface OwnParts {
  readonly cables: readonly Cable[];
  readonly connectors: readonly Connector[];
  readonly away: ReadonlySet<string>;
}

export function catalogueOf(own: OwnParts): Catalogue {
  const cables = merged(CABLES, own.cables);
  const connectors = merged(CONNECTORS, own.connectors);
  const offered = <T extends { readonly id: string }>(rows: ReadonlyMap<string, T>) =>
    [...rows.values()].filter(({ id }) => !own.away.has(id));
  return {
    cables: offered(cables),
    connectors: offered(connectors),
    findCable: (id) => cables.get(id),
    findConnector: (id) => connectors.get(id),
    cable: (id) => found(cables.get(id), id),
    connector: (id) => found(connectors.get(id), id),
  };
}

export const BUILT_IN: Catalogue = catalogueOf({ cables: [], connectors: [], away: new Set() });

function merged<T extends { readonly id: string }>(rows: readonly T[], own: readonly T[]) {
  return new Map([...rows, ...own].map((row) => [row.id, row]));
}

function found<T>(row: T | undefined, id: string): T {
  if (!row) throw new Error(`Nothing in the catalogue is called ${id}`);
  return row;
}
