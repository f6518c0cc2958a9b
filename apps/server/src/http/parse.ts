import type { Request } from 'express';
import * as z from 'zod';
import { askOf, type Ask } from './ask';
import { ProblemError, invalid, notFound } from './problem-error';
import { parseJson } from './well-formed';

/** The body as the schema wants it; else 422 with the path of each bad field. */
export function bodyOf<T extends z.ZodType>(schema: T, { type, body }: Ask): z.output<T> {
  const isJson = type === 'application/json' || type.endsWith('+json');
  const given = isJson
    ? parseJson(Buffer.from(body.buffer, body.byteOffset, body.length))
    : undefined;
  return parse(schema, given, 'Some fields of the body are not right.');
}

/** The query as the schema wants it; else 422 with the name of each bad parameter. */
export const queryOf = <T extends z.ZodType>(schema: T, { query }: Ask): z.output<T> =>
  parse(schema, query, 'The query is not right.');

/** An id from the path. One that can't be an id names nothing. */
export function idOf({ params }: Ask, what: string): string {
  const parsed = z.uuid().safeParse(params['id']);
  if (!parsed.success) throw notFound(what);
  return parsed.data.toLowerCase();
}

export const parseBody = <T extends z.ZodType>(schema: T, request: Request): z.output<T> =>
  bodyOf(schema, askOf(request));

export const parseQuery = <T extends z.ZodType>(schema: T, request: Request): z.output<T> =>
  queryOf(schema, askOf(request));

export const parseId = (request: Request, what: string): string => idOf(askOf(request), what);

/** The version that who puts something away has seen; it has to be told. */
export const parseVersion = (request: Request): number => versionOf(askOf(request));

export function versionOf({ query }: Ask): number {
  const text = query['version'];
  if (text === undefined)
    throw new ProblemError(
      428,
      'Version needed',
      'Say which version you saw (?version=3), so that nothing is put away that was changed since.',
    );
  const parsed = z.coerce.number().pipe(z.int32().positive()).safeParse(text);
  if (!parsed.success) throw invalid([{ path: 'version', reason: 'is not a version number' }]);
  return parsed.data;
}

function parse<T extends z.ZodType>(schema: T, given: unknown, detail: string): z.output<T> {
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
