// A door of its own: what is behind it is heavy, and only some pages need it.
export { entryForm, type Entered, type EntryForm } from './form';
export type { CircuitStep } from '../circuit/lamp-circuit';
export { lightOf, type LampLight, type LampStep } from '../circuit/lamp-step';
export {
  darkSteps,
  lampFace,
  ownFace,
  parseLamps,
  turnLamp,
  type LampFace,
  type ParsedLamps,
} from './lamps';
export { parseOwnTester, type ParsedOwnTester } from './own-tester';
export { canMove, entryOf, placeOf, type EntryContext, type EntryRow } from '../testers';
