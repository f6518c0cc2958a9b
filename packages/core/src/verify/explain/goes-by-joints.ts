import type { Trial } from '../circuit/trial';
import { tester } from '../tester';

/** Testers to whom links with the same contacts joined look the same. */
const SEES_JOINTS: ReadonlySet<string> = new Set([
  'identifying-remote',
  'pairing',
  'tone',
  'pair-lamps',
  'sequential-lamps',
  'own-lamps',
]);

/** Whether what a trial shows follows from which contacts are joined. */
export const goesByJoints = ({ tester }: Trial): boolean => SEES_JOINTS.has(tester);

export const isLamps = (
  trial: Trial,
): trial is Extract<Trial, { tester: 'pair-lamps' | 'sequential-lamps' | 'own-lamps' }> =>
  trial.tester.endsWith('-lamps');

/** Whether what is loose may be whole just when it was looked at, though the cable was moved. */
export const byChance = (trial: Trial): boolean =>
  trial.moved !== null &&
  (trial.tester === 'own-lamps'
    ? trial.steps.length > 1
    : tester(trial.tester).shows === 'by-scan' && goesByJoints(trial));
