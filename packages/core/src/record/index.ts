export { ENTERED, ENTERED_COUNT, ENTERED_TEXT, type Entered } from './entered';
export {
  STATE_NAME,
  THREADING_LIMIT_M,
  endProgress,
  linkStanding,
  taskOf,
  tickedKeys,
  type LinkStanding,
  type Tick,
} from './link-state';
export { END_NAME, linkFacts } from './link-facts';
export { summariseLink, type EndSummary, type LinkSummaryFields } from './link-summary';
export { togetherWith, type Together } from './ticked-together';
export { NOT_TESTED, diagnosisNow, type TakenReading, type TakenTest, type Tested } from './tested';
export { countCords, nextLabel, type CordCount, type CordRow, type CordSeen } from './cords';
export { mergeFields, type Fields, type Merged } from './merge-fields';
export { LINK_STATES, type LinkState } from './link-states';
