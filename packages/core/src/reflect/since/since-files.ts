import { parseCapture } from '../../formats/captures';
import type { Message } from '../../message';
import type { Uncertain } from '../../units';
import { placeMessage } from '../place';
import { since, type Since } from './since';

/** A file of an instrument, and what it is called: its ending tells some formats apart. */
export interface CaptureFile {
  readonly bytes: Uint8Array | string;
  readonly name: string;
}

/** Two files of one line, laid over each other: see since. Null of what is no trace or can’t be read, too. */
export function sinceFiles(
  before: CaptureFile,
  now: CaptureFile,
  velocityFactor: Uncertain,
): Since | null {
  const [was, is] = [before, now].map(({ bytes, name }) => parseCapture(bytes, name));
  return was?.ok && is?.ok && was.capture.kind === 'trace' && is.capture.kind === 'trace'
    ? since(was.capture.trace, is.capture.trace, velocityFactor)
    : null;
}

/** What the one leaves of the other, in words. */
export const sinceSentence = (found: Since | null): Message => {
  if (!found) return placeMessage('since-unlike', {});
  return found.changed.length === 0
    ? placeMessage('since-alike', {})
    : placeMessage('since-changed', { at: found.changed.map(({ distanceM }) => distanceM) });
};
