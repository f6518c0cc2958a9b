import { tell } from '../messages';
import type { FaultClass } from './fault-class';
import { isCoaxial } from './fault-words';
import { instanceOf } from './faulty-link';

export const SHIELD_OPEN: FaultClass = {
  kind: 'shield-open',
  perHundred: 1.5,
  change: 'is-broken',
  places: ['near', 'cable', 'far'],
  mendedAt: ['near', 'far'],
  isSeated: true,
  seenByLooking: 0.7,
  isInColours: false,
  isToProve: true,
  instances: ({ shield, wiring }) => [{ of: shield ? [instanceOf([shield], wiring)] : [] }],
  sentence: () => tell('fault-shield-open', {}),
  action: (_, wiring) => ({
    end: 'either',
    sentence: tell('do-look-at-shield', { coaxial: isCoaxial(wiring) }),
  }),
};
