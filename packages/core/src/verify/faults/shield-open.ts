import type { FaultClass } from './fault-class';
import { isCoaxial } from './fault-words';
import { instanceOf } from './faulty-link';

export const SHIELD_OPEN: FaultClass = {
  kind: 'shield-open',
  title: 'Shield open',
  several: 'an open shield',
  perHundred: 1.5,
  change: 'is-broken',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: true,
  seenByLooking: 0.7,
  isInColours: false,
  isToProve: true,
  instances: ({ shield, wiring }) => [{ of: shield ? [instanceOf([shield], wiring)] : [] }],
  sentence: () => 'The shield does not go through.',
  action: (_, wiring) => ({
    end: 'either',
    sentence: isCoaxial(wiring)
      ? 'Check at both ends that the connector’s shell grips the braid all round.'
      : 'Check at both ends that what shields this cable touches the connector’s shell.',
  }),
};
