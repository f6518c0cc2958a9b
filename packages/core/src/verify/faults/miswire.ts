import { capital } from '../../units';
import type { FaultClass } from './fault-class';
import { counted, namesAt, arrivals, remake } from './fault-words';
import { swapped, isOfOnePair } from './orders';

export const MISWIRE: FaultClass = {
  kind: 'miswire',
  title: 'Miswire',
  several: 'wires in wrong places',
  perHundred: 2.5,
  change: 'arrives-elsewhere',
  places: ['near', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0.9,
  isInColours: true,
  isToProve: true,
  instances: (link) => [{ of: swapped(link).filter((row) => !isOfOnePair(row, link)) }],
  sentence: (fault, wiring) =>
    fault.near.length === 2
      ? `${capital(namesAt(fault, wiring))} are swapped: ${arrivals(fault)}.`
      : fault.near.length === 1
        ? `${capital(namesAt(fault, wiring))} is in the wrong place: ${arrivals(fault)}.`
        : `${capital(counted(fault.near.length))} conductors are in the wrong places: ${arrivals(fault)}.`,
  action: remake,
};
