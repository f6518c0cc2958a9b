import { join } from 'node:path';
import type { IncomingMessage } from 'node:http';
import pino, { type Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import roll from 'pino-roll';
import { loggable } from './loggable';

export interface LogOptions {
  readonly level: string;
  /** Where log files go, by day and size; to the terminal where none is named. */
  readonly folder?: string;
}

/** So many files of so much are kept. */
const FILES = 7;
const FILE_SIZE = '10m';

/** What waits for a disk that takes nothing; of more, lines are dropped. */
const MOST_WAITING_BYTES = 1_000_000;

/**
 * Log lines hold no people's data: what was asked and how it went, not what was written or by whom. A disk
 * that takes no log stops nothing but the log, which goes on when there is room again.
 */
export async function makeLogger({ level, folder }: LogOptions): Promise<Logger> {
  const options = { level, serializers: { err: loggable, error: loggable } };
  if (folder === undefined) return pino(options);
  const file = await roll({
    file: join(folder, 'server'),
    extension: '.log',
    frequency: 'daily',
    size: FILE_SIZE,
    limit: { count: FILES, removeOtherLogFiles: true },
    mkdir: true,
    maxLength: MOST_WAITING_BYTES,
  });
  let told = '';
  file.on('error', (error: NodeJS.ErrnoException) => {
    if (told === error.code) return;
    told = error.code ?? '';
    process.stderr.write(`The log in ${folder} can’t be written: ${error.message}\n`);
  });
  return pino(options, file);
}

/** A line for each request: id, method, path without its query, the route that answered, status, milliseconds. */
export const logRequests = (logger: Logger) =>
  pinoHttp({
    logger,
    wrapSerializers: false,
    customProps: (request) => ({ route: routeOf(request) }),
    customLogLevel: (_, response) => (response.statusCode < 500 ? 'debug' : 'error'),
    serializers: {
      req: ({ id, method, url }: IncomingMessage & { id?: unknown }) => ({
        id,
        method,
        path: (url ?? '').split('?')[0],
      }),
      res: ({ statusCode }: { statusCode?: number }) => ({ status: statusCode }),
      err: loggable,
    },
    customSuccessMessage: () => 'answered',
    customErrorMessage: () => 'failed',
  });

const routeOf = (
  request: IncomingMessage & { readonly route?: { readonly path?: unknown } },
): string => (typeof request.route?.path === 'string' ? request.route.path : 'none');
