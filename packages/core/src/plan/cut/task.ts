/** Runs of cable to be cut from reels that are there, or from boxes that can be bought. */
export interface CutTask {
  readonly runs: readonly Run[];
  readonly reels: readonly Reel[];
  /** More than its length that each run is cut. */
  readonly slackM: number;
  /** From this length on what is left of a reel is of use; null where what is left of an opened reel is waste. */
  readonly leastRestM: number | null;
  /** What more there is, as many as it takes; null where nothing can be bought. */
  readonly buyM: number | null;
}

export interface Run {
  readonly id: string;
  readonly lengthM: number;
}

export type Reel = Run;

/** Where a run is cut: from its reel’s free end on. */
export interface Cut {
  readonly run: string;
  /** A reel of the task; `buy-1`, `buy-2` … are bought ones. */
  readonly reel: string;
  readonly fromM: number;
  readonly toM: number;
}

export interface CutPlan {
  readonly cuts: readonly Cut[];
  /** How many boxes have to be bought. */
  readonly buy: number;
  /** Runs that nothing is left for, or that are longer than any reel. */
  readonly unplaced: readonly string[];
  /** What is left of opened reels and is of no use. */
  readonly wasteM: number;
  /** No plan that leaves as few runs out and buys as few boxes wastes less. */
  readonly boundWasteM: number;
  /** Whether no plan is better: fewer runs left out, then fewer boxes bought, then less waste. */
  readonly proven: boolean;
}
