export {
  siteDay,
  type Deed,
  type LinkLeft,
  type PlaceVisit,
  type SiteDay,
  type SiteDayOptions,
} from './site-day';
export { placeOf, type Between } from './walks';
