export {
  type Capture,
  type CaptureHints,
  type CaptureNote,
  type ParsedCapture,
  type Trace,
} from './capture';
export type { CaptureMessages } from './messages';
export { parseCapture, writeTraceJson, type TraceJson } from './parse-capture';
export { type Complex, type Touchstone } from '../touchstone';
export { writeTouchstone } from './write-touchstone';
export { decodeText } from '../decode-text';
