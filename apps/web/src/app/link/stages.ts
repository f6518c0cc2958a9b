/** The stages of a link, in the order of the work. */
export const STAGES = [
  { path: 'terminate', does: 'go-1', name: 'Terminate' },
  { path: 'map', does: 'go-2', name: 'Map' },
  { path: 'verify', does: 'go-3', name: 'Verify' },
  { path: 'reflect', does: 'go-4', name: 'Reflect' },
  { path: 'record', does: 'go-5', name: 'Record' },
] as const;
