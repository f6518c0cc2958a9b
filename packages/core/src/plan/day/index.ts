export { dayPlan, type PlannedDay } from './day-plan';
export type { DayPlan, DayTask, NoDay, Stop, Visit } from './task';
