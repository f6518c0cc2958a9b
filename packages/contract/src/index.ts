export { along, alongRequest, linkAlong, type LinkAlong } from './along';
export {
  linkInput,
  link,
  linkList,
  linkPatch,
  linkQuery,
  linkRow,
  linkRows,
  linkSummary,
  rowQuery,
  siteStanding,
  type Link,
  type LinkInput,
  type LinkPatch,
  type LinkRow,
  type LinkSummary,
  type SiteStanding,
} from './link';
export {
  part,
  partInput,
  partList,
  partPatch,
  rowsOfParts,
  type Part,
  type PartInput,
  type PartPatch,
} from './part';
export { problem, type Problem } from './problem';
export { linkRecord, type LinkRecord } from './record';
export { importReport, importText, type CellProblem, type ImportReport } from './schedule';
export {
  site,
  siteInput,
  siteList,
  sitePatch,
  type Site,
  type SiteInput,
  type SitePatch,
} from './site';
export {
  batchRequest,
  kit,
  paceList,
  planRequest,
  plannedBatch,
  plannedTermination,
  templateQuery,
  terminationPlan,
  type Kit,
  type PaceList,
} from './terminate';
export {
  diagnoseRequest,
  diagnosis,
  misreadContacts,
  reading,
  readingInput,
  readingList,
  readingResult,
  tick,
  tickInput,
  tickList,
  type DiagnoseRequest,
  type DiagnosisReport,
  type Reading,
  type ReadingInput,
  type Tick,
  type TickInput,
} from './verify';
