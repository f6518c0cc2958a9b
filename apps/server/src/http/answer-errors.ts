import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import { ProblemError } from './problem-error';
import { problemFor } from './problem-for';

export const answerUnknown: RequestHandler = (request) => {
  throw new ProblemError(404, 'Not found', `${request.method} ${request.path} is not in this API.`);
};

/** Every error leaves as a problem document; what is not foreseen is logged and told without detail. */
export const answerErrors: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  const problem = problemFor(error);
  // The line that is logged of this request tells what it was; an error's own message may quote what was sent.
  if (problem.status >= 500 && error instanceof Error) response.err = error;
  // An answer that has begun can only be broken off.
  if (response.headersSent) next(error);
  else sendProblem(response, problem);
};

export function sendProblem(response: Response, problem: ProblemError): void {
  if (problem.retryAfterS !== null) response.set('Retry-After', String(problem.retryAfterS));
  response
    .status(problem.status)
    .type('application/problem+json')
    .send(JSON.stringify(problem.toProblem()));
}
