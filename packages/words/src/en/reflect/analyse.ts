import type { CaptureMessages } from '@near-spoke/core/captures';
import type { AnalyseMessages, Far } from '@near-spoke/core/reflect/analyse';
import { formatDistance, formatHz, formatUncertain, type UnitSystem } from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { list } from '../list';

const far = ({ distanceM, isNear }: Far, units: UnitSystem): string =>
  formatDistance(distanceM, units, isNear ? 2 : 1);

/** What must be known before what a capture tells is trusted, and why one can’t be used. */
export const ANALYSE: WordsFor<AnalyseMessages & CaptureMessages> = {
  'capture-line-left-out': ({ line }) =>
    `The file ends in the middle of line ${line}: that line was left out.`,
  'capture-cut-off': ({ promised, count }) =>
    `The header tells of ${promised} samples and ${count} are there: the file is cut off.`,
  'capture-unit-assumed': () =>
    'The file does not say in what unit its frequencies are: GHz is taken, as the format has it. In MHz all would be a thousand times as far away.',
  'capture-channel-read': ({ channels, name }) =>
    `The file has ${channels} channels: “${name}” was read.`,

  'velocity-assumed': ({ velocityFactor: { value, u } }) =>
    `No velocity factor was told: ${value.toFixed(2)} ± ${u.toFixed(2)} is assumed, and every distance is as uncertain. Measure a known length first.`,
  'impedance-assumed': ({ ohm }) =>
    `No cable impedance was told: of the usual ones, about ${ohm.toFixed(0)} ohm explains it best.`,
  'pulse-or-step': ({ away }, { units }) =>
    `The launch can be a pulse, or a step into a short ${far(away, units)} away: say which it is.`,
  clipped: ({ fromSample, count, volts }) =>
    `From sample ${fromSample} on, ${count} samples are cut off at ${volts.toPrecision(3)} V: they were left out, and what they hide is not known.`,
  'nothing-comes-back': ({ reach, velocityFactor }, { units }) =>
    `Nothing comes back within the record, which reaches ${far(reach, units)} at a velocity factor of ${velocityFactor.toFixed(2)}: the end is matched, or lies beyond.`,
  'units-doubted': ({ topHz, reachM, likelier }, { units }) =>
    `A sweep up to ${formatHz(topHz)} in such steps sees ${formatDistance(reachM, units)} far, which is no cable: does the file name the right unit of frequency? Up to ${formatHz(likelier.topHz)} it would see ${formatDistance(likelier.reachM, units)}.`,
  'folds-back': ({ stepHz, reach }, { units }) =>
    `Steps of ${formatHz(stepHz)} see ${far(reach, units)} far: what lies behind that looks nearer than it is. If the cable may be longer, sweep in finer steps.`,
  'beyond-steps': ({ stepHz, reach, at }, { units }) =>
    `Steps of ${formatHz(stepHz)} see ${far(reach, units)} far, and what comes back looks nearer than that; its phases and its loss are those of ${far(at, units)}, and of nothing nearer. A sweep in finer steps shows it outright.`,
  'close-faults': ({ first, second, launch, isTold }, { units }) =>
    `What lies at ${far(first, units)} and at ${far(second, units)} is nearer together than this ${launch === 'pulse' ? 'pulse is long' : 'edge'}: ${
      isTold
        ? 'only the model tells the two apart, a shorter one would show them'
        : 'they can’t be told apart with it'
    }.`,
  'branch-or-end': ({ branch, end }, { units }) =>
    `Which of the two ends at ${far(end, units)}, the branch that begins at ${far(branch, units)} or the line itself, this measurement can’t tell: the other gives nothing back, as a matched or a very long one does. Look at ${far(branch, units)} which way each goes.`,
  unexplained: ({ from }, { units }) =>
    `From about ${far(from, units)} on, the trace shows more than the events explain: trust nothing behind it.`,

  'first-look': ({ at, more }, { units }) =>
    at.length === 0
      ? 'At first look nothing comes back.'
      : `At first look something comes back from ${list(at.map((one) => formatUncertain(one, units)))}${more > 0 ? `, and less from ${more} more` : ''}. What it is, and which are echoes of echoes, a first look can’t tell.`,
  'look-stands': ({ count, of, by }, { units }) =>
    `Of ${of} seen at first look, ${count} ${count === 1 ? 'is a place' : 'are places'}, moved by ${far(by, units)} at most.`,
  'look-gone': ({ at }, { units }) =>
    `No place of its own, though seen at first look: ${list(at.map((one) => far(one, units)))}. What goes to and fro between the places, and what the cable does to an edge, explain it.`,
  'look-new': ({ at }, { units }) =>
    `Not seen at first look: ${list(at.map((one) => far(one, units)))}.`,

  'file-unread': ({ reason }) => reason,
  'too-few-samples': ({ count, least }) =>
    `There are ${count} samples; ${least} are the least to tell anything from`,
  'too-few-points': ({ count, least }) =>
    `There are ${count} points; ${least} are the least to tell anything from`,
  'too-many-ports': ({ ports }) => `The file has ${ports} ports; one or two are read`,
  'uneven-points': () =>
    'The points are not evenly spaced: sweep linearly, an echo’s delay is told by even steps',
  'all-samples-alike': () => 'All samples are the same: nothing was recorded',
  'no-launch-in-noise': () => 'Nothing stands out of the noise: there is no launch',
  'no-launch-rises': () => 'Nothing rises from the baseline: there is no launch',
  'launch-at-start': () =>
    'The record begins with the launch or after it. Trigger later: a piece of quiet line must stand before it',
  'launch-cut-off': ({ volts }) =>
    `The launch is cut off at ${volts.toPrecision(3)} V: the instrument’s range was too small. Set more volts to a division and take it again`,
};
