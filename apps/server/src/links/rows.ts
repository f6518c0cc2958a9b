import type { Link } from '@near-spoke/contract';
import type { Link as CoreLink } from '@near-spoke/core/link';
import type { links } from '../db/schema';

export type LinkInRow = typeof links.$inferSelect;
type Fields = Pick<
  typeof links.$inferInsert,
  | 'label'
  | 'hub'
  | 'nearPlace'
  | 'nearConnector'
  | 'nearScheme'
  | 'farPlace'
  | 'farConnector'
  | 'farScheme'
  | 'cable'
  | 'lengthM'
  | 'lengthHow'
  | 'route'
  | 'environment'
  | 'schools'
  | 'note'
>;

export function toLink(row: LinkInRow): Link {
  return {
    id: row.id,
    siteId: row.siteId,
    label: row.label,
    hub: row.hub,
    near: { place: row.nearPlace, connector: row.nearConnector, scheme: row.nearScheme },
    far: { place: row.farPlace, connector: row.farConnector, scheme: row.farScheme },
    cable: row.cable,
    lengthM: row.lengthM,
    lengthHow: row.lengthHow,
    route: row.route,
    environment: row.environment,
    schools: row.schools,
    note: row.note,
    pinout: row.pinout,
    version: row.version,
  };
}

export function toRow(link: CoreLink): Fields {
  return {
    label: link.label,
    hub: link.hub,
    nearPlace: link.near.place,
    nearConnector: link.near.connector,
    nearScheme: link.near.scheme,
    farPlace: link.far.place,
    farConnector: link.far.connector,
    farScheme: link.far.scheme,
    cable: link.cable,
    lengthM: link.lengthM,
    lengthHow: link.lengthHow ?? 'scheduled',
    route: [...link.route],
    environment: link.environment,
    schools: link.schools,
    note: link.note,
  };
}
