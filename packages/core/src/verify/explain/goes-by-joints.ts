import { classOf, type Trial } from '../testers';

/** Whether what a trial shows follows from which contacts are joined. */
export const goesByJoints = (trial: Trial): boolean => classOf(trial).seesJoints;

/** Whether what is loose may be whole just when it was looked at, though the cable was moved. */
export function byChance(trial: Trial): boolean {
  const row = classOf(trial);
  return (
    trial.moved !== null && (row.scans?.(trial) ?? (row.shows === 'by-scan' && row.seesJoints))
  );
}
