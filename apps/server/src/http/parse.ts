import type { Request } from 'express';
import * as z from 'zod';
import { ProblemError, notFound } from './problem-error';

/** The body as the schema wants it; else 422 with the path of each bad field. */
export function parseBody<T extends z.ZodType>(schema: T, request: Request): z.output<T> {
  return parse(schema, request.body ?? undefined, 'Some fields of the body are not right.');
}

/** The query as the schema wants it; else 422 with the name of each bad parameter. */
export function parseQuery<T extends z.ZodType>(schema: T, request: Request): z.output<T> {
  return parse(schema, request.query, 'The query is not right.');
}

function parse<T extends z.ZodType>(schema: T, given: unknown, detail: string): z.output<T> {
  const parsed = schema.safeParse(given);
  if (parsed.success) return parsed.data;
  const errors = parsed.error.issues.flatMap((issue) => told(issue, []));
  throw new ProblemError(422, 'Not valid', detail, { errors });
}

type Issue = z.core.$ZodIssue;

/** An issue with its path in the body. Of several shapes that would do, the one that was meant is told. */
function told(issue: Issue, above: readonly PropertyKey[]): { path: string; reason: string }[] {
  const path = [...above, ...issue.path];
  if (issue.code === 'invalid_union') {
    const meant = issue.errors.find(([first]) => first && !isOtherShape(first));
    if (meant) return meant.flatMap((inner) => told(inner, path));
  }
  const names = issue.code === 'unrecognized_keys' ? issue.keys : [null];
  return names.map((name) => ({
    path: [...path, ...(name === null ? [] : [name])].map(String).join('.'),
    reason: name === null ? issue.message : 'is not a known field',
  }));
}

const isOtherShape = (issue: Issue): boolean =>
  issue.path.length === 0 && (issue.code === 'invalid_type' || issue.code === 'unrecognized_keys');

/** An id from the path. One that can't be an id names nothing. */
export function parseId(request: Request, what: string): string {
  const parsed = z.uuid().safeParse(request.params['id']);
  if (!parsed.success) throw notFound(what);
  return parsed.data.toLowerCase();
}

/** An optional version from the query of a delete. */
export function parseVersion(request: Request): number | undefined {
  const text = request.query['version'];
  if (text === undefined) return undefined;
  const parsed = z.coerce.number().pipe(z.int().positive()).safeParse(text);
  if (!parsed.success)
    throw new ProblemError(422, 'Not valid', 'The query is not right.', {
      errors: [{ path: 'version', reason: 'is not a version number' }],
    });
  return parsed.data;
}
