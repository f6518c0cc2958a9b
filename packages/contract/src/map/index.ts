export {
  FILE_FORMAT,
  adapter,
  adapterDeed,
  adapterFact,
  adapterFactInput,
  adapterFactList,
  adapterFile,
  adapterInput,
  adapterList,
  adapterPatch,
  type Adapter,
  type AdapterFact,
  type AdapterFactInput,
  type AdapterFile,
  type AdapterInput,
  type AdapterPatch,
} from './adapter';
export {
  buzzPlan,
  buzzPlanRequest,
  buzzResult,
  buzzResultRequest,
  connectorViewAnswer,
  solution,
  solveRequest,
  viewRequest,
} from './solve';
export { connectorRef, port } from './port';
