export {
  conductorGraph,
  intendedFar,
  joinedGroups,
  wiringOf,
  type ContactNode,
  type GraphEdge,
  type Wiring,
} from './conductor-graph';
export { hubOf } from './hub';
export { ENDS, type End, type Link, type LinkEnd, type Waypoint } from './link';
export { canonicalReading, type Net, type Reading } from './reading';
export { wireRows, type WireRow } from './wire-rows';
export { unionFind } from './union-find';
