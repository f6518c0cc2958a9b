import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import pino from 'pino';
import { createApp } from './app';
import { migrateDatabase, openDatabase } from './db/database';
import type { InstrumentAddress } from './instruments/router';
import { loadDemo } from './demo/load-demo';

export interface ServeOptions {
  readonly databaseUrl: string;
  readonly port: number;
  readonly migrationsFolder: string;
  readonly version: string;
  readonly webRoot?: string;
  /** Fill an empty database with the demonstration site. */
  readonly demo?: boolean;
  readonly logLevel?: string;
  /** Testers on the bench: see docs/instruments.md. */
  readonly instruments?: readonly InstrumentAddress[];
  readonly reflectometer?: InstrumentAddress | null;
}

/**
 * Migrates, listens on 127.0.0.1 and, if asked, loads the demo. Resolves when all of it is ready.
 */
export async function serve(
  options: ServeOptions,
): Promise<{ url: string; stop(): Promise<void> }> {
  const logger = pino({ level: options.logLevel ?? 'warn' });
  await migrateDatabase(options.databaseUrl, options.migrationsFolder);
  let stopping = false;
  const { db, close } = openDatabase(options.databaseUrl, (error) => {
    if (!stopping) logger.warn({ error: error.message }, 'A database connection was lost');
  });
  const app = createApp({
    db,
    logger,
    version: options.version,
    webRoot: options.webRoot,
    instruments: options.instruments,
    reflectometer: options.reflectometer ?? null,
  });
  const server = createServer({ keepAliveTimeout: KEEP_ALIVE_MS }, app);
  try {
    await listen(server, options.port);
    const { port } = server.address() as AddressInfo;
    const url = `http://127.0.0.1:${port}`;
    if (options.demo) await loadDemo(url);
    return {
      url,
      stop: async () => {
        stopping = true;
        await closeServer(server);
        await close();
      },
    };
  } catch (error) {
    await closeServer(server);
    await close();
    throw error;
  }
}

/** Who is busy for a while between two requests finds the connection still open. */
const KEEP_ALIVE_MS = 75_000;

function listen(server: Server, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () => resolve());
  });
}

function closeServer(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 2000).unref();
  });
}
