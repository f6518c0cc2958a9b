import type { Request } from 'express';

/** A request as plain data, so that it can be worked at in another process. */
export interface Ask {
  readonly params: Readonly<Record<string, string>>;
  readonly query: Readonly<Record<string, unknown>>;
  /** The media type, in lower case without its parameters; "" where none is told. */
  readonly type: string;
  readonly body: Uint8Array;
}

const NOTHING = new Uint8Array();

export function askOf(request: Request): Ask {
  const raw: unknown = request.body;
  return {
    params: request.params as Ask['params'],
    query: { ...request.query },
    type: mediaType(request.headers['content-type']),
    body: raw instanceof Uint8Array ? raw : NOTHING,
  };
}

export const mediaType = (header: string | undefined): string =>
  (header ?? '').split(';')[0]?.trim().toLowerCase() ?? '';
