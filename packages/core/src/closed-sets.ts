// A door of its own: what the border names, without what is behind the names.
export { ENTERED } from './record/entered';
export { LINK_STATES } from './record/link-states';
export { FIT_CODES } from './terminate/fit-code';
export { MEASURE_KINDS } from './terminate/measure-kind';
export { REMAKE_CAUSES } from './terminate/remake-cause';
export { ARRANGEMENTS } from './verify/diagnose/arrangements';
export { LEFT_OPEN } from './verify/diagnose/left-open';
export { DONE_ACTIONS } from './verify/done';
export { FAULT_KINDS } from './verify/fault';
export { MAP_TESTER_IDS, SEES_PAIRING } from './verify/map-tester';
export { TEST_VERDICTS } from './verify/test-verdict';
