export { isFarEnd, placeOnLink, POINT_U_M, scheduledLength } from './on-link';
export { diagnosisOfLink, oneDiagnosis, type OneDiagnosis, type SeenTwice } from './one-diagnosis';
export { placeOnRoute, type Better, type Place, type RoutePoint, type Share } from './place';
export { tooLong } from './too-long';
