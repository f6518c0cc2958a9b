import type { FaultKind } from './fault';

export const TESTER_IDS = [
  'beeper',
  'ohmmeter',
  'pair-lamps',
  'sequential-lamps',
  'identifying-remote',
  'pairing',
  'reflectometer',
  'tone',
  'look',
  'coax-trio',
  'line-voltmeter',
] as const;
export type TesterId = (typeof TESTER_IDS)[number];

/** What no continuity test tells, whatever its class. */
export type Blindness = FaultKind | 'performance';

/** How a class observes; what one method shows has one form. */
export const METHODS = [
  'probe',
  'lamps',
  'nets',
  'lengths',
  'tone',
  'colours',
  'trio',
  'line-volts',
] as const;
export type Method = (typeof METHODS)[number];

/** What a tester can be used on. */
export const SUBJECTS = ['pairs', 'coax', 'telephone', 'any'] as const;
export type Subject = (typeof SUBJECTS)[number];

/** What has to be put on at the far end. */
export const FAR_ENDS = ['nothing', 'remote', 'jack', 'someone'] as const;

/**
 * Whether a class shows what is there at every moment, goes from contact to contact, or is read once. What
 * opens only now and then is for the first: the second shows it by chance.
 */
export const SHOWS = ['all-the-time', 'by-scan', 'once'] as const;

/** A class of testers: what it is, what it sees, and what it costs to use. */
export interface Tester {
  readonly id: TesterId;
  readonly name: string;
  /** In a few words, for a choice among several. */
  readonly short: string;
  readonly method: Method;
  readonly subject: Subject;
  /** How it works, in one sentence. */
  readonly how: string;
  readonly far: (typeof FAR_ENDS)[number];
  /** For one use with both ends open and in reach, minutes. Generic. */
  readonly minutes: number;
  readonly blindTo: readonly Blindness[];
  readonly shows: (typeof SHOWS)[number];
  /** What can harm someone or something when it is put on; empty where nothing can. */
  readonly caution: string;
}

const NOT_LIVE =
  'Unplug both ends from every device first: a live port and a tester harm each other.';

const NEVER_SEEN = ['high-resistance', 'intermittent', 'performance'] as const;

/**
 * The classes of testers. `blindTo` is for a reading of a whole wire map; what a class misses on one
 * link is computed (blindSpots). Minutes are generic.
 */
export const TESTERS: readonly Tester[] = [
  {
    id: 'beeper',
    name: 'Two-probe continuity beeper',
    short: 'Beeper',
    method: 'probe',
    subject: 'any',
    how: 'Sounds while there is a path of low resistance between its two probes.',
    far: 'nothing',
    minutes: 0.5,
    blindTo: [...NEVER_SEEN],
    shows: 'all-the-time',
    caution: NOT_LIVE,
  },
  {
    id: 'ohmmeter',
    name: 'Ohmmeter',
    short: 'Ohms',
    method: 'probe',
    subject: 'any',
    how: 'Shows the resistance between its two probes; a loop is closed by a jack at the far end.',
    far: 'nothing',
    minutes: 1,
    blindTo: ['intermittent', 'performance'],
    shows: 'all-the-time',
    caution: NOT_LIVE,
  },
  {
    id: 'pair-lamps',
    name: 'Loop tester with a lamp for each pair',
    short: 'Pair lamps',
    method: 'lamps',
    subject: 'pairs',
    how: 'A jack at the far end joins the two conductors of each pair; each loop lights a lamp.',
    far: 'jack',
    minutes: 1,
    blindTo: [...NEVER_SEEN],
    shows: 'all-the-time',
    caution: NOT_LIVE,
  },
  {
    id: 'sequential-lamps',
    name: 'Lamp tester that scans the contacts, with lamps at both ends',
    short: 'Scanning lamps',
    method: 'lamps',
    subject: 'any',
    how: 'Feeds one contact after the other; the lamps of that conductor light at both ends.',
    far: 'remote',
    minutes: 1.5,
    blindTo: ['split-pair', ...NEVER_SEEN],
    shows: 'by-scan',
    caution: NOT_LIVE,
  },
  {
    id: 'identifying-remote',
    name: 'Wire-map tester with an identifying remote',
    short: 'Order and shorts',
    method: 'nets',
    subject: 'any',
    how: 'The remote tells each far contact apart, so order, opens, shorts and the shield are shown.',
    far: 'remote',
    minutes: 0.7,
    blindTo: ['split-pair', ...NEVER_SEEN],
    shows: 'by-scan',
    caution: NOT_LIVE,
  },
  {
    id: 'pairing',
    name: 'Wire-map tester that also measures crosstalk',
    short: 'Sees pairing',
    method: 'nets',
    subject: 'pairs',
    how: 'As with an identifying remote; crosstalk also tells pairs that are not twisted together.',
    far: 'remote',
    minutes: 0.8,
    blindTo: [...NEVER_SEEN],
    shows: 'by-scan',
    caution: NOT_LIVE,
  },
  {
    id: 'reflectometer',
    name: 'Length by reflectometry',
    short: 'Reflectometer',
    method: 'lengths',
    subject: 'any',
    how: 'Shows at what distance a pair ends, open or shorted, from the near end alone.',
    far: 'nothing',
    minutes: 2,
    blindTo: [...NEVER_SEEN],
    shows: 'by-scan',
    caution: '',
  },
  {
    id: 'tone',
    name: 'Tone and probe',
    short: 'Tone',
    method: 'tone',
    subject: 'any',
    how: 'A tone on one near contact is heard at the far contacts that it reaches.',
    far: 'someone',
    minutes: 1,
    blindTo: [...NEVER_SEEN],
    shows: 'all-the-time',
    caution: '',
  },
  {
    id: 'look',
    name: 'Reading the colours at an end',
    short: 'Look',
    method: 'colours',
    subject: 'any',
    how: 'The order of the colours in the connector is read against the order that was meant.',
    far: 'nothing',
    minutes: 1,
    blindTo: ['open', 'short', ...NEVER_SEEN],
    shows: 'once',
    caution: '',
  },
  {
    id: 'coax-trio',
    name: 'Ohmmeter with the far end open, shorted and terminated',
    short: 'Open, short, terminated',
    method: 'trio',
    subject: 'coax',
    how: 'Three readings between centre and shield, each known beforehand.',
    far: 'someone',
    minutes: 3,
    blindTo: ['intermittent', 'performance'],
    shows: 'once',
    caution: NOT_LIVE,
  },
  {
    id: 'line-voltmeter',
    name: 'Voltmeter on a telephone line',
    short: 'Line volts',
    method: 'line-volts',
    subject: 'telephone',
    how: 'Idle, off-hook and ringing voltage and their polarity tell whose fault it is.',
    far: 'nothing',
    minutes: 2,
    blindTo: [...NEVER_SEEN],
    shows: 'all-the-time',
    caution: '',
  },
];

const BY_ID = new Map<string, Tester>(TESTERS.map((row) => [row.id, row]));

export function tester(id: TesterId): Tester {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No tester ${id}`);
  return found;
}

/** Testers whose reading is a wire map: what they show is which contacts are joined. */
export type MapTesterId = 'identifying-remote' | 'pairing';
export const MAP_TESTERS: readonly (Tester & { readonly id: MapTesterId })[] = TESTERS.filter(
  (row): row is Tester & { readonly id: MapTesterId } => row.method === 'nets',
);
