export { diagnosisEndpoints } from './endpoints';
export {
  lampBuildAnswer,
  lampBuildRequest,
  lineAnswer,
  lineRequest,
  lossAnswer,
  lossRequest,
} from './sums';
export {
  blindSpotsAnswer,
  blindSpotsRequest,
  experience,
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
