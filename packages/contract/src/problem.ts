import * as z from 'zod';
import { firstPlace } from './reflect/first-look';
import { cellProblem } from './schedule';
import type { Shared } from './shared';

/** An error, as RFC 9457 describes it. */
export const problem = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    detail: z.string().optional(),
    errors: z
      .array(z.object({ path: z.string(), reason: z.string() }))
      .optional()
      .meta({ description: 'Each bad field of the body, the first 100.' }),
    errorCount: z
      .int()
      .optional()
      .meta({ description: 'How many there are, where not all are told.' }),
    cells: z
      .array(cellProblem)
      .optional()
      .meta({ description: 'Each bad cell of a schedule, the first 100.' }),
    line: z.int().optional().meta({ description: 'Line of a file that can’t be used.' }),
    reason: z.string().optional().meta({ description: 'What is wrong there.' }),
    firstLook: z
      .array(firstPlace)
      .optional()
      .meta({ description: 'What is plainly seen of a capture that can’t be analysed.' }),
    current: z.unknown().optional().meta({ description: 'After 409: what is stored now.' }),
  })
  .meta({ id: 'Problem' });

export type Problem = Shared<z.output<typeof problem>>;
