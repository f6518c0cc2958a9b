import { AUTHOR_HEADER, author } from '@near-spoke/contract';
import type { Request } from 'express';

/** A request as plain data, so that it can be worked at in another process. */
export interface Ask {
  readonly params: Readonly<Record<string, string>>;
  readonly query: Readonly<Record<string, unknown>>;
  /** The media type, in lower case without its parameters; "" where none is told. */
  readonly type: string;
  readonly body: Uint8Array;
  /** Who does it, as the client says; "" where it says nothing. */
  readonly author: string;
}

const NOTHING = new Uint8Array();

export function askOf(request: Request): Ask {
  const raw: unknown = request.body;
  return {
    params: request.params as Ask['params'],
    query: { ...request.query },
    type: mediaType(request.headers['content-type']),
    body: raw instanceof Uint8Array ? raw : NOTHING,
    author: authorOf(request.headers[AUTHOR_HEADER]),
  };
}

/** A header holds ASCII only: a name is written as in a URL. What can't be read, or is no line of text, is nobody. */
function authorOf(header: string | readonly string[] | undefined): string {
  try {
    return author.parse(decodeURIComponent(String(header ?? '')));
  } catch {
    return '';
  }
}

export const mediaType = (header: string | undefined): string =>
  (header ?? '').split(';')[0]?.trim().toLowerCase() ?? '';
