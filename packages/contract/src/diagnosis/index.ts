export {
  readingOf,
  seenOf,
  strangersIn,
  testReading,
  type TestReading,
  type TestReadingInput,
} from './reading';
export {
  blindSpotsAnswer,
  blindSpotsRequest,
  explainRequest,
  explained,
  limitsAnswer,
  limitsRequest,
  linkOrInline,
  ohmsAnswer,
  ohmsRequest,
  predictRequest,
  prediction,
  testerList,
  type Explained,
  type Prediction,
} from './requests';
