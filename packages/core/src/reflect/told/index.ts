export {
  ANY_IMPEDANCE_OHM,
  ANY_SOURCE_OHM,
  ANY_VELOCITY,
  HIGH_OHM,
  NOTHING_TOLD,
  TOLD_VELOCITY_U,
  type Told,
} from './told';
export { toldBy, velocityTold, type KnownCable, type Typed } from './told-by';
