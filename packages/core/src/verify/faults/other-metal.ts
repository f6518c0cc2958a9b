import type { FaultClass } from './fault-class';

export const OTHER_METAL: FaultClass = {
  kind: 'other-metal',
  title: 'Not copper',
  several: 'conductors of another metal',
  perHundred: 0.3,
  change: 'is-another-metal',
  places: ['cable'],
  mendedAt: ['near', 'far'],
  isSeated: false,
  seenByLooking: 0,
  isInColours: true,
  isToProve: false,
  instances: () => [{ of: [{ near: [], far: [], pairs: [], weight: 1 }] }],
  sentence: () => 'Every conductor has more resistance than copper of this gauge and length.',
  action: () => ({
    end: 'cable',
    sentence:
      'Scrape a conductor: silver under a copper skin is copper-clad aluminium. It is no category cable; replace it before power goes over it.',
  }),
};
