import type { Message } from './message';

/** What holds messages, with words in their places. */
export type Told<T> = T extends Message
  ? string
  : T extends (...given: never) => unknown
    ? T
    : T extends ReadonlySet<unknown> | ReadonlyMap<unknown, unknown>
      ? T
      : T extends object
        ? { [Key in keyof T]: Told<T[Key]> }
        : T;
