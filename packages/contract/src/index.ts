export type { LinkAlong } from './along';
export { blob, blobEndpoints, sha256, type Blob } from './blob';
export { catalogueEndpoints } from './catalogue';
export { author } from './primitives';
export {
  AUTHOR_HEADER,
  answerOf,
  pathOf,
  statusOf,
  versionSeen,
  type Answered,
  type Answering,
  type ToAsk,
  type Written,
  type Asked,
  type Endpoint,
} from './endpoint';
export { asFacts, evidenceBy, type LinkEvidence } from './evidence';
export { healthEndpoints } from './health';
export {
  linkInput,
  link,
  linkEndpoints,
  linkPatch,
  linkQuery,
  linkRow,
  linkSummary,
  type Link,
  type LinkInput,
  type LinkPatch,
  type LinkRow,
  type LinkSummary,
  type SiteStanding,
} from './link';
export {
  part,
  partEndpoints,
  partInput,
  partPatch,
  rowsOfParts,
  type Part,
  type PartInput,
  type PartPatch,
} from './part';
export { type Note } from './note';
export { type Photo } from './photo';
export { problem, type Problem } from './problem';
export type { LinkRecord } from './record';
export {
  site,
  siteEndpoints,
  siteInput,
  sitePatch,
  type Site,
  type SiteInput,
  type SitePatch,
  type SiteStandings,
} from './site';
export {
  batchRequest,
  kit,
  planRequest,
  terminateEndpoints,
  terminationPlan,
  type Kit,
  type PaceList,
} from './terminate';
export { voidEndpoints, voided, type Voided } from './void';
export {
  diagnoseRequest,
  diagnosis,
  misreadContacts,
  reading,
  readingEndpoints,
  readingInput,
  readingResult,
  tick,
  tickEndpoints,
  tickInput,
  type Reading,
  type ReadingInput,
  type Tick,
  type TickInput,
} from './verify';
