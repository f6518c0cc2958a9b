// A door of its own: what is behind it is heavy, and only some pages need it.
export {
  LINE_METHODS,
  entryForm,
  placeOf,
  type Entered,
  type EntryContext,
  type EntryForm,
  type EntryRow,
} from './form';
export type { CircuitStep } from '../circuit/lamp-circuit';
export { lightOf, type LampLight, type LampStep } from '../circuit/observe';
export {
  darkSteps,
  lampFace,
  ownFace,
  parseLamps,
  turnLamp,
  type LampFace,
  type LampTesterId,
  type ParsedLamps,
} from './lamps';
export { parseOwnTester, type ParsedOwnTester } from './own-tester';
