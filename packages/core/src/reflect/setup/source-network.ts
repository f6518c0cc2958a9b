import type { Message } from '../../message';
import { seriesValues, type Series } from '../../units';
import { beside, decibelOf, reflectionAt } from '../line/reflection';
import { tell } from './messages';

/** Resistors between a pulser and a line, so that what comes back is not thrown back again. */
export interface SourceNetwork {
  readonly how: 'series' | 'parallel' | 'none';
  readonly resistors: readonly number[];
  /** What the line sees. */
  readonly ohm: number;
  /** Off the line's impedance, a share. */
  readonly error: number;
  /** First ghost beside the echo it comes from, and the same in dB below. */
  readonly ghost: number;
  readonly ghostDb: number;
  /** What reaches the line, of the pulser's own volts. */
  readonly launchShare: number;
}

/** Below this a resistor is not worth its place. */
const NEARLY_SAME = 0.005;

/**
 * One or two resistors of a series that make a pulser match a line: in its way where it is too low, across
 * it where it is too high. Of nearly equal ones that with fewer parts.
 *
 * Source: values after IEC 60063; reflection (R − Z) / (R + Z).
 */
export function matchSource(pulserOhm: number, lineOhm: number, series: Series): SourceNetwork {
  const told = (
    how: SourceNetwork['how'],
    resistors: readonly number[],
    ohm: number,
    share: number,
  ): SourceNetwork => {
    const ghost = Math.abs(reflectionAt(ohm, lineOhm));
    return {
      how,
      resistors,
      ohm,
      error: ohm / lineOhm - 1,
      ghost,
      ghostDb: decibelOf(ghost),
      launchShare: (share * lineOhm) / (ohm + lineOhm),
    };
  };
  const bare = told('none', [], pulserOhm, 1);
  if (Math.abs(bare.error) < NEARLY_SAME) return bare;
  const low = pulserOhm < lineOhm;
  const wanted = low ? lineOhm - pulserOhm : 1 / (1 / lineOhm - 1 / pulserOhm);
  const values = seriesValues(series, wanted / 20, wanted * 20);
  const ohmOf = (across: number) => (low ? pulserOhm + across : beside(pulserOhm, across));
  const shareOf = (across: number) => (low ? 1 : across / (across + pulserOhm));
  const make = (resistors: readonly number[], value: number) =>
    told(low ? 'series' : 'parallel', resistors, ohmOf(value), shareOf(value));
  const better = (one: SourceNetwork, other: SourceNetwork) =>
    Math.abs(other.error) + PER_PART * other.resistors.length <
    Math.abs(one.error) + PER_PART * one.resistors.length
      ? other
      : one;
  let best = bare;
  for (const [index, a] of values.entries()) {
    best = better(best, make([a], a));
    // In the way two add; across, their conductances do.
    for (const b of values.slice(index))
      best = better(best, make([a, b], low ? a + b : beside(a, b)));
  }
  return best;
}

/** One part more has to bring so much. */
const PER_PART = 0.002;

/** What a terminator is good for. */
export interface TerminatorCheck {
  readonly reflection: number;
  readonly returnLossDb: number;
  readonly ok: boolean;
  readonly sentence: Message;
}

/** Textbook ohms: a terminator that gives back less than this is as good as the cable itself. */
const GOOD_REFLECTION = 0.025;

export function checkTerminator(measuredOhm: number, lineOhm: number): TerminatorCheck {
  const reflection = reflectionAt(measuredOhm, lineOhm);
  const returnLossDb = -decibelOf(reflection);
  const ok = Math.abs(reflection) < GOOD_REFLECTION;
  return {
    reflection,
    returnLossDb,
    ok,
    sentence: tell('terminator', { ohm: measuredOhm, lineOhm, reflection, isGood: ok }),
  };
}
