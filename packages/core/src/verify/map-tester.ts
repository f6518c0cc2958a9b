/** Classes whose reading is a wire map: what they show is which contacts are joined. */
export const MAP_TESTER_IDS = ['identifying-remote', 'pairing'] as const;
export type MapTesterId = (typeof MAP_TESTER_IDS)[number];

/** Those of them that also tell which pairs are split. */
export const SEES_PAIRING: ReadonlySet<MapTesterId> = new Set(['pairing']);
