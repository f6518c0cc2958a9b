import type * as z from 'zod';
import { ProblemError } from './problem-error';

/**
 * What was given as a schema wants it.
 *
 * @throws ProblemError 422 with the path of each bad field
 */
export function parse<T extends z.ZodType>(schema: T, given: unknown, detail: string): z.output<T> {
  const parsed = schema.safeParse(given);
  if (parsed.success) return parsed.data;
  const errors: Told[] = [];
  for (const issue of parsed.error.issues) {
    if (errors.length > MOST_TOLD) break;
    errors.push(...told(issue, []));
  }
  const counted =
    parsed.error.issues.length > errors.length ? parsed.error.issues.length : errors.length;
  throw new ProblemError(422, 'Not valid', detail, {
    errors: errors.slice(0, MOST_TOLD),
    ...(counted > MOST_TOLD ? { errorCount: counted } : {}),
  });
}

/** Bad fields that are told one by one. */
const MOST_TOLD = 100;

type Issue = z.core.$ZodIssue;
interface Told {
  readonly path: string;
  readonly reason: string;
}

/** An issue with its path in the body. Of several shapes that would do, the one that was meant is told. */
function told(issue: Issue, above: readonly PropertyKey[]): Told[] {
  const path = [...above, ...issue.path];
  if (issue.code === 'invalid_union') {
    const meant = issue.errors.find(([first]) => first && !isOtherShape(first));
    if (meant) return meant.slice(0, MOST_TOLD).flatMap((inner) => told(inner, path));
  }
  const names = issue.code === 'unrecognized_keys' ? issue.keys.slice(0, MOST_TOLD) : [null];
  return names.map((name) => ({
    path: [...path, ...(name === null ? [] : [name])]
      .map((part) => String(part).slice(0, 100))
      .join('.'),
    reason: name === null ? issue.message.slice(0, 300) : 'is not a known field',
  }));
}

const isOtherShape = (issue: Issue): boolean =>
  issue.path.length === 0 && (issue.code === 'invalid_type' || issue.code === 'unrecognized_keys');
