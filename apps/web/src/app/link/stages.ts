/** The stages of a link, in the order of the work; their keys are 1, 2, 3 ... */
export const STAGES = [
  { path: 'terminate', name: 'Terminate' },
  { path: 'map', name: 'Map' },
  { path: 'verify', name: 'Verify' },
  { path: 'reflect', name: 'Reflect' },
  { path: 'record', name: 'Record' },
] as const;
