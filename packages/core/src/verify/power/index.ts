export { judgeLoops, loopExpected, unbalance, unbalanceBetween, type LoopVerdict } from './loop';
export { powerBudget } from './power';
