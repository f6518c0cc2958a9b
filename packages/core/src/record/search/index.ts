export { soughtOf, type Sought } from './sought';
export { factLine, type LinedFact } from './fact-line';
