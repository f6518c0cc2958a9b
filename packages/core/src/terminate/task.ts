import type { Cable, Connector, Jacket, SchemeId, SchoolId, Schools } from '../catalogue';
import type { Pin } from '../link';

/** An end that is to be made. */
export interface TerminationTask {
  readonly cable: Cable;
  readonly connector: Connector;
  readonly scheme: SchemeId;
  readonly otherEnd: 'bare' | 'made';
  readonly schools?: Schools;
  /** The harshest place that the cable passes; indoor if not said. */
  readonly environment?: Jacket;
  /** Whether this end's shield is left open, since the other end's is bonded. */
  readonly shieldFloats?: boolean;
  /** Whether its plug lies the other way round than that of the other end. */
  readonly turned?: boolean;
  /** The tools at hand; all that are needed if not said. */
  readonly tools?: readonly string[];
  /** Of an adapter's end: which core is on which contact, instead of a scheme. */
  readonly pinout?: readonly Pin[] | null;
  /** Schools that somebody chose for this job or link; the others are as usual. */
  readonly chosen?: readonly SchoolId[];
}
