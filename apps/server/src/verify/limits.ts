import type { limitsRequest } from '@near-spoke/contract/diagnosis';
import { reportLimits, type LimitsReport } from '@near-spoke/core/verify/limits';
import type * as z from 'zod';
import { ProblemError } from '../http/problem-error';

/** The limits of a class, and the sweeps of a file against them; 422 where it can't be read. */
export function limitsOf({
  standard,
  class: name,
  kind,
  shielded,
  measuredC,
  hottestC = measuredC,
  cords,
  sweep: file,
  units,
}: z.output<typeof limitsRequest>): LimitsReport {
  const report = reportLimits({
    standard,
    name,
    kind,
    shielded,
    measuredC,
    hottestC,
    cords,
    file,
    units,
  });
  if (report.ok) return report;
  const { line, reason } = report;
  throw new ProblemError(422, 'Not readable', `Line ${line}: ${reason}.`, {
    errors: [{ path: 'sweep.text', reason: `line ${line}: ${reason}` }],
  });
}
