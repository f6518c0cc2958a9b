import type { ErrorRequestHandler, RequestHandler } from 'express';
import { ProblemError } from './problem-error';

interface BodyError {
  readonly type: string;
  readonly status: number;
}

const BODY_ERRORS: Readonly<Record<string, [number, string, string]>> = {
  'entity.too.large': [413, 'Too large', 'The body is larger than this server takes.'],
  'entity.parse.failed': [422, 'Not valid', 'The body is not JSON.'],
  'encoding.unsupported': [415, 'Not supported', 'The body’s encoding is not supported.'],
  'charset.unsupported': [415, 'Not supported', 'The body’s character set is not supported.'],
};

const isBodyError = (error: unknown): error is BodyError =>
  typeof error === 'object' && error !== null && 'type' in error && 'status' in error;

const code = (error: unknown): string => {
  const own = (error as { code?: unknown } | null)?.code;
  if (typeof own === 'string') return own;
  const cause = (error as { cause?: unknown } | null)?.cause;
  return cause === undefined ? '' : code(cause);
};

const messages = (error: unknown): string =>
  error instanceof Error ? `${error.message} ${messages(error.cause)}` : '';

/** Connection errors of Node and PostgreSQL (class 08, 57P: shutting down or starting). */
const isDatabaseAway = (error: unknown): boolean => {
  const message = messages(error);
  return (
    /^(ECONN|EPIPE|ETIMEDOUT|08|57P)/.test(code(error)) ||
    /Connection terminated|timeout exceeded when trying to connect/.test(message)
  );
};

export const answerUnknown: RequestHandler = (request) => {
  throw new ProblemError(404, 'Not found', `${request.method} ${request.path} is not in this API.`);
};

/** Every error leaves as a problem document; what is not foreseen is logged and told without detail. */
export const answerErrors: ErrorRequestHandler = (error: unknown, request, response, _next) => {
  const problem = problemFor(error);
  if (problem.status >= 500) request.log?.error(error);
  response
    .status(problem.status)
    .type('application/problem+json')
    .send(JSON.stringify(problem.toProblem()));
};

function problemFor(error: unknown): ProblemError {
  if (error instanceof ProblemError) return error;
  if (isBodyError(error)) {
    const known = BODY_ERRORS[error.type];
    if (known) return new ProblemError(...known);
    if (error.status >= 400 && error.status < 500)
      return new ProblemError(error.status, 'Not valid', 'The request can’t be read.');
  }
  if (error instanceof URIError)
    return new ProblemError(404, 'Not found', 'The path can’t be read.');
  // 22P05 and 22021: text that the database can't hold, such as a zero byte.
  if (['22P05', '22021'].includes(code(error)))
    return new ProblemError(422, 'Not valid', 'The body holds characters that can’t be stored.');
  if (isDatabaseAway(error))
    return new ProblemError(503, 'Database away', 'The database does not answer. Try again soon.');
  return new ProblemError(500, 'Server error', 'Something went wrong in the server.');
}
