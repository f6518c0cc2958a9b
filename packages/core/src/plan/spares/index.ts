export { spares, type Spare, type SparePart } from './spares';
