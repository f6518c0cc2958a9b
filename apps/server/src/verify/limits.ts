import type { limitsRequest } from '@near-spoke/contract/diagnosis';
import { reportLimits } from '@near-spoke/core/verify/limits';
import { told, type LanguageId } from '@near-spoke/words';
import type * as z from 'zod';
import { ProblemError } from '../http/problem-error';
import { teller } from '../words/teller';

/** The limits of a class, and the sweeps of a file against them; 422 where it can't be read. */
export function limitsOf(
  {
    standard,
    class: name,
    kind,
    shielded,
    measuredC,
    hottestC = measuredC,
    cords,
    sweep: file,
    units,
  }: z.output<typeof limitsRequest>,
  language: LanguageId,
) {
  const report = reportLimits({
    standard,
    name,
    kind,
    shielded,
    measuredC,
    hottestC,
    cords,
    file,
  });
  if (report.ok) return told(report, teller(language, units));
  const { line, reason } = report;
  throw new ProblemError(422, 'Not readable', `Line ${line}: ${reason}.`, {
    errors: [{ path: 'sweep.text', reason: `line ${line}: ${reason}` }],
  });
}
