import * as z from 'zod';
import { filled } from './primitives';

/** What somebody calls a thing in a task that is not kept. */
export const named = filled(80);

/** Each of a list has an id of its own. */
export const unlike = <T extends z.ZodObject<{ id: typeof named }>>(row: T, most: number) =>
  z
    .array(row)
    .max(most)
    .superRefine((rows, context) => {
      const seen = new Set<string>();
      for (const [index, { id }] of rows.entries()) {
        if (seen.has(id))
          context.addIssue({ code: 'custom', path: [index, 'id'], message: 'is there twice' });
        seen.add(id);
      }
    });
