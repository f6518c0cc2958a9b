import type { SetupMessages } from '@near-spoke/core/reflect/setup';
import type { VelocityMessages } from '@near-spoke/core/reflect/velocity';
import { formatDistance, type Uncertain, type UnitSystem } from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';

/** A catalogue’s figure with what it is within for 95 %. */
const within = ({ value, u }: Uncertain): string => `${value.toFixed(2)} ± ${(2 * u).toFixed(2)}`;
const off = (share: number): string =>
  `${Math.abs(100 * share).toFixed(1)} % ${share > 0 ? 'high' : 'low'}`;
const nanoseconds = (seconds: number): string => `${(seconds * 1e9).toFixed(1)} ns`;
const ends = ({ seenM, wholeM }: VelocityMessages['ends-see-less'], units: UnitSystem): string =>
  `${formatDistance(seenM, units, 1)} of ${formatDistance(wholeM, units, 1)}`;
const count = (samples: number): string => samples.toLocaleString('en');

/** What is made of a velocity factor, of a place from both ends, and of an instrument. */
export const VELOCITY: WordsFor<VelocityMessages & SetupMessages> = {
  'velocity-twice': ({ catalogue }) =>
    `It is twice the catalogue’s ${within(catalogue)}: one way was counted as two. The delay is there and back, the length one way.`,
  'velocity-above-light': () =>
    'Nothing is faster than light: was a one-way delay typed, or the length doubled?',
  'velocity-half': ({ catalogue }) =>
    `It is half the catalogue’s ${within(catalogue)}: the delay was doubled once more, or half the length was typed.`,
  'velocity-contradicts': ({ catalogue }) =>
    `It contradicts the catalogue’s ${within(catalogue)} for this cable: the length, the delay or the kind of cable is another.`,
  'velocity-known-better': ({ catalogue }) =>
    `It is known less well than the catalogue’s ${within(catalogue)}: a longer piece, or a better delay, would tell more.`,

  'reckoned-same': ({ own, ours }) => `${own} agrees with ours, ${ours.toFixed(4)}.`,
  'reckoned-half': ({ own, ours }) =>
    `${own} is half of ours, ${ours.toFixed(4)}: the length was not doubled, and the pulse goes there and back.`,
  'reckoned-twice': ({ own, ours }) =>
    `${own} is twice ours, ${ours.toFixed(4)}: the delay was halved, or the length doubled twice.`,
  'reckoned-round-light': ({ own, off: share }) =>
    `${own} is ${off(share)}: it takes 300 000 km/s for the speed of light.`,
  'reckoned-other': ({ own, off: share, oneWayM, impliedM, impliedS, delayS }, { units }) =>
    `${own} is ${off(share)}: twice ${formatDistance(oneWayM, units)} is ${formatDistance(2 * oneWayM, units)}, not ${formatDistance(impliedM, units, impliedM < 100 ? 1 : 0)}; or the delay was ${nanoseconds(impliedS)}, not ${nanoseconds(delayS)}.`,

  'ends-too-short': ({ wholeM }, { units }) =>
    `The two delays are too short for ${formatDistance(wholeM, units, 1)}: nothing is faster than light. The length, or one of the delays, is wrong.`,
  'ends-untold': () => 'Nothing else tells whether both ends saw the same place.',
  'ends-agree': ({ velocityFactor: { value, u }, ...both }, { units }) =>
    `Both ends agree as well as the velocity factor is known, ${value.toFixed(3)} ± ${u.toFixed(3)}: by it they see ${ends(both, units)}.`,
  'ends-see-less': (both, { units }) =>
    `The ends don’t agree: together they see ${ends(both, units)}. There may be two faults, and a piece between them that neither end sees.`,
  'ends-see-more': (both, { units }) =>
    `The ends don’t agree: together they see ${ends(both, units)}. The length may be longer than told, or one echo is not of this place.`,

  'scope-memory': ({ needed, kept, isEnough }) =>
    isEnough
      ? `${count(needed)} samples are needed, and it keeps ${count(kept)}.`
      : `${count(needed)} samples are needed and it keeps ${count(kept)}: the far end would be cut off. Lower the rate.`,
  'scope-rate': ({ isEnough }) =>
    isEnough
      ? 'Its rate is enough for its bandwidth: edges are told to a small part of a sample.'
      : 'Its rate is too low for its bandwidth: edges fall between samples. Use repetitive sampling, or a slower pulse.',
  'far-echo': ({ share, isEnough }) =>
    isEnough
      ? `The far end gives back ${(100 * share).toFixed(0)} % of the launch.`
      : `The far end gives back ${(100 * share).toFixed(1)} % of the launch at best: it may not be seen. Measure from both ends, or use a step.`,
  terminator: ({ ohm, lineOhm, reflection, isGood }) =>
    `${ohm} Ω on a ${lineOhm} Ω line gives back ${(100 * Math.abs(reflection)).toFixed(1)} %: ${
      isGood ? 'it is good' : `${reflection > 0 ? 'too high' : 'too low'}. Use another`
    }.`,
};
