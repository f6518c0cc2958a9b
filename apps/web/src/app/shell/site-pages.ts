import type { Pages } from '@near-spoke/words';

export type PageId = keyof Pages['frame']['pages'];
export type PageGroup = keyof Pages['frame']['groups'];

/** The pages of a site, in the order of the work, by the part of it that they belong to. */
export const SITE_PAGES: readonly (readonly [PageGroup, readonly PageId[]])[] = [
  ['work', ['work']],
  ['plan', ['import', 'floor', 'kit', 'cuts', 'reels', 'costs', 'day']],
  ['make', ['batch', 'labels', 'scan', 'adapters', 'cords', 'lamp-tester']],
  ['keep', ['history', 'handover']],
  ['house', ['catalogue', 'settings']],
];

/** Where a page is, below its site. */
export const pathTo = (siteId: string, page: PageId): string[] =>
  page === 'work' ? ['/sites', siteId] : ['/sites', siteId, page];
