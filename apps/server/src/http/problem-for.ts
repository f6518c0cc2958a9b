import { constraintOf, sqlState } from '../db/sql-state';
import { ProblemError, busy } from './problem-error';

interface BodyError {
  readonly type: string;
  readonly status: number;
}

const BODY_ERRORS: Readonly<Record<string, [number, string, string]>> = {
  'entity.too.large': [413, 'Too large', 'The body is larger than this operation takes.'],
  'encoding.unsupported': [415, 'Not supported', 'The body’s encoding is not supported.'],
  'charset.unsupported': [415, 'Not supported', 'The body’s character set is not supported.'],
};

const isBodyError = (error: unknown): error is BodyError =>
  typeof error === 'object' && error !== null && 'type' in error && 'status' in error;

const messages = (error: unknown): string =>
  error instanceof Error ? `${error.message} ${messages(error.cause)}` : '';

const AWAY_S = 2;
const away = () =>
  new ProblemError(
    503,
    'Database away',
    'The database does not answer. Try again soon.',
    {},
    AWAY_S,
  );
const full = () =>
  new ProblemError(
    507,
    'No room',
    'The disk of the server is full: nothing can be kept. Make room on it.',
    {},
    30,
  );
const readOnly = () =>
  new ProblemError(507, 'Can’t be written', 'The server’s database can only be read now.', {}, 30);
const unstorable = () =>
  new ProblemError(422, 'Not valid', 'The body holds characters or numbers that can’t be stored.');
const inUse = (path: string, what: string) =>
  new ProblemError(409, `${what} in use`, `Another has this ${what.toLowerCase()} already.`, {
    errors: [{ path, reason: 'is in use' }],
  });

/**
 * What a state of PostgreSQL or of the system means to a client (PostgreSQL, appendix A).
 * Class 08: connection; 57P: shutting down or starting; 53: no room; 22: values; 23: constraints.
 */
const STATES: readonly (readonly [RegExp, () => ProblemError])[] = [
  [/^(ECONN|EPIPE|ETIMEDOUT|ENOTFOUND|EAI_AGAIN|08|57P)/, away],
  [/^(53100|ENOSPC)$/, full],
  [/^(25006|EROFS)$/, readOnly],
  [/^53/, () => busy('The database has more to do than it can. Try again soon.')],
  [/^57014$/, () => busy('This took the database too long, and was given up.', 5)],
  [/^40/, () => busy('Two writes got in each other’s way. Try again.', 1)],
  [/^(22P05|22021|22003|22P02|22P03)$/, unstorable],
];

const CONSTRAINTS: Readonly<Record<string, () => ProblemError>> = {
  adapters_link: () => inUse('linkId', 'Link'),
  links_label: () => inUse('label', 'Label'),
};

/** Every error as a refusal; what is not foreseen is told without detail. */
export function problemFor(error: unknown): ProblemError {
  if (error instanceof ProblemError) return error;
  if (isBodyError(error)) {
    const known = BODY_ERRORS[error.type];
    if (known) return new ProblemError(...known);
  }
  if (error instanceof URIError)
    return new ProblemError(404, 'Not found', 'The path can’t be read.');
  const status = (error as { status?: unknown } | null)?.status;
  if (typeof status === 'number' && status >= 400 && status < 500)
    return new ProblemError(status, 'Not valid', 'The request can’t be read.');
  const state = sqlState(error);
  const known = STATES.find(([pattern]) => pattern.test(state));
  if (known) return known[1]();
  const constraint = CONSTRAINTS[constraintOf(error)];
  if (constraint) return constraint();
  const said = messages(error);
  if (/timeout exceeded when trying to connect/.test(said))
    return busy('The server has too much to do right now. Try again soon.');
  if (/Connection terminated|Client has encountered a connection error/.test(said)) return away();
  return new ProblemError(500, 'Server error', 'Something went wrong in the server.');
}
