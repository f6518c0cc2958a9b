import { message } from '../../message';

/** What was kept out or put right while a capture was read. */
export interface CaptureMessages {
  /** Of a file that ends in the middle of it. */
  readonly 'capture-line-left-out': { readonly line: number };
  readonly 'capture-cut-off': { readonly promised: number; readonly count: number };
  readonly 'capture-channel-read': { readonly channels: number; readonly name: string };
}

export const note = message<CaptureMessages>();
