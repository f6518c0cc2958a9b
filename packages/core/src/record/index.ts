export {
  LINK_STATES,
  THREADING_LIMIT_M,
  diagnosisNow,
  linkStanding,
  type LinkStanding,
  type LinkState,
  type TakenReading,
  type Tick,
} from './link-state';
