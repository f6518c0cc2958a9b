import { join } from 'node:path';
import { openApi } from '@near-spoke/contract/openapi';
import compression from 'compression';
import { sql } from 'drizzle-orm';
import express, { Router, type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { adaptersRouter } from './adapters/router';
import { catalogueRouter } from './catalogue/router';
import type { Database } from './db/database';
import { answerErrors, answerUnknown } from './http/answer-errors';
import { linksRouter } from './links/router';
import { scheduleRouter } from './links/schedule-router';
import { mapRouter } from './map/router';
import { partsRouter } from './parts/router';
import { readingsRouter } from './readings/router';
import { cableFactsRouter } from './cables/router';
import { reflectRouter } from './reflect/router';
import { recordRouter } from './record/router';
import { cordsRouter } from './cords/router';
import { sitesRouter } from './sites/router';
import { instrumentsRouter, type InstrumentAddress } from './instruments/router';
import { kitRouter } from './terminate/kit-router';
import { terminateRouter } from './terminate/router';
import { ownTestersRouter } from './tests/own-testers';
import { testsRouter } from './tests/router';
import { ticksRouter } from './ticks/router';
import { sumsRouter } from './verify/sums-router';
import { verifyRouter } from './verify/router';

export interface AppOptions {
  readonly db: Database;
  readonly logger: Logger;
  readonly version: string;
  /** Testers on the bench. */
  readonly instruments?: readonly InstrumentAddress[];
  readonly reflectometer?: InstrumentAddress | null;
  /** The folder of the built web app; without it the server answers the API alone. */
  readonly webRoot?: string;
}

const JSON_LIMIT = '8mb';

export function createApp({
  db,
  logger,
  version,
  webRoot,
  instruments = [],
  reflectometer = null,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        directives: {
          'upgrade-insecure-requests': null,
          'style-src': ["'self'", "'unsafe-inline'"],
          'font-src': ["'self'"],
        },
      },
    }),
  );
  app.use(compression());
  app.use(
    pinoHttp({
      logger,
      customLogLevel: (_, response) => (response.statusCode < 500 ? 'debug' : 'error'),
    }),
  );
  app.use('/api', apiRouter(db, version, instruments, reflectometer));
  if (webRoot) serveWeb(app, webRoot);
  app.use(answerErrors);
  return app;
}

function apiRouter(
  db: Database,
  version: string,
  instruments: readonly InstrumentAddress[],
  reflectometer: InstrumentAddress | null,
): Router {
  const api = Router();
  const description = openApi(version);
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.get('/health', async (_request, response) => {
    await db.execute(sql`select 1`);
    response.json({ status: 'ok', version });
  });
  api.get('/openapi.json', (_request, response) => {
    response.json(description);
  });
  api.use(reflectRouter(db, reflectometer));
  api.use(express.json({ limit: JSON_LIMIT }));
  api.use(
    sitesRouter(db),
    scheduleRouter(db),
    linksRouter(db),
    readingsRouter(db),
    testsRouter(db),
    ownTestersRouter(db),
    ticksRouter(db),
    cordsRouter(db),
    cableFactsRouter(db),
    instrumentsRouter(instruments),
    recordRouter(db),
    verifyRouter(db),
    sumsRouter(db),
    terminateRouter(db),
    kitRouter(db),
    partsRouter(db),
    mapRouter(db),
    adaptersRouter(db),
    catalogueRouter(db),
    answerUnknown,
  );
  return api;
}

/** The web app; every path that is not a file is one of its pages. */
function serveWeb(app: Express, webRoot: string): void {
  const hashed = /-[A-Z0-9]{8}\.(js|css|woff2)$/;
  app.use(
    express.static(webRoot, {
      index: false,
      setHeaders: (response, path) => {
        const lasting = hashed.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache';
        response.setHeader('Cache-Control', lasting);
      },
    }),
  );
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').sendFile(join(webRoot, 'index.html'));
  });
}
