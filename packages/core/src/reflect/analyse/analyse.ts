import type { Capture } from '../../formats/captures';
import type { Told } from '../told';
import { analyseSweep } from './analyse-sweep';
import { analyseTrace } from './analyse-trace';
import type { Analysed } from './analysis';
import type { Checkpoint } from './grow';

/**
 * Finds what changes along a line from what came back of a pulse, a step or a sweep: each place with its
 * delay, distance and reflection, each with its standard uncertainty. The line is modelled with its loss
 * and all that goes to and fro on it, and fitted to the capture; nothing is told that noise could be.
 *
 * @param checkpoint called now and then with the share that is done; what it throws ends the work
 */
export function analyse(capture: Capture, told: Told, checkpoint: Checkpoint = () => {}): Analysed {
  return capture.kind === 'trace'
    ? analyseTrace(capture, told, checkpoint)
    : analyseSweep(capture.network, told, capture.notes, checkpoint);
}
