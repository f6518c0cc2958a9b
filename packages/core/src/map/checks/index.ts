import type { Finding } from '../solution';
import type { Check, Checked } from './context';
import { DRIVE_CHECKS } from './drive';
import { LEVEL_CHECKS } from './levels';
import { PAIR_CHECKS } from './pairs';
import { REACH_CHECKS } from './reach';
import { SUPPLY_CHECKS } from './supply';
import { bothWaysRound } from './turn';

const CHECKS: readonly Check[] = [
  ...DRIVE_CHECKS,
  ...LEVEL_CHECKS,
  ...SUPPLY_CHECKS,
  ...PAIR_CHECKS,
  ...REACH_CHECKS,
  bothWaysRound,
];

/** Whether nets make electrical sense, however they were made: by the solver or by hand. */
export const checkNets = (checked: Checked): Finding[] => CHECKS.flatMap((check) => check(checked));
