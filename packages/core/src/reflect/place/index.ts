export { placeOnLink, POINT_U_M } from './on-link';
export { diagnosisOfLink, oneDiagnosis, type OneDiagnosis, type SeenTwice } from './one-diagnosis';
export { placeOnRoute, type Better, type Place, type RoutePoint, type Share } from './place';
export { tooLong } from './too-long';
export { knownEnd, type KnownEnd } from './known-end';
export {
  FAR_ENDS,
  isGoodEnd,
  verdictOf,
  whereabouts,
  type FarEnd,
  type Verdict,
  type Whereabouts,
} from './verdict';
export { compareTraces, movedSentence, type KeptEvent, type Moved } from './moved';
