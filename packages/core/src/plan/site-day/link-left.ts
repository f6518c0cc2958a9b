/** What is left to do on a link. */
export interface LinkLeft {
  readonly id: string;
  readonly near: EndLeft;
  readonly far: EndLeft;
  /** Null where nobody knows it. */
  readonly lengthM: number | null;
  /** Whether it is to be tested once both ends are made. */
  readonly toTest: boolean;
}

export interface EndLeft {
  /** A hub, or where the end is. */
  readonly place: string;
  /** 0 where nothing is left to make. */
  readonly minutes: number;
  /** What is left takes these. */
  readonly tools: readonly string[];
  readonly outdoors: boolean;
}
