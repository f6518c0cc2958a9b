import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createApp } from './app';
import { inTransaction, openDatabase } from './db/database';
import { migrateDatabase } from './db/migrate';
import { loadDemo } from './demo/load-demo';
import { Health } from './health/health';
import { InstrumentBench, type InstrumentAddress } from './instruments/bench';
import { Refresher } from './links/refresher';
import { judgeAnew } from './links/judge-anew';
import { makeLogger } from './log/logger';
import { WorkPool } from './work/pool';

export interface ServeOptions {
  readonly databaseUrl: string;
  readonly port: number;
  readonly migrationsFolder: string;
  readonly version: string;
  /** What links are judged by: after another program has judged them, they are looked at anew. */
  readonly judgement?: string;
  readonly webRoot?: string;
  /** Fill an empty database with the demonstration site. */
  readonly demo?: boolean;
  /** Have processes for jobs ready before they are asked for. */
  readonly warm?: boolean;
  readonly logLevel?: string;
  readonly logFolder?: string;
  /** Where the database lies, if it is this machine's. */
  readonly databaseFolder?: string;
  readonly hosts?: readonly string[];
  /** Instruments that are named at the start: see docs/instruments.md. */
  readonly instruments?: readonly InstrumentAddress[];
  readonly reflectometer?: InstrumentAddress | null;
}

export interface Served {
  readonly url: string;
  stop(): Promise<void>;
}

const CONNECTIONS = 20;
const STATEMENT_MS = 30_000;

/**
 * Migrates, loads the demo if asked, and listens on 127.0.0.1. Resolves when all of it is ready.
 *
 * @throws NewerDatabase where a later program has made the database
 */
export async function serve(options: ServeOptions): Promise<Served> {
  const { databaseUrl, version, judgement = version } = options;
  const logger = await makeLogger({ level: options.logLevel ?? 'warn', folder: options.logFolder });
  await migrateDatabase(databaseUrl, options.migrationsFolder);
  let stopping = false;
  const { db, close } = openDatabase({
    url: databaseUrl,
    connections: CONNECTIONS,
    statementMs: STATEMENT_MS,
    onLost: (error) => {
      if (!stopping) logger.warn({ error }, 'A database connection was lost');
    },
  });
  const pool = new WorkPool(databaseUrl, logger);
  const refresher = new Refresher(db, pool);
  const app = createApp({
    services: {
      db,
      pool,
      refresher,
      bench: new InstrumentBench(db, options.instruments ?? [], options.reflectometer ?? null),
    },
    health: new Health(db, pool, options.databaseFolder ?? null),
    logger,
    version,
    hosts: options.hosts,
    webRoot: options.webRoot,
  });
  const server = createServer({ keepAliveTimeout: KEEP_ALIVE_MS }, app);
  const stop = async () => {
    stopping = true;
    refresher.stop();
    await closeServer(server);
    await pool.stop();
    await close();
  };
  try {
    await judgeAnew(db, judgement);
    if (options.demo) await inTransaction(db, loadDemo);
    await listen(server, options.port);
    if (options.warm) pool.warm();
  } catch (error) {
    await stop();
    throw error;
  }
  const { port } = server.address() as AddressInfo;
  return { url: `http://127.0.0.1:${port}`, stop };
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
