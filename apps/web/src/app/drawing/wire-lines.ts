import { CONTACTS, conductor, conductorAt, type Contact } from '@near-spoke/core/catalogue';
import { intendedFar, type Net, type Wiring } from '@near-spoke/core/link';

/** One conductor's path from a near contact, as a tester shows it. */
export interface WireLine {
  readonly near: Contact;
  /** The contacts that it reaches; none for an open. */
  readonly far: readonly Contact[];
  readonly letters: string;
  readonly colour: string;
  readonly stripe: string | null;
  readonly right: boolean;
}

/** A line for every contact that should be wired, or is; in the order of the contacts. */
export function wireLines(nets: readonly Net[], wiring: Wiring): WireLine[] {
  const intended = intendedFar(wiring);
  return CONTACTS.flatMap((near): WireLine[] => {
    const net = nets.find((group) => group.near.includes(near));
    const wanted = intended.get(near);
    if (!wanted && !net) return [];
    const id = conductorAt(wiring.scheme.near, near);
    const wire = id ? conductor(id) : null;
    const far = net?.far ?? [];
    return [
      {
        near,
        far,
        letters: id ?? 'shield',
        colour: wire?.base ?? '#8f8a80',
        stripe: wire?.stripe ?? null,
        right: wanted !== undefined && far.join() === wanted && net?.near.length === 1,
      },
    ];
  });
}
