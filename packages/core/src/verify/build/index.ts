export {
  LAMPS,
  SUPPLIES,
  buildLamps,
  partsOf,
  type Build,
  type BuildChoice,
  type BuildQuestion,
  type LampId,
  type SupplyId,
} from './lamp-build';
export type { BuildMessages } from './messages';
