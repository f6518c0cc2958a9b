export { diagnosisEndpoints } from './endpoints';
export { experience, explainRequest, explained, limitsRequest, type Explained } from './requests';
