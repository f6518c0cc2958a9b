import papa from 'papaparse';
import type { Catalogue } from '../catalogue';
import type { Link } from '../link';
import { writeLength, type UnitSystem } from '../units';
import { writeRoute } from './route-text';
import { SCHEDULE_FIELDS, type ScheduleField } from './schedule-column';

/**
 * A schedule as CSV that parseSchedule reads back to the same links; lengths are in the site’s unit, with it. What
 * a spreadsheet would take for a formula is quoted as text.
 *
 * @param headed whether the headings come first: not where this goes on with what was written before
 */
export function writeSchedule(
  links: readonly Link[],
  { cable, connector }: Catalogue,
  headed = true,
  units: UnitSystem = 'metric',
): string {
  const rows = links.map((link): Record<ScheduleField, string> => ({
    label: link.label,
    hub: link.hub,
    from: link.near.place,
    to: link.far.place,
    cable: cable(link.cable).name,
    'near connector': connector(link.near.connector).name,
    'far connector': connector(link.far.connector).name,
    scheme:
      link.near.scheme === link.far.scheme
        ? link.near.scheme
        : `${link.near.scheme}/${link.far.scheme}`,
    length: link.lengthM === null ? '' : writeLength(link.lengthM, units),
    route: writeRoute(link.route, units),
    surroundings: link.environment,
    note: link.note,
  }));
  if (rows.length === 0 && !headed) return '';
  const text = papa.unparse(
    {
      fields: [...SCHEDULE_FIELDS],
      data: rows.map((row) => SCHEDULE_FIELDS.map((field) => row[field])),
    },
    { newline: '\r\n', header: headed, escapeFormulae: true },
  );
  return `${text}\r\n`;
}
