import { e24AtLeast, e24AtMost, e24Between, formatOhm } from '../units';
import type { Thresholds } from './level';

/** What a resistor network drives, generic: an input's 10 pF and 100 pF of wire and board. */
export const LOAD_F = 110e-12;
/** Base to emitter, and collector to emitter when switched through, of a small silicon transistor. */
const BASE_V = 0.7;
const SATURATED_V = 0.2;

/**
 * The fastest bit rate through a resistance that charges a capacitance: the edge, 2.2 RC from 10 to 90 %,
 * takes a third of a bit at most.
 */
export const fastestBitPerS = (ohm: number, farad = LOAD_F): number => 1 / (3 * 2.2 * ohm * farad);

export interface Divider {
  readonly seriesOhm: number;
  readonly groundOhm: number;
  /** The smaller of the two margins that are left, V. */
  readonly marginV: number;
  readonly bitPerS: number;
}

/**
 * The divider of E24 values that brings an output down to an input: within what it stands at the
 * output's highest, above its threshold at the lowest, with the same margin both ways if it can be. The
 * output gives 2 mA at most.
 */
export function divider(out: Thresholds, into: Thresholds): Divider | null {
  const values = e24Between(1000, 47_000);
  let best: Divider | null = null;
  for (const seriesOhm of values)
    for (const groundOhm of values) {
      const share = groundOhm / (seriesOhm + groundOhm);
      if (out.outHighMaxV / (seriesOhm + groundOhm) > 0.002) continue;
      const top = into.inMaxV - out.outHighMaxV * share;
      const high = out.outHighMinV * share - into.inHighMinV;
      const low = into.inLowMaxV - out.outLowMaxV * share;
      const bottom = out.outLowMinV * share - into.inMinV;
      const marginV = Math.min(top, high, low, bottom);
      const bitPerS = fastestBitPerS((seriesOhm * groundOhm) / (seriesOhm + groundOhm));
      if (marginV <= 0) continue;
      const better =
        !best ||
        marginV > best.marginV + 1e-9 ||
        (Math.abs(marginV - best.marginV) < 1e-9 && bitPerS > best.bitPerS);
      if (better) best = { seriesOhm, groundOhm, marginV, bitPerS };
    }
  return best;
}

export interface TransistorStage {
  readonly kind: 'common-base' | 'inverter';
  readonly pullUpOhm: number;
  readonly baseOhm: number;
  readonly bitPerS: number;
}

/** Current that a stage's pull-up lets through when the output is low. */
const STAGE_A = 0.001;

/**
 * One transistor that lifts a low output to a higher supply without inverting: its emitter at the output,
 * its base at the output's own supply, its collector pulled up. Null where its low would not be low enough.
 */
export function commonBase(
  out: Thresholds,
  into: Thresholds,
  ownSupplyV: number,
  supplyV: number,
): TransistorStage | null {
  if (out.outLowMaxV + SATURATED_V > into.inLowMaxV || supplyV < into.inHighMinV) return null;
  const base = ownSupplyV - BASE_V - out.outLowMaxV;
  if (base <= 0) return null;
  const pullUpOhm = e24AtLeast((supplyV - SATURATED_V) / STAGE_A);
  return {
    kind: 'common-base',
    pullUpOhm,
    baseOhm: e24AtMost(base / (STAGE_A / 10)),
    bitPerS: fastestBitPerS(pullUpOhm),
  };
}

/** One transistor that receives EIA-232: it inverts, as that level asks for; a diode holds its base. */
export function inverter(out: Thresholds, supplyV: number): TransistorStage {
  const pullUpOhm = e24AtLeast((supplyV - SATURATED_V) / STAGE_A);
  return {
    kind: 'inverter',
    pullUpOhm,
    baseOhm: e24AtMost((out.outHighMinV - BASE_V) / (STAGE_A / 10)),
    bitPerS: fastestBitPerS(pullUpOhm),
  };
}

const rate = (bitPerS: number): string =>
  bitPerS >= 1e6
    ? `${Number((bitPerS / 1e6).toPrecision(2))} Mbit/s`
    : `${Math.floor(Number(bitPerS.toPrecision(2)) / 1e3)} kbit/s`;

const LIMIT = 'with 110 pF of input and wire (generic)';

export const tellDivider = ({ seriesOhm, groundOhm, bitPerS }: Divider): string =>
  `Put a divider before the input: ${formatOhm(seriesOhm)} in series, ${formatOhm(groundOhm)} to ground. Good to ${rate(bitPerS)} ${LIMIT}.`;

export function tellStage(stage: TransistorStage): string {
  const parts = `${formatOhm(stage.pullUpOhm)} from its collector to the receiver’s supply, ${formatOhm(stage.baseOhm)}`;
  const how =
    stage.kind === 'common-base'
      ? `One NPN transistor, its emitter at the output, ${parts} from its base to the sender’s supply`
      : `One NPN transistor, its emitter at ground, ${parts} before its base, and a diode from ground to its base against the negative swing. It inverts, as it must`;
  return `${how}. Good to ${rate(stage.bitPerS)} ${LIMIT}.`;
}

export interface SeriesResistor {
  readonly ohm: number;
  readonly watt: number;
}

/** The resistor that holds a lamp to its current. Null where the supply does not reach its voltage. */
export function lampResistor(
  supplyV: number,
  forwardV: number,
  currentA: number,
): SeriesResistor | null {
  const drop = supplyV - forwardV;
  if (drop <= 0) return null;
  const ohm = e24AtLeast(drop / currentA);
  return { ohm, watt: drop ** 2 / ohm };
}
