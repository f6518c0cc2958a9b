/** What a column of a pin table holds. */
export type PortField =
  | 'contact'
  | 'signal'
  | 'direction'
  | 'role'
  | 'level'
  | 'volts'
  | 'leastV'
  | 'currentA'
  | 'partner'
  | 'colour'
  | 'mostV'
  | 'vOl'
  | 'vOh'
  | 'vIl'
  | 'vIh'
  | 'max';

const HEADINGS: Readonly<Record<PortField, string>> = {
  contact: 'pin contact no number nr # terminal position pos',
  signal: 'signal name function designation circuit description',
  direction: 'direction dir io i/o type',
  role: 'role kind',
  level: 'level levels family logic',
  volts: 'volts voltage v nominal',
  leastV: 'least leastv minimum minv min',
  currentA: 'current currenta a amps load',
  partner: 'partner pair mate',
  colour: 'colour color wire core',
  mostV: 'most mostv maximum maxv',
  vOl: 'vol v_ol',
  vOh: 'voh v_oh',
  vIl: 'vil v_il',
  vIh: 'vih v_ih',
  max: 'max vmax v_max',
};

const BY_HEADING = new Map(
  (Object.keys(HEADINGS) as PortField[]).flatMap((field) =>
    HEADINGS[field].split(' ').map((name) => [name, field] as const),
  ),
);

/** "Pin no." is the contact; a unit in brackets goes unread. */
export function portColumn(heading: string): PortField | null {
  const text = heading
    .toLowerCase()
    .replace(/\(.*\)|\[.*\]/g, '')
    .trim();
  const [first = ''] = text.split(/[\s.]+/);
  return BY_HEADING.get(text.replace(/[\s.]+/g, '')) ?? BY_HEADING.get(first) ?? null;
}
