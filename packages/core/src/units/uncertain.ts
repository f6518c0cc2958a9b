/** A value with its standard uncertainty. */
export interface Uncertain {
  readonly value: number;
  readonly u: number;
}
