import type { Contact } from '../../catalogue';
import type { Fault, Place } from '../fault';
import type { Seen } from './agree';
import { flawSeen } from './done';

/** How often a look finds something that has nothing to do with the fault. Generic. */
const CHANCE_FIND = 0.02;

/** The contacts at which a look at an end can show faults, and how likely it shows them. */
export function flawsAt(
  faults: readonly Fault[],
  end: Place,
): { readonly contacts: readonly Contact[]; readonly share: number } {
  const side = end === 'far' ? 'far' : 'near';
  const here = faults.filter((fault) => flawSeen(fault, end) > 0);
  return {
    contacts: [...new Set(here.flatMap((fault) => fault[side]))].sort(),
    share: 1 - here.reduce((none, fault) => none * (1 - flawSeen(fault, end)), 1),
  };
}

/** How likely the looks at the ends are, of a link with these faults: what eyes see they see mostly. */
export function likelihoodOfLooks(seen: readonly Seen[]): (faults: readonly Fault[]) => number {
  const looks = seen.flatMap(({ trial, shown }) =>
    trial.tester === 'look' && shown.method === 'colours' && shown.flaws
      ? [{ end: trial.end, flaws: shown.flaws }]
      : [],
  );
  if (looks.length === 0) return () => 1;
  return (faults) =>
    looks.reduce((product, { end, flaws }) => {
      const { contacts, share } = flawsAt(faults, end);
      if (flaws.length === 0) return product * (1 - share);
      return product * (flaws.some((name) => contacts.includes(name)) ? share : CHANCE_FIND);
    }, 1);
}
