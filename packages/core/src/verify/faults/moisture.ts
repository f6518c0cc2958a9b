import { pairsOf } from '../../link';
import { capital } from '../../units';
import type { FaultClass } from './fault-class';
import { at, isCoaxial, list, nameOf } from './fault-words';
import { instanceOf, ofEachPair } from './faulty-link';

/** Of wet links, how many are wet in all conductors at once. Generic. */
const ALL_TOGETHER = 0.4;

/**
 * Water between conductors: they leak to one another, far too little to be a short. Its rate is generic, of
 * cables indoors and out.
 */
export const MOISTURE: FaultClass = {
  kind: 'moisture',
  title: 'Moisture',
  several: 'moisture',
  perHundred: 0.4,
  change: 'leaks',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.4,
  isInColours: false,
  isToProve: false,
  instances: (link) => {
    const { shield, wires, wiring } = link;
    const coaxial = wires.length === 1 && shield ? [instanceOf([...wires, shield], wiring)] : [];
    const pairs = pairsOf(wiring.near).length > 1 ? ofEachPair(link) : [];
    const all = wires.length > 1 ? [instanceOf(wires, wiring)] : coaxial;
    return pairs.length > 0
      ? [
          { of: pairs, share: 1 - ALL_TOGETHER },
          { of: all, share: ALL_TOGETHER },
        ]
      : [{ of: all }];
  },
  sentence: (fault, wiring) =>
    isCoaxial(wiring)
      ? `The centre leaks to the shield${at(fault)}: water has come in.`
      : fault.pairs.length > 1
        ? `The conductors leak to one another${at(fault)}: water has come in.`
        : `${capital(list(fault.near.map((contact) => nameOf(contact, wiring))))} leak to one another${at(fault)}: water has come in.`,
  action: ({ end }) => ({
    end,
    sentence:
      end === 'cable' || end === 'either'
        ? 'Open both ends and look for water. Where they are dry, it has come in along the cable: find the place with reflectometry, replace that length to well beyond where it is wet, and close the way in.'
        : `Open the ${end} end and look for water or green copper. Cut back to dry cable, close the way in, and remake it.`,
  }),
};
