import type { Request } from 'express';

/** A request as plain data, so that it can be worked at on another thread. */
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

/** An answer as plain data. */
export interface Reply {
  readonly status: number;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: Uint8Array;
}

const encoder = new TextEncoder();

export const json = (value: unknown, status = 200): Reply => ({
  status,
  headers: { 'content-type': 'application/json; charset=utf-8' },
  body: encoder.encode(JSON.stringify(value)),
});

interface FileReply {
  readonly name: string;
  readonly type: string;
  readonly body: Uint8Array | string;
  readonly saved?: boolean;
}

/**
 * A file, to be looked at or saved under a name. The name's letters go as RFC 5987 has it, with a plain one
 * for who does not read that.
 */
export function file({ name, type, body, saved = false }: FileReply): Reply {
  const plain =
    name
      .normalize('NFKD')
      .replace(/[^\w.-]+/g, '-')
      .replace(/^-+/, '') || 'file';
  return {
    status: 200,
    headers: {
      'content-type': type,
      'content-disposition': `${saved ? 'attachment' : 'inline'}; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
    },
    body: typeof body === 'string' ? encoder.encode(body) : body,
  };
}
