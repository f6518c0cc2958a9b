export { labelFace, type LabelFace, type Measure, type QrModules } from './label-figure';
export { labelMessage, type LabelMessages } from './messages';
export { positionOf, type Position } from './position';
export {
  STOCK_KINDS,
  facesOf,
  placeOnSheet,
  sheetProblem,
  type FaceProblem,
  type LabelSheet,
  type Stock,
  type StockKind,
} from './stock';
export {
  LABEL_FIELDS,
  writeLabels,
  type EndLabel,
  type LabelField,
  type LabelScheme,
} from './write-labels';
export { labelNotes, type LabelRun } from './notes';
