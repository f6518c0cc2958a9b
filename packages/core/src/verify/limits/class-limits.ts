import { SWEEP_KINDS, type SweepKind } from '../../formats';

/** Whose limits: the international classes, or the American categories. */
export const LIMIT_STANDARDS = ['iso', 'tia'] as const;
export type LimitStandard = (typeof LIMIT_STANDARDS)[number];
export const STANDARD_NAME: Readonly<Record<LimitStandard, string>> = {
  iso: 'ISO/IEC 11801-1',
  tia: 'ANSI/TIA-568.2',
};

/** Channels and permanent links by what they are made of. */
export const LIMIT_CLASSES = ['5e', '6', '6A'] as const;
export type LimitClass = (typeof LIMIT_CLASSES)[number];
export type LimitKind = 'channel' | 'permanent-link';
export const PARAMETERS = SWEEP_KINDS;
export type Parameter = SweepKind;

/** Which limits something has to meet. */
export interface LimitSet {
  readonly standard: LimitStandard;
  readonly name: LimitClass;
  readonly kind: LimitKind;
}

/** Crosstalk that is measured at the far end: every connection on the way adds to it. */
const AT_THE_FAR_END: ReadonlySet<Parameter> = new Set(['acr-f', 'ps-acr-f']);

/** Up to where each class is limited, MHz. */
export const MOST_MHZ: Readonly<Record<LimitClass, number>> = { '5e': 100, '6': 250, '6A': 500 };

const log = Math.log10;
/** Ways of crosstalk add as voltages. */
const together = (...decibels: readonly number[]) =>
  -20 * log(decibels.reduce((sum, decibel) => sum + 10 ** (-decibel / 20), 0));

/** Of 100 m of cable: a·√f + b·f + c/√f, and of one connection d·√f. */
const LOSS: Readonly<
  Record<
    LimitStandard,
    Readonly<Record<LimitClass, readonly [a: number, b: number, c: number, d: number]>>
  >
> = {
  iso: {
    '5e': [1.9108, 0.0222, 0.2, 0.04],
    '6': [1.82, 0.0169, 0.25, 0.02],
    '6A': [1.82, 0.0091, 0.25, 0.02],
  },
  tia: {
    '5e': [1.967, 0.023, 0.05, 0.04],
    '6': [1.808, 0.017, 0.2, 0.02],
    '6A': [1.82, 0.0091, 0.25, 0.02],
  },
};

/** Hundreds of metres of cable that the limit of loss is made of, and the deviation e·f^1.5 that is added. */
const CABLE: Readonly<
  Record<
    LimitStandard,
    Readonly<
      Record<LimitKind, Readonly<Record<LimitClass, readonly [hundreds: number, e: number]>>>
    >
  >
> = {
  iso: {
    channel: { '5e': [1.05, 0], '6': [1.05, 0], '6A': [1.05, 0] },
    'permanent-link': { '5e': [0.9, 0], '6': [0.9, 0], '6A': [0.9, 0] },
  },
  tia: {
    channel: { '5e': [1.02, 0], '6': [1.02, 3e-4], '6A': [1.05, 0] },
    'permanent-link': { '5e': [0.9, 0], '6': [0.9, 1.5e-4], '6A': [0.9, 1.5e-4] },
  },
};

/** Below this the limit of insertion loss is this, dB. */
const LEAST_LOSS_DB: Readonly<Record<LimitStandard, number>> = { iso: 4, tia: 0 };

/** Crosstalk of the cable, a - b log f, and of one connection, c - 20 log f; and the most that is asked for. */
interface Crosstalk {
  readonly cable: readonly [a: number, b: number];
  readonly connection: number;
  readonly most: number;
}
type CrosstalkParameter = Exclude<Parameter, 'insertion-loss' | 'return-loss'>;
const CROSSTALK: Readonly<Record<CrosstalkParameter, Readonly<Record<LimitClass, Crosstalk>>>> = {
  next: {
    '5e': { cable: [65.3, 15], connection: 83, most: 60 },
    '6': { cable: [74.3, 15], connection: 94, most: 65 },
    '6A': { cable: [74.3, 15], connection: 94, most: 65 },
  },
  'ps-next': {
    '5e': { cable: [62.3, 15], connection: 80, most: 57 },
    '6': { cable: [72.3, 15], connection: 90, most: 62 },
    '6A': { cable: [72.3, 15], connection: 90, most: 62 },
  },
  'acr-f': {
    '5e': { cable: [63.8, 20], connection: 75.1, most: 65 },
    '6': { cable: [67.8, 20], connection: 83.1, most: 65 },
    '6A': { cable: [67.8, 20], connection: 83.1, most: 65 },
  },
  'ps-acr-f': {
    '5e': { cable: [60.8, 20], connection: 72.1, most: 62 },
    '6': { cable: [64.8, 20], connection: 80.1, most: 62 },
    '6A': { cable: [64.8, 20], connection: 80.1, most: 62 },
  },
};

/** Connections that each limit is made of: all for loss and far-end crosstalk, the near ones for NEXT. */
const CONNECTIONS = {
  channel: { all: 4, near: 2 },
  'permanent-link': { all: 3, near: 1 },
} as const;

/** Of category 6A, NEXT and PSNEXT from a frequency on: a - b log f. */
type HighNext = readonly [fromMHz: number, a: number, b: number];
const HIGH_NEXT: Readonly<
  Record<
    LimitStandard,
    Readonly<Record<LimitKind, Readonly<Partial<Record<CrosstalkParameter, HighNext>>>>>
  >
> = {
  iso: {
    channel: {},
    'permanent-link': { next: [300, 87.46, 21.57], 'ps-next': [300, 87.56, 22.67] },
  },
  tia: {
    channel: {
      next: [330, 31 + 27.15 * log(330), 27.15],
      'ps-next': [330, 28 + 26.4 * log(330), 26.4],
    },
    'permanent-link': {
      next: [300, 34 + 33.13 * log(300), 33.13],
      'ps-next': [300, 31.4 + 34.44 * log(300), 34.44],
    },
  },
};

/** Return loss from a frequency on: a - b log f. */
type Steps = readonly (readonly [fromMHz: number, a: number, b: number])[];
const CHANNEL_RETURN: Readonly<Record<LimitClass, Steps>> = {
  '5e': [
    [1, 17, 0],
    [20, 30, 10],
  ],
  '6': [
    [1, 19, 0],
    [10, 24, 5],
    [40, 32, 10],
  ],
  '6A': [
    [1, 19, 0],
    [10, 24, 5],
    [40, 32, 10],
    [398.1, 6, 0],
  ],
};
const LINK_RETURN: Readonly<Record<LimitClass, Steps>> = {
  '5e': [
    [1, 19, 0],
    [20, 32, 10],
  ],
  '6': [
    [1, 21, 0],
    [10, 26, 5],
    [40, 34, 10],
  ],
  '6A': [
    [1, 21, 0],
    [10, 26, 5],
    [40, 34, 10],
    [398.1, 8, 0],
  ],
};
/** Categories 6 and 6A ask for less below 3 MHz: 21 + 4 log(f/3). */
const BELOW_3: Steps = [
  [1, 21 - 4 * log(3), -4],
  [3, 21, 0],
];
const RETURN: Readonly<Record<LimitStandard, Readonly<Record<LimitKind, typeof LINK_RETURN>>>> = {
  iso: { channel: CHANNEL_RETURN, 'permanent-link': LINK_RETURN },
  tia: {
    channel: CHANNEL_RETURN,
    'permanent-link': {
      '5e': LINK_RETURN['5e'],
      '6': [...BELOW_3, ...LINK_RETURN['6'].slice(1)],
      '6A': [...BELOW_3, ...LINK_RETURN['6A'].slice(1)],
    },
  },
};

/** The day of the measurement, and the hottest that the cable has to work in. */
export interface Warmth {
  readonly measuredC: number;
  readonly hottestC: number;
  readonly shielded: boolean;
}

/**
 * How much more a cable loses than at 20 degrees: 0.4 % a kelvin up to 40 and 0.6 % above without a
 * shield, 0.2 % with one. Source: ISO/IEC 11801-1, ANSI/TIA-568.2-D.
 */
export function heatFactor(temperatureC: number, shielded: boolean): number {
  const above = Math.max(0, temperatureC - 20);
  if (shielded) return 1 + 0.002 * above;
  return 1 + 0.004 * Math.min(above, 20) + 0.006 * Math.max(0, above - 20);
}

/** The loss of 100 m of a class's solid cable at 20 degrees, dB. Source: as limitDb. */
export function cableLossDb(
  { standard, name }: Pick<LimitSet, 'standard' | 'name'>,
  mhz: number,
): number {
  const [a, b, c] = LOSS[standard][name];
  const root = Math.sqrt(mhz);
  return a * root + b * mhz + c / root;
}

/**
 * The limit of a parameter at a frequency, dB: insertion loss at most, the others at least; null
 * outside the class’s range.
 *
 * Source: ISO/IEC 11801-1, classes D, E and E_A, a permanent link without a consolidation point;
 * ANSI/TIA-568.2-D, categories 5e, 6 and 6A.
 */
export function limitDb(parameter: Parameter, limits: LimitSet, mhz: number): number | null {
  const { standard, name, kind } = limits;
  if (mhz < 1 || mhz > MOST_MHZ[name]) return null;
  const connections = CONNECTIONS[kind];
  if (parameter === 'insertion-loss') {
    const [hundreds, deviation] = CABLE[standard][kind][name];
    const [, , , d] = LOSS[standard][name];
    const made =
      hundreds * cableLossDb(limits, mhz) +
      connections.all * d * Math.sqrt(mhz) +
      deviation * mhz ** 1.5;
    return Math.max(LEAST_LOSS_DB[standard], made);
  }
  if (parameter === 'return-loss') {
    const [, a, b] = RETURN[standard][kind][name].findLast(
      ([from]) => mhz >= from,
    ) as Steps[number];
    return a - b * log(mhz);
  }
  const high = name === '6A' ? HIGH_NEXT[standard][kind][parameter] : undefined;
  if (high && mhz > high[0]) return high[1] - high[2] * log(mhz);
  const { cable, connection, most } = CROSSTALK[parameter][name];
  const count = AT_THE_FAR_END.has(parameter) ? connections.all : connections.near;
  const least = together(
    cable[0] - cable[1] * log(mhz),
    ...new Array<number>(count).fill(connection - 20 * log(mhz)),
  );
  return Math.min(most, least);
}

/** Longest delay at a frequency, and largest difference among the pairs, nanoseconds. Source: as above. */
export function delayLimits(kind: LimitKind, mhz: number) {
  const cable = 534 + 36 / Math.sqrt(mhz);
  return kind === 'channel'
    ? { delayNs: cable + 4 * 2.5, skewNs: 50 }
    : { delayNs: 0.9 * cable + 3 * 2.5, skewNs: 44 };
}

/**
 * The most resistance that the loop of a pair may have, ohm. Source: ISO/IEC 11801-1 and
 * ANSI/TIA-568.2-D, the same for all classes here.
 */
export const LOOP_MOST_OHM: Readonly<Record<LimitKind, number>> = {
  channel: 25,
  'permanent-link': 21,
};
