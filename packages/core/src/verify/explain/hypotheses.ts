import type { Contact } from '../../catalogue';
import type { Wiring } from '../../link';
import type { Fault, FaultKind, Place } from '../fault';
import { FAULT_CLASSES, faultyLink, type FaultClass, type Instance } from '../faults';
import type { Prior } from './prior';

/** Something that can be wrong with a link, wherever along it. */
export interface Hypothesis {
  readonly kind: FaultKind;
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
  readonly pairs: readonly number[];
  /** Expected number of it on one link. */
  readonly rate: number;
  /** Where it can be, shares of one; 'either' where it is at both ends at once or nowhere in particular. */
  readonly places: readonly {
    readonly at: Place | 'either';
    readonly share: number;
    readonly fault: Fault;
  }[];
}

/** Every single fault that a link of this wiring can have, with what is expected of it. */
export function hypothesesOf(wiring: Wiring, prior: Prior): Hypothesis[] {
  const link = faultyLink(wiring);
  return FAULT_CLASSES.flatMap((row) =>
    row.instances(link).flatMap(({ of, share = 1 }) => spread(prior, row, of, share)),
  );
}

/** Shares a kind's rate among its instances, and each among the places where it can be. */
function spread(
  prior: Prior,
  { kind, places }: FaultClass,
  of: readonly Instance[],
  part: number,
): Hypothesis[] {
  const all = of.reduce((sum, { weight }) => sum + weight, 0);
  const share = (at: Place | 'either') => (at === 'either' ? 1 : prior.places[at]);
  const whole = places.reduce((sum, at) => sum + share(at), 0);
  return of.map(({ near, far, pairs, weight, ways = [{ share: 1, near, far }] }) => ({
    kind,
    near,
    far,
    pairs,
    rate: (prior.rate[kind] * part * weight) / all,
    places: places.flatMap((at) =>
      ways.map((way) => ({
        at,
        share: (share(at) / whole) * way.share,
        fault: { kind, near: way.near, far: way.far, pairs, end: at },
      })),
    ),
  }));
}
