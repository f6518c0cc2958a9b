import type { MeasureKind } from './measure-kind';

/** What has become true of an end, by the operations done on it. */
export type Fact = string;

export type OperationKind =
  | 'thread-on'
  | 'strip'
  | 'fold'
  | 'cut'
  | 'untwist'
  | 'order'
  | 'trim'
  | 'insert'
  | 'seat'
  | 'check'
  | 'crimp'
  | 'compress'
  | 'screw'
  | 'press'
  | 'tin'
  | 'solder'
  | 'twist'
  | 'shrink'
  | 'wrap'
  | 'fill'
  | 'mark'
  | 'close'
  | 'label'
  | 'clean'
  | 'shape'
  | 'tie';

export type PartId =
  | 'boot'
  | 'plug'
  | 'jack'
  | 'lid'
  | 'cap'
  | 'hood'
  | 'tie'
  | 'label'
  | 'ferrule'
  | 'shrink'
  | 'pin'
  | 'body'
  | 'connector'
  | 'socket'
  | 'block'
  | 'relief'
  | 'backshell'
  | 'sleeves'
  | 'contacts'
  | 'housing'
  | 'joint'
  | 'lamps'
  | 'battery'
  | 'tape'
  | 'terminals';

export type Layer =
  | 'jacket'
  | 'foil'
  | 'braid'
  | 'drain'
  | 'tape'
  | 'dielectric'
  /** Everything down to the centre conductor, in one cut. */
  | 'to-centre'
  | 'insulation'
  | 'pairs'
  | 'conductors';

/**
 * What decides which operations an end takes: what the cable holds ("foil", "cable:coax"), what the
 * connector does with it ("shell", "boot", its traits), the schools ("pin-soldered") and the place
 * ("outdoor").
 */
export type Condition = string;

/**
 * One thing done at a bench. Which operations make up an end is decided by `only`; in what order, by
 * the facts that they need, make and are blocked by.
 */
export interface Operation {
  readonly id: string;
  /** By what its words are found; its id if not said. */
  readonly wording?: string;
  readonly kind: OperationKind;
  readonly part?: PartId;
  readonly layer?: Layer;
  /** Only for ends where all of these hold; always, if empty. */
  readonly only: readonly Condition[];
  /** A fact that no operation of this end makes is taken as given: no foil, nothing to fold. */
  readonly needs: readonly Fact[];
  readonly makes: readonly Fact[];
  /** Facts after which it can't be done any more. */
  readonly blockedBy: readonly Fact[];
  readonly irreversible: boolean;
  /** Whether the connector is fixed on by it: parts can't pass any more, an old test doesn't count. */
  readonly fixes: boolean;
  /** What is looked at, each by its id. */
  readonly checks: readonly string[];
  readonly tools: readonly string[];
  readonly seconds: number;
  /** A length that can be measured when it is done. */
  readonly measures?: MeasureKind;
  /** 0 is the outermost layer, -1 what goes over the whole cable: the preference is to work from the outside in. */
  readonly depth: number;
  /** Done on site once the end is made and tested: told with the plan, no step of it. */
  readonly afterwards?: boolean;
}

type Row = Pick<Operation, 'id' | 'kind' | 'seconds' | 'depth'> & Partial<Operation>;

/** An operation that makes the fact of its own name, and is plain in all that is not said. */
export const operation = (row: Row): Operation => ({
  only: [],
  needs: [],
  makes: [row.id],
  blockedBy: [],
  irreversible: false,
  fixes: false,
  checks: [],
  tools: [],
  ...row,
});

/** By what an operation's words are found. */
export const wordingOf = ({ id, wording = id }: Pick<Operation, 'id' | 'wording'>): string =>
  wording;
