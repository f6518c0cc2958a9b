export { done, happened, happenedOf, type Happening } from './done';
export {
  circuit,
  readingOf,
  seenOf,
  strangersIn,
  testReading,
  testTrial,
  trialOf,
  type TestReading,
  type TestReadingInput,
} from './reading';
export {
  ownTesterEndpoints,
  ownTester,
  ownTesterInput,
  type OwnTester,
  type OwnTesterInput,
} from './own-tester';
export { test, testEndpoints, testInput, testKind, type Test } from './test';
