import type { LengthUnit } from '../units';

export const SCHEDULE_FIELDS = [
  'label',
  'hub',
  'from',
  'to',
  'cable',
  'near connector',
  'far connector',
  'scheme',
  'length',
  'route',
  'surroundings',
  'note',
] as const;

export type ScheduleField = (typeof SCHEDULE_FIELDS)[number];

export const REQUIRED_FIELDS: readonly ScheduleField[] = [
  'label',
  'from',
  'to',
  'cable',
  'near connector',
  'far connector',
];

/** Headings that mean a field, without spaces and signs, in lower case. */
const HEADINGS: Readonly<Record<ScheduleField, readonly string[]>> = {
  label: ['label', 'id', 'link', 'linkid', 'cableid', 'name', 'tag'],
  hub: ['hub', 'cabinet', 'room'],
  from: ['from', 'near', 'nearend', 'nearplace', 'source', 'start', 'aend'],
  to: ['to', 'far', 'farend', 'farplace', 'destination', 'end', 'bend'],
  cable: ['cable', 'cabletype', 'type'],
  'near connector': ['nearconnector', 'connectornear', 'connectorfrom', 'fromconnector'],
  'far connector': ['farconnector', 'connectorfar', 'connectorto', 'toconnector'],
  scheme: ['scheme', 'wiring', 'wiringscheme', 'pinout'],
  length: ['length', 'len', 'cablelength'],
  route: ['route', 'waypoints', 'path'],
  surroundings: ['surroundings', 'environment', 'runs', 'jacketrating'],
  note: ['note', 'notes', 'comment', 'remark', 'remarks'],
};

const UNIT_AFTER = /[\s_([]+(mm|cm|m|ft|feet|in)[\])]?$/i;

export interface ScheduleColumn {
  readonly field: ScheduleField;
  /** The unit that the heading gives to bare numbers: "length (ft)", "length_m". */
  readonly unit?: LengthUnit;
}

/** What a heading stands for; undefined for a column that a schedule does not use. */
export function scheduleColumn(heading: string): ScheduleColumn | undefined {
  const unit = UNIT_AFTER.exec(heading.trim())?.[1]?.toLowerCase();
  const names = [heading, heading.trim().replace(UNIT_AFTER, '')].map((text) =>
    text.toLowerCase().replace(/[^a-z]/g, ''),
  );
  for (const [index, name] of names.entries()) {
    const field = SCHEDULE_FIELDS.find((row) => HEADINGS[row].includes(name));
    if (field && index === 0) return { field };
    if (field === 'length')
      return { field, unit: (unit === 'feet' ? 'ft' : unit) as LengthUnit | undefined };
  }
  return undefined;
}
