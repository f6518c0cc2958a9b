import { tell } from '../messages';
import type { FaultClass } from './fault-class';

export const OTHER_METAL: FaultClass = {
  kind: 'other-metal',
  perHundred: 0.3,
  change: 'is-another-metal',
  places: ['cable'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0,
  isInColours: true,
  isToProve: false,
  instances: () => [{ of: [{ near: [], far: [], pairs: [], weight: 1 }] }],
  sentence: () => tell('fault-other-metal', {}),
  action: () => ({ end: 'cable', sentence: tell('do-scrape', {}) }),
};
