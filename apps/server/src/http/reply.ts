import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { statusOf, type Answering, type Endpoint } from '@near-spoke/contract';
import type { Response } from 'express';
import * as z from 'zod';

/** An answer as plain data. What is streamed can be answered only where it is worked out. */
export class Reply {
  constructor(
    readonly status: number,
    readonly headers: Readonly<Record<string, string>>,
    readonly body: Uint8Array | AsyncIterable<string>,
  ) {}
}

/** What an operation may be answered with: what the contract has, or a reply that is ready to be sent. */
export type Said<E extends Endpoint> =
  // eslint-disable-next-line @typescript-eslint/no-invalid-void-type -- where there is nothing to answer, nothing is returned
  (E extends { readonly answer: unknown } ? Answering<E> : void) | Reply;

const encoder = new TextEncoder();
const NOTHING = new Uint8Array();

/** JSON that is written already. */
export const jsonText = (text: string, status = 200): Reply =>
  new Reply(status, { 'content-type': 'application/json; charset=utf-8' }, encoder.encode(text));

/** What was said, as it is sent: written by the schema that who asked reads it with. */
export function replyOf(endpoint: Endpoint, said: unknown): Reply {
  if (said instanceof Reply) return said;
  const { answer } = endpoint;
  return typeof answer === 'object'
    ? jsonText(JSON.stringify(z.encode(answer, said)), statusOf(endpoint))
    : new Reply(statusOf(endpoint), {}, NOTHING);
}

interface File {
  readonly name: string;
  readonly type: string;
  readonly body: Reply['body'] | string;
  readonly saved?: boolean;
}

/**
 * A file, to be looked at or saved under a name. The name's letters go as RFC 5987 has it, with a plain one
 * for who does not read that.
 */
export function file({ name, type, body, saved = false }: File): Reply {
  const plain =
    name
      .normalize('NFKD')
      .replace(/[^\w.-]+/g, '-')
      .replace(/^-+/, '') || 'file';
  return new Reply(
    200,
    {
      'content-type': type,
      'content-disposition': `${saved ? 'attachment' : 'inline'}; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
    },
    typeof body === 'string' ? encoder.encode(body) : body,
  );
}

/** Who reads slowly is waited for; who hangs up ends it: there is nobody left to tell. */
export async function sendReply(
  response: Response,
  { status, headers, body }: Reply,
): Promise<void> {
  response.status(status).set(headers);
  if (body instanceof Uint8Array)
    response.send(Buffer.from(body.buffer, body.byteOffset, body.length));
  else
    await pipeline(Readable.from(body, { objectMode: true }), response).catch((error: unknown) => {
      if (!response.destroyed) throw error;
    });
}
