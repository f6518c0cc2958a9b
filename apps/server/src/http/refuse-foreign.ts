import type { Request, RequestHandler } from 'express';
import { ProblemError } from './problem-error';

/** The header that a client of ours puts on a write that has no body of a type of its own. */
export const OWN_HEADER = 'x-near-spoke';

/** Names under which a machine knows itself. */
const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]'];
/** Sec-Fetch-Site of a page of ours, and of an address that a person typed. */
const OWN_SITES = new Set(['same-origin', 'none']);
/** What a foreign page can send without asking first (Fetch standard, CORS-safelisted content types). */
const ANYONE_CAN_SEND = ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data'];
const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Refuses what a page of another site, or this server under a name that is not its own, would send through
 * the browser of somebody who visits it.
 *
 * @param named further hosts, "name" or "name:port", under which the server is reached
 */
export function refuseForeign(named: readonly string[]): RequestHandler {
  const isOwn = (host: string, port: number | undefined): boolean => {
    const at = host.toLowerCase();
    return (
      OWN_NAMES.some((name) => at === `${name}:${port ?? ''}` || (port === 80 && at === name)) ||
      named.some((name) => at === name || at.startsWith(`${name}:`))
    );
  };
  return (request, _response, next) => {
    const port = request.socket.localPort;
    const host = request.headers.host ?? '';
    if (!isOwn(host, port))
      throw new ProblemError(
        421,
        'Not this server',
        `This server is not called '${host.slice(0, 100)}'. Open it under its own address, or name this one in ALLOWED_HOSTS.`,
      );
    const { origin } = request.headers;
    if (origin !== undefined && !isOwn(hostOf(origin), port)) throw foreign();
    if (!isApi(request)) {
      next();
      return;
    }
    const site = request.headers['sec-fetch-site'];
    if (typeof site === 'string' && !OWN_SITES.has(site)) throw foreign();
    if (!READS.has(request.method) && !isOwnWrite(request))
      throw new ProblemError(
        403,
        'Not from here',
        `Send JSON, or the header '${OWN_HEADER}: 1': a foreign page could send this too.`,
      );
    next();
  };
}

const isApi = ({ path }: Request): boolean => path === '/api' || path.startsWith('/api/');

const foreign = () =>
  new ProblemError(403, 'Not from here', 'Pages of other sites may not use this server.');

function hostOf(origin: string): string {
  try {
    return new URL(origin).host;
  } catch {
    return '';
  }
}

function isOwnWrite(request: Request): boolean {
  if (request.headers[OWN_HEADER] !== undefined) return true;
  const type = (request.headers['content-type'] ?? '').split(';')[0]?.trim().toLowerCase() ?? '';
  return type !== '' && !ANYONE_CAN_SEND.includes(type);
}
