/** The same in another language: as many words, which take the same. */
export type Same<Words> = {
  readonly [Key in keyof Words]: Words[Key] extends string
    ? string
    : Words[Key] extends (...given: infer Given) => string
      ? (...given: Given) => string
      : Same<Words[Key]>;
};
