import type { HttpInterceptorFn } from '@angular/common/http';
import { timeout } from 'rxjs';

const READS = new Set(['GET', 'HEAD']);
/** A server that says nothing for so long is away, ms. */
const PATIENCE_MS = 10_000;
/** The same where it has much to do: a schedule of thousands of links, a capture, a whole site's parts, plan or document. */
const LONG_MS = 240_000;
const LONG = [
  /\/links\/import/,
  /\/reflect\//,
  /\/kit\b/,
  /\/pace\b/,
  /\/plan\//,
  /\/lengths$/,
  /\/handover\.(pdf|zip)$/,
  /\/labels(\.pdf)?$/,
  /\/adapters\/import/,
  /\/blobs$/,
];

/**
 * Marks requests as this app's own, which the server asks for; keeps the service worker out of them; and gives
 * up on a server that hangs.
 */
export const ownRequests: HttpInterceptorFn = (request, next) => {
  if (!request.url.startsWith('/api/')) return next(request);
  const headers = READS.has(request.method)
    ? request.headers.set('ngsw-bypass', '')
    : request.headers.set('ngsw-bypass', '').set('x-near-spoke', '1');
  const patience = LONG.some((path) => path.test(request.url)) ? LONG_MS : PATIENCE_MS;
  return next(request.clone({ headers })).pipe(timeout(patience));
};
