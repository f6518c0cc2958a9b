/** Classes of channels and permanent links, by what they are made of. */
export const LIMIT_CLASSES = ['5e', '6', '6A'] as const;
export type LimitClass = (typeof LIMIT_CLASSES)[number];
export type LimitKind = 'channel' | 'permanent-link';
export type Parameter = 'insertion-loss' | 'next' | 'return-loss';
export const PARAMETERS: readonly Parameter[] = ['insertion-loss', 'next', 'return-loss'];

/** Up to where each class is limited, MHz. */
export const MOST_MHZ: Readonly<Record<LimitClass, number>> = { '5e': 100, '6': 250, '6A': 500 };

const log = Math.log10;
/** Two ways of crosstalk add as voltages. */
const together = (...decibels: readonly number[]) =>
  -20 * log(decibels.reduce((sum, decibel) => sum + 10 ** (-decibel / 20), 0));

/** Of 100 m of cable: a·√f + b·f + c/√f, and of one connection d·√f. */
const LOSS: Readonly<Record<LimitClass, readonly [number, number, number, number]>> = {
  '5e': [1.9108, 0.0222, 0.2, 0.04],
  '6': [1.82, 0.0169, 0.25, 0.02],
  '6A': [1.82, 0.0091, 0.25, 0.02],
};

/** Near-end crosstalk of the cable and of one connection: a - 15 log f, b - 20 log f. */
const CROSSTALK: Readonly<Record<LimitClass, readonly [number, number]>> = {
  '5e': [65.3, 83],
  '6': [74.3, 94],
  '6A': [74.3, 94],
};

/** Return loss from a frequency on: a - b log f. */
type Steps = readonly (readonly [fromMHz: number, a: number, b: number])[];
const RETURN: Readonly<Record<LimitKind, Readonly<Record<LimitClass, Steps>>>> = {
  channel: {
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
  },
  'permanent-link': {
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
  },
};

/** Lengths of cable, share of flexible cable's extra loss, and connections that the limits are made of. */
const MADE_OF = {
  channel: { hundreds: 1.05, connections: 4, crosstalk: 2 },
  'permanent-link': { hundreds: 0.9, connections: 3, crosstalk: 1 },
} as const;

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
export function cableLossDb(name: LimitClass, mhz: number): number {
  const [a, b, c] = LOSS[name];
  const root = Math.sqrt(mhz);
  return a * root + b * mhz + c / root;
}

/**
 * The limit of a parameter at a frequency, dB: insertion loss at most, the others at least; null
 * outside the class’s range.
 *
 * Source: ISO/IEC 11801-1, classes D, E and E_A, which category 5e, 6 and 6A components make up.
 * ANSI/TIA-568.2-D differs from them by some tenths of a decibel.
 */
export function limitDb(
  parameter: Parameter,
  name: LimitClass,
  kind: LimitKind,
  mhz: number,
): number | null {
  if (mhz < 1 || mhz > MOST_MHZ[name]) return null;
  const made = MADE_OF[kind];
  if (parameter === 'insertion-loss') {
    const [, , , d] = LOSS[name];
    const connection = d * Math.sqrt(mhz);
    // Below 4 dB the limit is 4 dB.
    return Math.max(4, made.hundreds * cableLossDb(name, mhz) + made.connections * connection);
  }
  if (parameter === 'return-loss') {
    const [, a, b] = RETURN[kind][name].findLast(([from]) => mhz >= from) as Steps[number];
    return a - b * log(mhz);
  }
  if (name === '6A' && kind === 'channel' && mhz > 330) return 31 - 50 * log(mhz / 330);
  if (name === '6A' && kind === 'permanent-link' && mhz > 300) return 34 - 33.13 * log(mhz / 300);
  const [a, b] = CROSSTALK[name];
  const least = together(
    a - 15 * log(mhz),
    ...new Array<number>(made.crosstalk).fill(b - 20 * log(mhz)),
  );
  return Math.min(NEXT_MOST[name], least);
}

/** Where the formulas ask for more than this, this is enough. Source: as above. */
const NEXT_MOST: Readonly<Record<LimitClass, number>> = { '5e': 60, '6': 65, '6A': 65 };

/** Longest delay at a frequency, and largest difference among the pairs, nanoseconds. Source: as above. */
export function delayLimits(kind: LimitKind, mhz: number) {
  const cable = 534 + 36 / Math.sqrt(mhz);
  return kind === 'channel'
    ? { delayNs: cable + 4 * 2.5, skewNs: 50 }
    : { delayNs: 0.9 * cable + 3 * 2.5, skewNs: 44 };
}
