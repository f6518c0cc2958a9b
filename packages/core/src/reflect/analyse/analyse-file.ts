import { parseCapture } from '../../formats/captures';
import type { Message } from '../../message';
import type { Told } from '../told';
import { analyse } from './analyse';
import type { Analysis } from './analysis';
import { firstLook } from './first-look';
import type { FirstLook } from './first-place';
import type { Checkpoint } from './grow';
import { fileUnread } from './messages';

export type AnalysedFile =
  | { readonly ok: true; readonly analysis: Analysis; readonly look: FirstLook | null }
  /** Why it can't be used, in which line of the file, where that is known, and what is seen of it all the same. */
  | {
      readonly ok: false;
      readonly line: number | null;
      readonly reason: Message;
      readonly look: FirstLook | null;
    };

/**
 * What a file of an instrument tells of a line: see analyse.
 *
 * @param name as the file is called: its ending tells some formats apart
 */
export function analyseFile(
  file: Uint8Array | string,
  name: string,
  told: Told,
  checkpoint?: Checkpoint,
): AnalysedFile {
  const parsed = parseCapture(file, name);
  if (!parsed.ok)
    return { ok: false, line: parsed.line, reason: fileUnread(parsed.reason), look: null };
  const { capture } = parsed;
  const analysed = analyse(capture, told, checkpoint);
  const look = firstLook(capture, told);
  if (analysed.ok) return { ...analysed, look };
  const line = capture.kind === 'trace' ? capture.firstLine + analysed.sample : null;
  return { ok: false, line, reason: analysed.reason, look };
}
