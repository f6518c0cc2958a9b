import type { Problem } from '@near-spoke/contract';

type Detail = Partial<Omit<Problem, 'type' | 'title' | 'status' | 'detail'>>;

/** A refusal that the client can act on; becomes a problem document. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly more: Detail = {},
    /** When it is worth trying again, seconds. */
    readonly retryAfterS: number | null = null,
  ) {
    super(detail);
  }

  toProblem(): Problem {
    return {
      type: 'about:blank',
      title: this.title,
      status: this.status,
      detail: this.message,
      ...this.more,
    };
  }
}

/** What is not right of a body, field by field. */
export const invalid = (errors: NonNullable<Problem['errors']>) =>
  new ProblemError(422, 'Not valid', 'Some fields of the body are not right.', { errors });

/** @throws ProblemError where there are any */
export function refuse(errors: NonNullable<Problem['errors']>): void {
  if (errors.length > 0) throw invalid(errors);
}

export const notFound = (what: string) =>
  new ProblemError(404, 'Not found', `There is no such ${what}.`);

export const staleVersion = (what: string, current: unknown) =>
  new ProblemError(
    409,
    'Changed meanwhile',
    `This ${what} was changed by someone else. Look at what is stored now, and save again.`,
    { current },
  );

/** The server has more to do than it can: the same again a little later will do. */
export const busy = (detail: string, retryAfterS = 2) =>
  new ProblemError(503, 'Busy', detail, {}, retryAfterS);
