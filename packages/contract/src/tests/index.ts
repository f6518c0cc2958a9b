export {
  circuit,
  readingOf,
  seenOf,
  strangersIn,
  testReading,
  type TestReading,
  type TestReadingInput,
} from './reading';
export { test, testInput, testList, type Test, type TestInput } from './test';
