export { buildingOf, inBuilding, lengthsIn, onSheet, type Building, type Sheet } from './building';
export { WAY_KINDS, type DrawingDeed, type DrawingFactLike, type WayKind } from './deed';
export {
  drawingsOf,
  type Drawing,
  type DrawnPlace,
  type DrawnWay,
  type Picture,
  type Scale,
} from './drawings';
export type { BuildingProblem, DrawingMessages } from './messages';
export { hereOn, type Here } from './here';
export { metresPerUnit, scaleShare } from './scale';
export {
  siteLengths,
  type DrawnLink,
  type DrawnRun,
  type LengthRules,
  type SiteLengths,
} from './site-lengths';
export { walksOn } from './walks';
export { nearestOn, snap, type Snapped } from './snap';
