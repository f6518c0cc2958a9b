import { join } from 'node:path';
import { openApi } from '@near-spoke/contract/openapi';
import compression from 'compression';
import express, { Router, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { adaptersRouter } from './adapters/router';
import { cableFactsRouter } from './cables/router';
import { catalogueRouter } from './catalogue/router';
import { cordsRouter } from './cords/router';
import type { Health } from './health/health';
import { Metrics } from './health/metrics';
import { answerErrors, answerUnknown } from './http/answer-errors';
import { bodyLimit } from './http/body-limits';
import { refuseForeign } from './http/refuse-foreign';
import type { InstrumentBench } from './instruments/bench';
import { instrumentsRouter } from './instruments/router';
import { linksRouter } from './links/router';
import { logRequests } from './log/logger';
import { mapRouter } from './map/router';
import { partsRouter } from './parts/router';
import { readingsRouter } from './readings/router';
import { recordRouter } from './record/router';
import { reflectRouter } from './reflect/router';
import type { Services } from './services';
import { sitesRouter } from './sites/router';
import { terminateRouter } from './terminate/router';
import { ownTestersRouter } from './tests/own-testers';
import { testsRouter } from './tests/router';
import { ticksRouter } from './ticks/router';
import { verifyRouter } from './verify/router';

export interface AppOptions {
  readonly services: Services;
  readonly bench: InstrumentBench;
  readonly health: Health;
  readonly logger: Logger;
  readonly version: string;
  /** Names under which the server is reached, besides those of its own machine. */
  readonly hosts?: readonly string[];
  /** The folder of the built web app; without it the server answers the API alone. */
  readonly webRoot?: string;
}

export function createApp(options: AppOptions): Express {
  const { services, logger, webRoot, hosts = [] } = options;
  const metrics = new Metrics(services.pool);
  const app = express();
  app.disable('x-powered-by');
  app.use(logRequests(logger));
  app.use(metrics.count);
  app.use(
    helmet({
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        directives: {
          'upgrade-insecure-requests': null,
          'style-src': ["'self'", "'unsafe-inline'"],
          'font-src': ["'self'"],
          'worker-src': ["'self'"],
        },
      },
    }),
  );
  app.use(refuseForeign(hosts));
  app.use(compression());
  app.use('/api', apiRouter(options, metrics));
  if (webRoot) serveWeb(app, webRoot);
  app.use(answerErrors);
  return app;
}

function apiRouter({ services, bench, health, version }: AppOptions, metrics: Metrics): Router {
  const api = Router();
  const description = JSON.stringify(openApi(version));
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.get('/health', async (_request, response) => {
    await health.check();
    response.json({ status: 'ok', version });
  });
  api.get('/metrics', metrics.show);
  api.get('/openapi.json', (_request, response) => {
    response.type('json').send(description);
  });
  api.use(readBodies());
  api.use(
    sitesRouter(services),
    linksRouter(services),
    readingsRouter(services),
    testsRouter(services),
    ownTestersRouter(services),
    ticksRouter(services),
    cordsRouter(services),
    cableFactsRouter(services),
    instrumentsRouter(services, bench),
    reflectRouter(services, bench),
    recordRouter(services),
    verifyRouter(services),
    terminateRouter(services),
    partsRouter(services),
    mapRouter(services),
    adaptersRouter(services),
    catalogueRouter(services),
    answerUnknown,
  );
  return api;
}

/** Reads bodies as bytes, each operation's up to what fits it: what they hold is read where they are used. */
function readBodies(): RequestHandler {
  const readers = new Map<number, RequestHandler>();
  return (request, response, next) => {
    const limit = bodyLimit(request.path);
    const reader = readers.get(limit) ?? express.raw({ type: () => true, limit });
    readers.set(limit, reader);
    void reader(request, response, next);
  };
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
