import { message } from '../../message';

/** What was kept out or put right while a capture was read. */
export interface CaptureMessages {
  /** Of a file that ends in the middle of it. */
  readonly 'capture-line-left-out': { readonly line: number };
  readonly 'capture-cut-off': { readonly promised: number; readonly count: number };
  /** Of frequencies: the format's own is taken where a file names none. */
  readonly 'capture-unit-assumed': object;
  readonly 'capture-channel-read': { readonly channels: number; readonly name: string };
}

export const note = message<CaptureMessages>();
