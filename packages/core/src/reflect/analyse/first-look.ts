import type { Capture } from '../../formats/captures';
import { ANY_VELOCITY, type Told } from '../told';
import { firstLookAtSweep } from './first-look-sweep';
import { firstLookAtTrace } from './first-look-trace';
import type { FirstLook } from './first-place';

/**
 * What a capture shows at a first look, in a small part of the time that it takes to be explained: each
 * place where something comes back. An echo’s echo is a place like any other, and no kind is told.
 *
 * @returns null of what can’t be analysed: see analyse for why
 */
export function firstLook(capture: Capture, told: Told): FirstLook | null {
  const velocityFactor = told.velocityFactor ?? ANY_VELOCITY;
  return capture.kind === 'sweep'
    ? firstLookAtSweep(capture.network, velocityFactor)
    : firstLookAtTrace(capture.trace, told, velocityFactor);
}
