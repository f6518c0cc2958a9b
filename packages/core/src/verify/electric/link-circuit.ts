import { SHIELD, type ConductorId } from '../../catalogue';
import { ENDS, type End } from '../../link';
import { PLACES, type Place } from '../fault';
import type { CircuitPart, Node } from './network';
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
  /** Of the metal that was not asked for, as a multiple. */
  readonly otherMetal: number;
}

/** Where nothing is known of a link: 30 m of 24 AWG at room temperature. Generic. */
export const PLAIN_ELECTRICS: Electrics = {
  coreOhm: 2.5,
  shieldOhm: 1,
  jointOhm: 0.02,
  poorOhm: 20,
  otherMetal: 1.55,
};

export const nodeAt = (end: End, contact: string): Node => `${end}:${contact}`;

const coreNode = (core: ConductorId, place: Place): Node => `core:${core}@${place}`;

const spotNode = (spot: Spot): Node =>
  spot.place === 'cable' ? coreNode(spot.core, 'cable') : nodeAt(spot.place, spot.contact);

/**
 * The resistors that a link is made of, between its contacts.
 *
 * @param moved where the cable is moved meanwhile: what is loose there is open
 */
export function linkCircuit(
  made: Made,
  electrics: Electrics,
  moved: Place | null = null,
): CircuitPart[] {
  const is = (spots: readonly CoreSpot[], core: ConductorId, place: Place) =>
    spots.some((spot) => spot.core === core && spot.place === place);
  const broken = (core: ConductorId, place: Place) =>
    is(made.broken, core, place) || (place === moved && is(made.loose, core, place));
  const parts: CircuitPart[] = [];
  const resistor = (a: Node, b: Node, ohm: number) => parts.push({ kind: 'resistor', a, b, ohm });
  const joinedInside = new Set(
    made.joints.flat().flatMap((spot) => (spot.place === 'cable' ? [spot.core] : [])),
  );
  const cores = new Set(ENDS.flatMap((end) => [...made.cores[end].values()]));
  for (const core of cores) {
    const contacts = (end: End) =>
      [...made.cores[end]].filter(([, on]) => on === core).map(([contact]) => contact);
    const [near, far] = [contacts('near'), contacts('far')];
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
  return parts;
}
