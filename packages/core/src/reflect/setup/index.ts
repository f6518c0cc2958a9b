export type { SetupMessages } from './messages';
export { adviseSetup, type Scope, type Setup, type SetupTask } from './setup';
export {
  checkTerminator,
  matchSource,
  type SourceNetwork,
  type TerminatorCheck,
} from './source-network';
export { sourceShare, type SourceShare } from './source-share';
