declare module 'pino-roll' {
  import type { EventEmitter } from 'node:events';
  import type { DestinationStream } from 'pino';

  /** A file for log lines that begins anew each day, or when it has grown to a size. */
  export default function roll(options: {
    readonly file: string;
    readonly extension: string;
    readonly frequency: 'daily';
    readonly size: string;
    readonly limit: { readonly count: number; readonly removeOtherLogFiles: boolean };
    readonly mkdir: boolean;
    /** Bytes that wait at most; of more, lines are dropped. */
    readonly maxLength: number;
  }): Promise<DestinationStream & EventEmitter>;
}
