/** How far something asked of the server has come. */
export type Loading = 'not-yet' | 'now' | 'done' | 'failed' | 'missing';
