/** What one step of an end is told in; {scheme}, {strip}, {order} and others are filled in. */
export interface WordsOfStep {
  /** What to do, in one or two short sentences. */
  readonly instruction: string;
  readonly why: string;
  /** The step in a few words, where that is not the first clause of its instruction. */
  readonly title?: string;
  /** How to go on if it was left out until it was too late. */
  readonly wayBack?: string;
  /** What is looked at, by the check’s id. */
  readonly checks?: Readonly<Record<string, string>>;
}

/** The words of some steps, by their wording. */
export type StepWords = Readonly<Record<string, WordsOfStep>>;

/** The same steps in another language: each of them, with each of its checks. */
export type SameSteps<Steps extends StepWords> = {
  readonly [Step in keyof Steps]: WordsOfStep & {
    readonly checks?: Steps[Step] extends { readonly checks: infer Checks }
      ? { readonly [Check in keyof Checks]: string }
      : undefined;
  } & (Steps[Step] extends { readonly checks: object } ? { readonly checks: object } : object) &
    (Steps[Step] extends { readonly wayBack: string } ? { readonly wayBack: string } : object);
};
