import type { Message } from '../../message';
import { tell, type LineSays } from './messages';
import type { LineReading, LineReadings } from './readings';

export interface LineRow {
  readonly id: LineReading;
  readonly unit: 'V DC' | 'V AC';
}

/**
 * Usual voltages of an analogue line fed from an exchange. Generic: an adapter at the site, or a long
 * line, can have less; the provider's sheet decides.
 */
const LINE = { deadV: 3, idleV: 20, seizedMostV: 18, seizedLeastV: 3, ringV: 35 } as const;

export const LINE_ROWS: readonly LineRow[] = [
  {
    id: 'idleV',
    unit: 'V DC',
  },
  {
    id: 'aloneV',
    unit: 'V DC',
  },
  {
    id: 'demarcationV',
    unit: 'V DC',
  },
  {
    id: 'offHookV',
    unit: 'V DC',
  },
  {
    id: 'ringingV',
    unit: 'V AC',
  },
];

export type LineSide = 'ours' | 'theirs' | 'set' | 'nobody';

export interface LineVerdict {
  /** What to measure next; null when the answer is there. */
  readonly next: LineReading | null;
  /** Whose the fault is; null while it is not known. */
  readonly side: LineSide | null;
  readonly sentence: Message;
  readonly remarks: readonly Message[];
}

type Rule = readonly [
  when: (readings: LineReadings) => boolean,
  verdict: Omit<LineVerdict, 'remarks'>,
];

const size = (volts: number | null): number => Math.abs(volts ?? 0);
const has = (volts: number | null): boolean => size(volts) >= LINE.idleV;
const done = (side: LineSide, says: LineSays) => ({
  next: null,
  side,
  sentence: tell('line', { says }),
});
const ask = (next: LineReading, says: LineSays) => ({
  next,
  side: null,
  sentence: tell('line', { says }),
});

/** Read from the top; the first that holds decides. */
const RULES: readonly Rule[] = [
  [
    ({ idleV, demarcationV }) => idleV === null && demarcationV === null,
    ask('idleV', 'measure-idle'),
  ],
  [
    ({ idleV, demarcationV }) => !has(idleV) && demarcationV !== null && has(demarcationV),
    done('ours', 'wiring-between'),
  ],
  [
    ({ demarcationV }) => demarcationV !== null && !has(demarcationV),
    done('theirs', 'no-line-there'),
  ],
  [({ idleV, aloneV }) => !has(idleV) && has(aloneV), done('set', 'a-set-holds-it')],
  [
    ({ idleV, aloneV }) => size(idleV) >= LINE.deadV && !has(idleV) && aloneV === null,
    ask('aloneV', 'something-loads-it'),
  ],
  [({ idleV }) => !has(idleV), ask('demarcationV', 'no-line-here')],
  [({ offHookV }) => offHookV === null, ask('offHookV', 'lift-a-handset')],
  [({ offHookV }) => size(offHookV) > LINE.seizedMostV, done('set', 'no-current-drawn')],
  [({ offHookV }) => size(offHookV) < LINE.seizedLeastV, done('set', 'falls-too-low')],
  [({ ringingV }) => ringingV === null, ask('ringingV', 'ring-it')],
  [({ ringingV }) => size(ringingV) < LINE.ringV, done('ours', 'rings-weakly')],
];

const GOOD = done('nobody', 'good');

/** What a telephone line's voltages say, and what to measure next. */
export function judgeLine(readings: LineReadings): LineVerdict {
  const [, verdict] = RULES.find(([when]) => when(readings)) ?? [null, GOOD];
  return { ...verdict, remarks: remarksOf(readings) };
}

const remarksOf = ({ idleV }: LineReadings): Message[] =>
  idleV !== null && idleV > 0 && has(idleV) ? [tell('line-reversed', {})] : [];

/** The most ringer load that one line drives, by where it is. */
export const RINGER_LIMITS = [
  { id: 'four', most: 4, name: tell('ringer-limit', { country: 'uk', most: 4 }) },
  { id: 'five', most: 5, name: tell('ringer-limit', { country: 'us', most: 5 }) },
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
  const enough = sum <= most + 1e-9;
  return { sum, enough, sentence: tell('ringer-load', { sum, most, isEnough: enough }) };
}
