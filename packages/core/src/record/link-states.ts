/** Where a link as a whole can stand. */
export const LINK_STATES = [
  'does-not-fit',
  'planned',
  'half-made',
  'made',
  'remade',
  'fail',
  'unproven',
  'pass',
] as const;

export type LinkState = (typeof LINK_STATES)[number];
