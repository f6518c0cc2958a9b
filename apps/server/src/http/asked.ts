import { versionSeen, type Asked, type Endpoint } from '@near-spoke/contract';
import * as z from 'zod';
import type { Ask } from './ask';
import { JSON_BESIDE_FILES_LIMIT } from './body-limits';
import { parse } from './parse';
import { ProblemError, notFound } from './problem-error';
import { parseJson } from './well-formed';

/**
 * A request as its endpoint has it.
 *
 * @throws ProblemError 404, 413, 415, 422 or 428, with the path of each bad field
 */
export function askedOf<E extends Endpoint>(endpoint: E, ask: Ask): Asked<E> {
  const file = fileOf(endpoint, ask);
  const asked: Readonly<Record<keyof Asked<E>, unknown>> = {
    id: idOf(endpoint, ask),
    query: queryOf(endpoint, ask),
    body: file ? null : bodyOf(endpoint, ask),
    file,
    type: ask.type,
    author: ask.author,
  };
  // Each field was read by this endpoint's own schema, which is more than a type of all endpoints can say.
  return asked as Asked<E>;
}

const isJson = (type: string) => type === 'application/json' || type.endsWith('+json');

/** One that can't be an id names nothing. */
function idOf({ of, idAs = z.uuid().toLowerCase() }: Endpoint, { params }: Ask) {
  if (of === undefined) return undefined;
  const parsed = idAs.safeParse(params['id']);
  if (!parsed.success) throw notFound(of);
  return parsed.data;
}

function queryOf({ query: schema }: Endpoint, { query }: Ask): unknown {
  if (!schema) return undefined;
  if (schema === versionSeen && query['version'] === undefined)
    throw new ProblemError(
      428,
      'Version needed',
      'Say which version you saw (?version=3), so that nothing is put away that was changed since.',
    );
  return parse(schema, query, 'The query is not right.');
}

function bodyOf({ body: schema }: Endpoint, { type, body }: Ask): unknown {
  if (!schema) return undefined;
  const given = isJson(type)
    ? parseJson(Buffer.from(body.buffer, body.byteOffset, body.length))
    : undefined;
  return parse(schema, given, 'Some fields of the body are not right.');
}

function fileOf({ files }: Endpoint, { type, body }: Ask): Uint8Array | null {
  if (!files) return null;
  if (isJson(type)) {
    if (body.length > JSON_BESIDE_FILES_LIMIT)
      throw new ProblemError(
        413,
        'Too large',
        `Send a body of this size as a file (${files.join(', ')}), with its options in the query.`,
      );
    return null;
  }
  if (!files.includes(type) && !type.startsWith('text/'))
    throw new ProblemError(415, 'Not supported', `Send JSON, or a file: ${files.join(', ')}.`);
  return body;
}
