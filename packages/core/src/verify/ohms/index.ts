export { judgeLoops, loopExpected, unbalance, type LoopVerdict } from './loop';
export { powerBudget } from './power';
