export { dayPlan, type PlannedDay } from './day-plan';
export type { DayPlan, DayTask, NoDay, Span, Stop, Visit } from './task';
