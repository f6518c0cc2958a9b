/**
 * Something that is to be told: a code, and the quantities, names and other messages that belong in it.
 * Words are made of it at the edge, in a language and in units (packages/words).
 */
export interface Message<Code extends string = string, With extends object = object> {
  readonly code: Code;
  readonly with: With;
}

/** The messages of a table that says what each code carries. */
export type MessageOf<Table extends object> = {
  [Code in keyof Table & string]: Message<Code, Table[Code] & object>;
}[keyof Table & string];

/** A message of a table: `message<TerminateMessages>()('tool', { tool })`. */
export const message =
  <Table extends object>() =>
  <Code extends keyof Table & string>(
    code: Code,
    carried: Table[Code] & object,
  ): Message<Code, Table[Code] & object> => ({ code, with: carried });

export const isMessage = (value: unknown): value is Message =>
  typeof value === 'object' &&
  value !== null &&
  'code' in value &&
  typeof value.code === 'string' &&
  'with' in value &&
  typeof value.with === 'object' &&
  value.with !== null;
