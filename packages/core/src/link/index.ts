export {
  VELOCITY_HOW,
  ofDeed,
  type CableDeed,
  type CableFactLike,
  type VelocityHow,
} from './cable-facts';
export {
  conductorGraph,
  intendedFar,
  joinedGroups,
  type ContactNode,
  type GraphEdge,
} from './conductor-graph';
export { hubOf, hubsOf } from './hub';
export {
  ENDS,
  PLAIN_JOB,
  schoolsOf,
  type End,
  type Job,
  type Link,
  type LinkEnd,
  type Pin,
  type Pinout,
  type Waypoint,
} from './link';
export { canonicalReading, sameReading, type Net, type Reading } from './reading';
export { leavesAtM, routeProblems, type RouteProblem } from './route';
export { wireRows, type WireRow } from './wire-rows';
export { unionFind } from './union-find';
export {
  coreAt,
  fourPairWiring,
  isTurnedOver,
  pairAt,
  pairsOf,
  sameWiring,
  turnedContact,
  wireContacts,
  wiringOf,
  type EndWiring,
  type Wiring,
} from './wiring';

export {
  LENGTH_HOW,
  LENGTH_SAID,
  SCHEDULED_LENGTH_SHARE,
  lengthOf,
  type LengthHow,
} from './length';
