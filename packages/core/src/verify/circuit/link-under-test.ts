import type { ConductorId, Contact } from '../../catalogue';
import type { ContactNode, End, Reading, Wiring } from '../../link';
import type { Place } from '../fault';
import type { CircuitPart } from './circuit-part';
import type { CircuitStep, LampParts } from './lamp-circuit';
import type { LampStep } from './lamp-step';

/** Where a pair ends, seen from the near end. */
export interface PairEnd {
  readonly pair: number;
  /** Null where a meter can't tell. */
  readonly place: Place | null;
  readonly shows: 'open' | 'short';
}

/**
 * A link as a tester finds it, the cable moved or not: all that a class of testers can ask of it,
 * whatever answers. A class says what it makes of the answers.
 */
export interface LinkUnderTest {
  readonly wiring: Wiring;
  /** What lamp testers are built of. */
  readonly lamps: LampParts;
  /** Of a coaxial cable; its terminator's. */
  readonly impedanceOhm: number;
  /** Of a good contact, ohm. */
  readonly jointOhm: number;
  /** Which core is on which contact of an end. */
  coresAt(end: End): ReadonlyMap<Contact, ConductorId>;
  /** Which contacts are joined. */
  nets(): Reading;
  /** Near pairs that are whole but whose conductors are not twisted together. */
  splitPairs(nets: Reading): (readonly [Contact, Contact])[];
  /** The lamps that light at each step. */
  light(steps: readonly CircuitStep[]): LampStep[];
  /**
   * Between two contacts, with other parts put to the link meanwhile, ohm; null for open.
   *
   * @param openOhm beyond which the meter shows open
   */
  ohms(
    from: ContactNode,
    to: ContactNode,
    besides?: readonly CircuitPart[],
    openOhm?: number,
  ): number | null;
  /** Where each near pair ends, the far end being unplugged: the first break or short on its way. */
  pairEnds(): PairEnd[];
}
