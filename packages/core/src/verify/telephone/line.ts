/** What was measured on a telephone line; null while it was not. Direct volts are signed: tip over ring. */
export interface LineReadings {
  /** All sets on their hooks. */
  readonly idleV: number | null;
  /** The same with everything of ours unplugged. */
  readonly aloneV: number | null;
  /** At the provider's test socket, our wiring off. */
  readonly demarcationV: number | null;
  /** One set off its hook. */
  readonly offHookV: number | null;
  /** Alternating, while it rings. */
  readonly ringingV: number | null;
}

export type LineReading = keyof LineReadings;

export const NO_LINE_READINGS: LineReadings = {
  idleV: null,
  aloneV: null,
  demarcationV: null,
  offHookV: null,
  ringingV: null,
};

export interface LineRow {
  readonly id: LineReading;
  /** What to measure, as an order. */
  readonly order: string;
  readonly unit: 'V DC' | 'V AC';
  /** What a good line shows. */
  readonly good: string;
}

/**
 * Usual voltages of an analogue line fed from an exchange. Generic: an adapter at the site, or a long
 * line, can have less; the provider's sheet decides.
 */
const LINE = { deadV: 3, idleV: 20, seizedMostV: 18, seizedLeastV: 3, ringV: 35 } as const;

export const LINE_ROWS: readonly LineRow[] = [
  {
    id: 'idleV',
    order: 'All sets hung up: measure from contact 2 to contact 5',
    unit: 'V DC',
    good: '40 to 56 V; 20 V or more from an adapter',
  },
  {
    id: 'aloneV',
    order: 'Unplug every set and adapter, and measure again',
    unit: 'V DC',
    good: 'as before',
  },
  {
    id: 'demarcationV',
    order: 'At the provider’s test socket, our wiring unplugged there',
    unit: 'V DC',
    good: 'as at the socket',
  },
  {
    id: 'offHookV',
    order: 'Lift one handset and measure across the line',
    unit: 'V DC',
    good: '5 to 15 V',
  },
  {
    id: 'ringingV',
    order: 'Ring the number and measure across the line',
    unit: 'V AC',
    good: '40 to 90 V, more at the exchange',
  },
];

export type LineSide = 'ours' | 'theirs' | 'set' | 'nobody';

export interface LineVerdict {
  /** What to measure next; null when the answer is there. */
  readonly next: LineReading | null;
  /** Whose the fault is; null while it is not known. */
  readonly side: LineSide | null;
  readonly sentence: string;
  readonly remarks: readonly string[];
}

type Rule = readonly [
  when: (readings: LineReadings) => boolean,
  verdict: Omit<LineVerdict, 'remarks'>,
];

const size = (volts: number | null): number => Math.abs(volts ?? 0);
const has = (volts: number | null): boolean => size(volts) >= LINE.idleV;
const done = (side: LineSide, sentence: string) => ({ next: null, side, sentence });
const ask = (next: LineReading, sentence: string) => ({ next, side: null, sentence });

/** Read from the top; the first that holds decides. */
const RULES: readonly Rule[] = [
  [
    ({ idleV, demarcationV }) => idleV === null && demarcationV === null,
    ask('idleV', 'Measure the line with all sets hung up.'),
  ],
  [
    ({ idleV, demarcationV }) => !has(idleV) && demarcationV !== null && has(demarcationV),
    done(
      'ours',
      'The provider’s side is good: our wiring between the test socket and here is open, shorted or on other contacts.',
    ),
  ],
  [
    ({ demarcationV }) => demarcationV !== null && !has(demarcationV),
    done('theirs', 'There is no line at the provider’s own test socket: the fault is theirs.'),
  ],
  [
    ({ idleV, aloneV }) => !has(idleV) && has(aloneV),
    done(
      'set',
      'The line comes back with the sets unplugged: one of them holds it. Plug them in one by one.',
    ),
  ],
  [
    ({ idleV, aloneV }) => size(idleV) >= LINE.deadV && !has(idleV) && aloneV === null,
    ask(
      'aloneV',
      'Something loads the line: a set off its hook, or a leak. Unplug every set and adapter.',
    ),
  ],
  [
    ({ idleV }) => !has(idleV),
    ask(
      'demarcationV',
      'There is no line here. Measure at the provider’s test socket with our wiring off.',
    ),
  ],
  [
    ({ offHookV }) => offHookV === null,
    ask('offHookV', 'The line is there. Lift one handset and measure again.'),
  ],
  [
    ({ offHookV }) => size(offHookV) > LINE.seizedMostV,
    done(
      'set',
      'Lifting the handset hardly changes the line: the set draws no current. Try another set; if it is the same, a joint before it has high resistance or one leg is open.',
    ),
  ],
  [
    ({ offHookV }) => size(offHookV) < LINE.seizedLeastV,
    done(
      'set',
      'The line falls too low with one set: the set is shorted, or several are off their hooks.',
    ),
  ],
  [
    ({ ringingV }) => ringingV === null,
    ask(
      'ringingV',
      'Idle and off-hook are good. Ring the number and measure; keep your hands off the contacts.',
    ),
  ],
  [
    ({ ringingV }) => size(ringingV) < LINE.ringV,
    done(
      'ours',
      'The line rings too weakly: add up the ringer loads, and look for a ringing capacitor that is missing or doubled.',
    ),
  ],
];

const GOOD = done('nobody', 'The line is good: idle, off-hook and ringing.');

/** What a telephone line's voltages say, and what to measure next. */
export function judgeLine(readings: LineReadings): LineVerdict {
  const [, verdict] = RULES.find(([when]) => when(readings)) ?? [null, GOOD];
  return { ...verdict, remarks: remarksOf(readings) };
}

function remarksOf({ idleV }: LineReadings): string[] {
  return idleV !== null && idleV > 0 && has(idleV)
    ? [
        'Contact 2 is above contact 5: the pair is reversed from the usual. Most sets do not mind; old ones with tone dialling, alarms and lift telephones may.',
      ]
    : [];
}

/** The most ringer load that one line drives, by where it is. */
export const RINGER_LIMITS = [
  { id: 'four', most: 4, name: 'United Kingdom, 4' },
  { id: 'five', most: 5, name: 'North America, 5' },
] as const;

/**
 * Whether a line can ring all its sets.
 *
 * The limits are those that sets are marked for: 4 in the United Kingdom, 5 in North America (47 CFR 68).
 * Generic: an adapter at the site may drive less, its sheet decides.
 *
 * @param loads each set's ringer equivalence number, as it stands under the set
 */
export function ringerLoad(loads: readonly number[], most: number) {
  const sum = loads.reduce((all, load) => all + load, 0);
  const told = Number(sum.toFixed(1));
  return {
    sum,
    enough: sum <= most + 1e-9,
    sentence:
      sum <= most + 1e-9
        ? `${told} of ${most}: all sets ring.`
        : `${told} of ${most}: too much by ${Number((sum - most).toFixed(1))}. Some sets will not ring, or ring weakly: unplug one.`,
  };
}
