export {
  coaxLossPer100M,
  lossBudget,
  type LossBudget,
  type LossQuestion,
  type SheetLoss,
} from './loss';
export type { LossMessages } from './messages';
