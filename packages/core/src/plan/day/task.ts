/** What is to be done at a site in a day, and what it takes to walk there. */
export interface DayTask {
  readonly places: readonly string[];
  /** From each place to each, in the order of the places. */
  readonly walkMinutes: readonly (readonly number[])[];
  readonly visits: readonly Visit[];
  /** One, or two. */
  readonly people: 1 | 2;
  /** Where everybody begins. */
  readonly startPlace: string;
  /** Tools of which there is one: all that takes it is done by the same person. */
  readonly onlyOne?: readonly string[];
}

/** In minutes from the beginning on. */
export interface Span {
  readonly fromMinute: number;
  readonly toMinute: number;
}

export interface Visit {
  readonly id: string;
  readonly place: string;
  readonly minutes: number;
  /** Visits that have to be done before. */
  readonly after: readonly string[];
  /** How many it takes, at the same time. */
  readonly people: 1 | 2;
  readonly tools?: readonly string[];
  /** It is done whole within one of these; at any time if it is not said. */
  readonly open?: readonly Span[];
}

export interface Stop {
  /** From 1 on; a visit that takes two is a stop of both. */
  readonly person: number;
  readonly visit: string;
  readonly startMinute: number;
  /** To there, from this person’s stop before; what is left until it begins is waited for. */
  readonly walkMinutes: number;
}

export interface DayPlan {
  readonly order: readonly Stop[];
  /** When the last visit is done. */
  readonly totalMinutes: number;
  /** No order is done earlier. */
  readonly boundMinutes: number;
  /** The same, gone through as it was listed. */
  readonly listedMinutes: number;
  /** Visits for which there is no room in their times: they stand in the order, at a time that is not theirs. */
  readonly outside: readonly string[];
}

/** Why a day can’t be planned. */
export type NoDay =
  | { readonly kind: 'unknown-place'; readonly name: string }
  | { readonly kind: 'unknown-visit'; readonly name: string }
  | { readonly kind: 'walks-missing' }
  /** Each waits for another of them. */
  | { readonly kind: 'circle'; readonly visits: readonly string[] }
  | { readonly kind: 'takes-two'; readonly visits: readonly string[] };
