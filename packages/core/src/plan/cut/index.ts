export type { Column, Minimise, Minimised, Programme, Row } from '../optimise';
export { cutPlan } from './cut-plan';
export type { Cut, CutPlan, CutTask, Reel, Run } from './task';
