import { checks, operation, type Operation } from '../operation';
import { ORDER_JOINT, PREPARED_CORES, sleeves } from './cores';
import { LABEL } from './prepare';

/** Each core into a solder sleeve of its own. */
export const SLEEVE_PIGTAIL: readonly Operation[] = [
  operation({
    id: 'thread-shrink',
    kind: 'thread-on',
    part: 'shrink',
    blockedBy: ['heat-sleeves'],
    instruction: 'Slide the outer heat-shrink on, a hand’s length back.',
    why: 'It covers all joints at the end, and it does not pass over them later.',
    seconds: 5,
    depth: -1,
    wayBack:
      'It comes over the other end while that is bare; else wrap the joints with self-amalgamating tape.',
  }),
  ...PREPARED_CORES,
  ORDER_JOINT,
  sleeves('heat-sleeves', 'Cut that joint out and make it again with its sleeve on first.'),
  operation({
    id: 'cross-wires',
    kind: 'insert',
    part: 'sleeves',
    needs: ['strip-cores', 'thread-sleeves', 'unused-dealt-with'],
    instruction:
      'Lay each pair of ends past one another and centre the sleeve: both cross the solder ring.',
    why: 'Ends that only meet under the ring hold by a drop.',
    seconds: 60,
    depth: 4,
  }),
  operation({
    id: 'sleeve-shield',
    kind: 'insert',
    part: 'sleeves',
    layer: 'braid',
    only: ['shield-bonded'],
    needs: ['gather-shield', 'thread-sleeves', 'strip-cores'],
    instruction: 'Lay the shield’s tail and its lead into a wider sleeve of their own.',
    why: 'The shield is joined like a core, and kept apart from all of them.',
    seconds: 30,
    depth: 4,
  }),
  operation({
    id: 'check-before-heat',
    kind: 'check',
    part: 'sleeves',
    needs: ['cross-wires', 'sleeve-shield'],
    instruction: 'Stop. Check every sleeve before the heat.',
    why: 'A joint that has flowed is cut out, not opened.',
    checks: checks({
      'past-ring': 'Both wires reach past the solder ring in every sleeve',
      'colour-to-colour': '{met}: {order}',
      'held-apart': 'Neighbours are held apart, so that one’s heat spares the other',
    }),
    seconds: 25,
    depth: 4,
  }),
  operation({
    id: 'heat-sleeves',
    kind: 'solder',
    part: 'sleeves',
    fixes: true,
    needs: ['check-before-heat'],
    irreversible: true,
    instruction:
      'Heat each sleeve until the ring has flowed and no longer; let it set without moving it.',
    why: 'More heat chars the insulation; less leaves a cold joint.',
    tools: ['heat gun'],
    seconds: 120,
    depth: 5,
  }),
  operation({
    id: 'prove-joints',
    kind: 'check',
    part: 'sleeves',
    needs: ['heat-sleeves'],
    makes: ['prove-joints', 'end-proven'],
    instruction: 'Check every joint before the outer shrink covers it.',
    why: 'Under the outer shrink nothing is seen any more.',
    checks: checks({
      flowed: 'The solder has flowed round both wires in every sleeve',
      continuity: 'Every core is joined to its own and to no other',
    }),
    tools: ['meter'],
    seconds: 60,
    depth: 6,
  }),
  operation({
    id: 'shrink-outer',
    kind: 'shrink',
    part: 'shrink',
    needs: ['thread-shrink', 'prove-joints'],
    instruction:
      'Slide the outer heat-shrink over all joints and shrink it from the middle outward.',
    why: 'It takes the pull off the joints.',
    tools: ['heat gun'],
    seconds: 40,
    depth: 8,
  }),
  LABEL,
];
