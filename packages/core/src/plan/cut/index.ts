export { cutPlan } from './cut-plan';
export type { Cut, CutPlan, CutTask, Reel, Run } from './task';
