import { join } from 'node:path';
import type { IncomingMessage } from 'node:http';
import pino, { type Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { loggable } from './loggable';

export interface LogOptions {
  readonly level: string;
  /** Where log files go, by day and size; to the terminal where none is named. */
  readonly folder?: string;
}

/** So many files of so much are kept. */
const FILES = 7;
const FILE_SIZE = '10m';

/** Log lines hold no people's data: what was asked and how it went, not what was written or by whom. */
export function makeLogger({ level, folder }: LogOptions): Logger {
  const options = { level, serializers: { err: loggable, error: loggable } };
  if (folder === undefined) return pino(options);
  return pino(
    options,
    pino.transport({
      target: 'pino-roll',
      options: {
        file: join(folder, 'server'),
        extension: '.log',
        frequency: 'daily',
        size: FILE_SIZE,
        limit: { count: FILES },
        mkdir: true,
      },
    }) as pino.DestinationStream,
  );
}

/** A line for each request: id, method, path without its query, status, milliseconds. */
export const logRequests = (logger: Logger) =>
  pinoHttp({
    logger,
    wrapSerializers: false,
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
