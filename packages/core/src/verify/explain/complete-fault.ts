import type { Contact } from '../../catalogue';
import { intendedFar, pairAt, pairsOf, type Wiring } from '../../link';
import type { Fault } from '../fault';
import { FAULTS, faultyLink } from '../faults';
import { hypothesesOf } from './hypotheses';
import { NO_EXPERIENCE, priorOf } from './prior';

type Half = Pick<Fault, 'kind'> & Partial<Fault>;

/**
 * A fault with all that follows from what was named of it: the far contacts of near ones, the contacts
 * of pairs, all of them for one that turns a connector over.
 */
export function completeFault(half: Half, wiring: Wiring): Fault {
  const { kind, end = 'either', pairs = [] } = half;
  const farOf = intendedFar(wiring);
  const nearOf = new Map([...farOf].map(([near, far]) => [far, near]));
  const named: readonly Contact[] =
    half.near ??
    half.far?.flatMap((far) => nearOf.get(far) ?? []) ??
    contactsOf(kind, pairs, wiring);
  const near = [...named];
  const far =
    half.far ?? likely(kind, near, wiring) ?? near.flatMap((contact) => farOf.get(contact) ?? []);
  const numbers =
    pairs.length > 0
      ? pairs
      : [...new Set(near.flatMap((contact) => pairAt(wiring.near, contact)?.number ?? []))];
  return { kind, near, far, pairs: numbers, end };
}

function contactsOf(
  kind: Fault['kind'],
  pairs: readonly number[],
  wiring: Wiring,
): readonly Contact[] {
  if (pairs.length > 0)
    return pairsOf(wiring.near)
      .filter(({ number }) => pairs.includes(number))
      .flatMap(({ tip, ring }) => [tip, ring]);
  // What every fault of its kind on this link names.
  const [first, ...others] = FAULTS[kind]
    .instances(faultyLink(wiring))
    .flatMap(({ of }) => of.map(({ near }) => near));
  return (first ?? []).filter((contact) => others.every((near) => near.includes(contact)));
}

/** Where the contacts of a fault of order arrive, as the only fault of its kind on them has it. */
function likely(
  kind: Fault['kind'],
  near: readonly Contact[],
  wiring: Wiring,
): readonly Contact[] | undefined {
  const wanted = [...near].sort().join();
  const same = hypothesesOf(wiring, priorOf(NO_EXPERIENCE)).find(
    (row) => row.kind === kind && [...row.near].sort().join() === wanted,
  );
  return same && near.map((contact) => same.far[same.near.indexOf(contact)] ?? contact);
}
