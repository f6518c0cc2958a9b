export { placeOnLink, POINT_U_M } from './on-link';
export { diagnosisOfLink, oneDiagnosis, type OneDiagnosis, type SeenTwice } from './one-diagnosis';
export { placeOnRoute, type Better, type Place, type RoutePoint, type Share } from './place';
export { tooLong } from './too-long';
export { knownEnd, type KnownEnd } from './known-end';
export { isGoodEnd, verdictOf, whereabouts, type Verdict, type Whereabouts } from './verdict';
export { compareTraces, movedSentence, type KeptEvent, type Moved, type ShiftOf } from './moved';
export {
  FAR_ENDS,
  tell as placeMessage,
  type FarEnd,
  type OnRoute,
  type PlaceKind,
  type PlaceMessages,
} from './messages';
