import { SHIELD, type ConductorId, type Contact } from '../../catalogue';
import { ENDS, type End } from '../../link';
import { PLACES, type Place } from '../fault';
import type { CircuitPart, Node } from './circuit-part';
import type { CoreSpot, Made, Spot } from './made';

/** The resistances of a link, ohm. */
export interface Electrics {
  /** Of one core from end to end. */
  readonly coreOhm: number;
  readonly shieldOhm: number;
  /** Of a good contact, and of what is shorted. */
  readonly jointOhm: number;
  /** Of a poor joint. */
  readonly poorOhm: number;
  /** Through water from one conductor to another. */
  readonly leakOhm: number;
  /** Of the metal that was not asked for, as a multiple. */
  readonly otherMetal: number;
}

/** Where nothing is known of a link: 30 m of 24 AWG at room temperature. Generic. */
export const PLAIN_ELECTRICS: Electrics = {
  coreOhm: 2.5,
  shieldOhm: 1,
  jointOhm: 0.02,
  poorOhm: 20,
  leakOhm: 200_000,
  otherMetal: 1.55,
};

export const nodeAt = (end: End, contact: string): Node => `${end}:${contact}`;

const coreNode = (core: ConductorId, place: Place): Node => `core:${core}@${place}`;

const spotNode = (spot: Spot): Node =>
  spot.place === 'cable' ? coreNode(spot.core, 'cable') : nodeAt(spot.place, spot.contact);

interface Known {
  readonly electrics: Electrics;
  readonly moved: Place | null;
  readonly parts: readonly CircuitPart[];
}

const known = new WeakMap<Made, Known>();

/**
 * The resistors that a link is made of, between its contacts. Those of the same link again are not made
 * anew: a beeper is put to it a hundred times.
 *
 * @param moved where the cable is moved meanwhile: what is loose there is open
 */
export function linkCircuit(
  made: Made,
  electrics: Electrics,
  moved: Place | null = null,
): readonly CircuitPart[] {
  const before = known.get(made);
  if (before?.electrics === electrics && before.moved === moved) return before.parts;
  const parts = makeCircuit(made, electrics, moved);
  known.set(made, { electrics, moved, parts });
  return parts;
}

function makeCircuit(made: Made, electrics: Electrics, moved: Place | null): CircuitPart[] {
  const is = (spots: readonly CoreSpot[], core: ConductorId, place: Place) =>
    spots.some((spot) => spot.core === core && spot.place === place);
  const broken = (core: ConductorId, place: Place) =>
    is(made.broken, core, place) || (place === moved && is(made.loose, core, place));
  const parts: CircuitPart[] = [];
  const resistor = (a: Node, b: Node, ohm: number) => parts.push({ kind: 'resistor', a, b, ohm });
  const joinedInside = new Set(
    [...made.joints, ...made.leaks]
      .flat()
      .flatMap((spot) => (spot.place === 'cable' ? [spot.core] : [])),
  );
  const on = { near: contactsByCore(made, 'near'), far: contactsByCore(made, 'far') };
  const cores = new Set(ENDS.flatMap((end) => [...on[end].keys()]));
  for (const core of cores) {
    const [near, far] = [on.near.get(core) ?? [], on.far.get(core) ?? []];
    const joint = (place: Place) =>
      electrics.jointOhm + (is(made.poor, core, place) ? electrics.poorOhm : 0);
    const whole =
      (core === SHIELD ? electrics.shieldOhm : electrics.coreOhm) *
      (made.otherMetal ? electrics.otherMetal : 1);
    // From contact to contact in one, where nothing else meets the core on its way.
    if (!joinedInside.has(core) && near.length < 2 && far.length < 2) {
      if (near[0] !== undefined && far[0] !== undefined && !PLACES.some((at) => broken(core, at)))
        resistor(
          nodeAt('near', near[0]),
          nodeAt('far', far[0]),
          whole + joint('near') + joint('far') + (joint('cable') - electrics.jointOhm),
        );
      continue;
    }
    for (const [end, list] of [
      ['near', near],
      ['far', far],
    ] as const)
      if (!broken(core, end))
        for (const contact of list) resistor(nodeAt(end, contact), coreNode(core, end), joint(end));
    resistor(coreNode(core, 'near'), coreNode(core, 'cable'), whole / 2);
    // A break lies beyond a short at the same place: the other order is a short at the far end.
    if (!broken(core, 'cable'))
      resistor(
        coreNode(core, 'cable'),
        coreNode(core, 'far'),
        whole / 2 + joint('cable') - electrics.jointOhm,
      );
  }
  for (const [a, b] of made.joints) resistor(spotNode(a), spotNode(b), electrics.jointOhm);
  for (const [a, b] of made.leaks) resistor(spotNode(a), spotNode(b), electrics.leakOhm);
  return parts;
}

function contactsByCore({ cores }: Made, end: End): ReadonlyMap<ConductorId, readonly Contact[]> {
  const contacts = new Map<ConductorId, Contact[]>();
  for (const [contact, core] of cores[end])
    contacts.set(core, [...(contacts.get(core) ?? []), contact]);
  return contacts;
}
