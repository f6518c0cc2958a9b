export type { EndLeft, LinkLeft } from './link-left';
export { siteDay, type SiteDay, type SiteDayOptions } from './site-day';
export { TESTER } from './tests';
export { openAt, type PlaceTimes } from './times';
export { type Deed, type PlaceVisit } from './turns';
export { placeOf, walksAlong, type Between, type Walks } from './walks';
