import { intendedFar, type Wiring } from '../../link';
import { blockSlipsOf, contactsOf, placesOf, type BlockSlip } from './block-slips';
import type { Instance } from './instance';
import { pairNumbers } from './faulty-link';

/** Contacts in a row from which on slips of the whole row are thought of. */
const ROW = 10;
/** So far a row is begun late, in contacts. */
const LATE = 6;

/** Slips of a whole row of contacts, where there is one. */
export function slipsOf(kind: BlockSlip['kind'], wiring: Wiring): Instance[] {
  const places = placesOf(wiring, intendedFar(wiring));
  if (places.near.length < ROW) return [];
  const isLate = ({ moves }: BlockSlip) => {
    const left = moves.filter((to) => to === -1).length;
    return left > 0 && left <= LATE;
  };
  return blockSlipsOf(wiring, places)
    .filter((slip) => slip.kind === kind && (kind !== 'shifted' || isLate(slip)))
    .map(({ moves }): Instance => {
      const among = [...moves.keys()].filter((place) => moves[place] !== place);
      const { near, far } = contactsOf(places, moves, among);
      return { near, far, pairs: pairNumbers(near, wiring), weight: 1 };
    });
}
