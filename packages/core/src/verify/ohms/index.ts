export { judgeLoops, loopExpected, unbalance } from './loop';
export { powerBudget } from './power';
