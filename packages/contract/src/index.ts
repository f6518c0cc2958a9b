export {
  linkInput,
  link,
  linkList,
  linkPatch,
  linkSummary,
  type Link,
  type LinkInput,
  type LinkPatch,
  type LinkSummary,
} from './link';
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
export { planRequest, plannedTermination, templateQuery, terminationPlan } from './terminate';
export {
  diagnoseRequest,
  diagnosis,
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
