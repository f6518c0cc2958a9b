export {
  LINK_STATES,
  STATE_NAME,
  THREADING_LIMIT_M,
  diagnosisNow,
  endProgress,
  linkStanding,
  taskOf,
  tickedKeys,
  type LinkStanding,
  type LinkState,
  type TakenReading,
  type Tick,
} from './link-state';
export { END_NAME, linkFacts } from './link-facts';
export { summariseLink, type EndSummary, type LinkSummaryFields } from './link-summary';
