export { ENTERED, type Entered } from './entered';
export {
  THREADING_LIMIT_M,
  endProgress,
  linkStanding,
  taskOf,
  tickedKeys,
  type LinkStanding,
  type Tick,
} from './link-state';
export { linkFacts, type LinkFact } from './link-facts';
export {
  tell as recordMessage,
  type FactName,
  type RecordMessages,
  type SectionName,
  type Where,
} from './messages';
export { summariseLink, type EndSummary, type LinkSummaryFields } from './link-summary';
export { togetherWith, type Together } from './ticked-together';
export {
  NOT_TESTED,
  diagnosisNow,
  diagnosisOf,
  type TakenReading,
  type TakenTest,
  type Tested,
} from './tested';
export { countCords, nextLabel, type CordCount, type CordRow, type CordSeen } from './cords';
export { remakesOf, type CausedTick } from './remakes';
export { driftsOf, type Drift, type DriftPoint } from './drift';
export { mergeFields, type Fields, type Merged } from './merge-fields';
export { LINK_STATES, type LinkState } from './link-states';
