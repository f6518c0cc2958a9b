import { awgAreaMm2, coreOhm } from '../../catalogue';
import { SCHEDULED_LENGTH_SHARE } from '../../link';
import type { Message } from '../../message';
import type { Uncertain } from '../../units';
import type { CableFacts } from '../circuit/bench';
import { tell } from './messages';

/** Relative standard uncertainty of a drawn conductor's area. Generic. */
const AREA_U = 0.02;
/** Of the conductor's temperature, kelvin; of copper's resistance by that, per kelvin (IEC 60028). */
const TEMPERATURE_U_K = 5;
const COPPER_PER_K = 0.00393;
/** A pair is twisted, so its conductors are longer than the cable. Generic, with its uncertainty. */
const TWIST = { value: 1.02, u: 0.01 } as const;
/** Four contacts in a loop, and the leads of a meter. Generic, ohm. */
const CONTACTS_OHM = { value: 0.1, u: 0.1 } as const;

/**
 * Resistance of a pair's loop, its conductors joined at the far end.
 *
 * @throws when the length is not known
 */
export function loopExpected({ lengthM, gaugeAwg, temperatureC }: CableFacts): Uncertain {
  if (lengthM === null) throw new Error('The resistance of a loop needs the length of its link');
  const copper = 2 * TWIST.value * coreOhm(lengthM, awgAreaMm2(gaugeAwg), temperatureC);
  const share = Math.hypot(SCHEDULED_LENGTH_SHARE, AREA_U, TEMPERATURE_U_K * COPPER_PER_K, TWIST.u);
  return { value: copper + CONTACTS_OHM.value, u: Math.hypot(copper * share, CONTACTS_OHM.u) };
}

/**
 * Copper-clad aluminium beside copper of the same gauge: with a tenth to a sixth of its area copper
 * (ASTM B566 classes 10A and 15A), its conductivity is some 62 to 66 % of copper's.
 */
const CLAD = { least: 1.4, most: 1.75 } as const;

/** How many standard uncertainties away a reading is called different. */
const APART = 2.5;

export type LoopCause =
  'as-expected' | 'joint' | 'other-metal' | 'longer' | 'shorter' | 'over-limit' | 'open' | 'short';

export interface LoopVerdict {
  readonly pair: number;
  readonly measuredOhm: number | null;
  /** Standard uncertainties from what is expected; null for an open loop. */
  readonly apart: number | null;
  readonly cause: LoopCause;
  readonly sentence: Message;
}

/** Beside its neighbours of the same cable, only contacts and twist differ: more than this is a joint. */
const jointFrom = (middleOhm: number): number => Math.max(0.4, 0.06 * middleOhm);

/**
 * What the measured loops of a link say. A pair that stands out from the others has a joint; only pairs
 * that are alike can be of another length or metal, and of one pair alone nobody can tell which.
 *
 * @param mostOhm what a channel may have (LOOP_MOST_OHM), where one is to be met; null for none
 */
export function judgeLoops(
  expected: Uncertain,
  measured: readonly { readonly pair: number; readonly ohm: number | null }[],
  mostOhm: number | null = null,
): LoopVerdict[] {
  const closed = measured.flatMap(({ ohm }) => (ohm === null ? [] : [ohm])).sort((a, b) => a - b);
  const isShort = (ohm: number) =>
    ohm < expected.value * 0.3 && expected.value > 3 * CONTACTS_OHM.u;
  const whole = closed.filter((ohm) => !isShort(ohm));
  const middle = whole[Math.floor((whole.length - 1) / 2)] ?? expected.value;
  return measured.map(({ pair, ohm }): LoopVerdict => {
    const say = (cause: LoopCause, sentence: Message): LoopVerdict => ({
      pair,
      measuredOhm: ohm,
      apart: ohm === null ? null : (ohm - expected.value) / expected.u,
      cause,
      sentence,
    });
    if (ohm === null) return say('open', tell('loop-open', { pair }));
    if (isShort(ohm)) return say('short', tell('loop-short', { pair, ohm }));
    const beyondOhm = mostOhm !== null && ohm > mostOhm ? mostOhm : null;
    if (whole.length > 1 && ohm - middle > jointFrom(middle))
      return say('joint', tell('loop-joint', { pair, moreOhm: ohm - middle, mostOhm: beyondOhm }));
    if (Math.abs(ohm - expected.value) / expected.u <= APART)
      return beyondOhm === null
        ? say('as-expected', tell('loop-as-expected', { pair, ohm }))
        : say('over-limit', tell('loop-over-limit', { pair, ohm, mostOhm: beyondOhm }));
    const ratio = ohm / expected.value;
    if (ratio < 1) return say('shorter', tell('loop-shorter', { pair, ratio }));
    const mayBeClad = ratio >= CLAD.least && ratio <= CLAD.most;
    const times = { pair, ratio, mostOhm: beyondOhm };
    if (whole.length < 2) return say('longer', tell('loop-alone', { ...times, mayBeClad }));
    return mayBeClad
      ? say('other-metal', tell('loop-other-metal', times))
      : say('longer', tell('loop-longer', times));
  });
}

/**
 * Resistance unbalance of the two conductors of a pair, a share of their sum.
 *
 * Limit: the greater of 3 % and 0.2 ohm of difference. Source: ANSI/TIA-568.2-D, channel.
 */
export function unbalance(tipOhm: number, ringOhm: number) {
  const difference = Math.abs(tipOhm - ringOhm);
  const share = difference / (tipOhm + ringOhm);
  return { share, differenceOhm: difference, within: share <= 0.03 || difference <= 0.2 };
}

/**
 * Resistance unbalance between the pairs of a link, by their loops: each pair carries current over its two
 * conductors side by side, a quarter of its loop where they are alike. A share of the sum of the pair with
 * the most and the pair with the least; null where fewer than two loops are known.
 *
 * Limit: the greater of 7 % and 0.1 ohm of difference. Source: IEEE 802.3, clause 145, pair-to-pair
 * resistance unbalance of the channel for power over four pairs.
 */
export function unbalanceBetween(loopsOhm: readonly number[]) {
  if (loopsOhm.length < 2) return null;
  const [least, most] = [Math.min(...loopsOhm) / 4, Math.max(...loopsOhm) / 4];
  const difference = most - least;
  const share = most > 0 ? difference / (most + least) : 0;
  return { share, differenceOhm: difference, within: share <= 0.07 || difference <= 0.1 };
}
