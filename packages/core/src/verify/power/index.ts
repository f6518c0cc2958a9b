export { judgeLoops, loopExpected, unbalance, unbalanceBetween, type LoopVerdict } from './loop';
export { powerBudget } from './power';
export { tell as powerMessage, type PowerMessages } from './messages';
