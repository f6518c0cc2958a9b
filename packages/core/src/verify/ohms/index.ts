export { judgeLoops, loopExpected, unbalance, type LoopVerdict, type Uncertain } from './loop';
export { powerBudget } from './power';
