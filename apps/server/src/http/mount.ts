import type { Asked, Endpoint } from '@near-spoke/contract';
import type { RequestHandler, Router } from 'express';
import { askOf } from './ask';
import { askedOf } from './asked';
import { replyOf, sendReply, type Said } from './reply';

/** An operation and what answers it. */
export interface Mounted {
  readonly endpoint: Endpoint;
  readonly handle: RequestHandler;
}

/** Answers an operation in the server itself: what is short, or waits for the database alone. */
export const here = <E extends Endpoint>(
  endpoint: E,
  work: (asked: Asked<E>) => Said<E> | Promise<Said<E>>,
): Mounted => ({
  endpoint,
  handle: async (request, response) =>
    sendReply(response, replyOf(endpoint, await work(askedOf(endpoint, askOf(request))))),
});

/** Mounts operations below /api. */
export function mount(router: Router, operations: readonly Mounted[]): void {
  for (const { endpoint, handle } of operations)
    router[endpoint.method](
      endpoint.path.replace(/^\/api/, '').replaceAll(/\{(\w+)\}/g, ':$1'),
      handle,
    );
}
