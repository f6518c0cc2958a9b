export { done, happened, happenedOf, type Happening, type HappeningInput } from './done';
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
  ownTester,
  ownTesterEndpoints,
  ownTesterInput,
  ownTesterList,
  type OwnTester,
  type OwnTesterInput,
} from './own-tester';
export { test, testEndpoints, testInput, testList, type Test, type TestInput } from './test';
