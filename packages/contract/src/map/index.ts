export {
  FILE_FORMAT,
  adapterEndpoints,
  adapter,
  adapterFact,
  adapterFactInput,
  adapterKind,
  adapterFile,
  adapterInput,
  adapterPatch,
  type Adapter,
  type AdapterFact,
  type AdapterFile,
  type AdapterInput,
  type AdapterPatch,
} from './adapter';
export {
  buzzPlan,
  buzzResult,
  buzzResultRequest,
  mapEndpoints,
  solution,
  solveRequest,
} from './solve';
export { connectorRef, port } from './port';
