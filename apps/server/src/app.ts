import { join } from 'node:path';
import { healthEndpoints } from '@near-spoke/contract';
import { openApi } from '@near-spoke/contract/openapi';
import compression from 'compression';
import express, { Router, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { adapterOperations } from './adapters/router';
import { blobOperations } from './blobs/router';
import { catalogueOperations } from './catalogue/router';
import { cordOperations } from './cords/router';
import { editOperations } from './edits/router';
import { factOperations } from './facts/router';
import { handoverOperations } from './handover/router';
import type { Health } from './health/health';
import { Metrics } from './health/metrics';
import { answerErrors, answerUnknown } from './http/answer-errors';
import { bodyLimit } from './http/body-limits';
import { here, mount } from './http/mount';
import { jsonText } from './http/reply';
import { refuseForeign } from './http/refuse-foreign';
import { instrumentOperations } from './instruments/router';
import { linkOperations } from './links/router';
import { logRequests } from './log/logger';
import { mapOperations } from './map/router';
import { partOperations } from './parts/router';
import { reflectOperations } from './reflect/router';
import type { Services } from './services';
import { siteOperations } from './sites/router';
import { ownTesterOperations } from './tests/own-testers';
import { verifyOperations } from './verify/router';
import { pooled } from './work/mount';

/** Answers are zipped for networks in buildings: more than this takes longer than it saves there. */
const ZIP_LEVEL = 3;

export interface AppOptions {
  readonly services: Services;
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
          // A photo that waits to be sent is shown from this device.
          'img-src': ["'self'", 'data:', 'blob:'],
          'worker-src': ["'self'"],
        },
      },
    }),
  );
  app.use(refuseForeign(hosts));
  app.use(compression({ level: ZIP_LEVEL }));
  app.use('/api', apiRouter(options, metrics));
  if (webRoot) serveWeb(app, webRoot);
  app.use(answerErrors);
  return app;
}

function apiRouter({ services, health, version }: AppOptions, metrics: Metrics): Router {
  const api = Router();
  const description = JSON.stringify(openApi(version));
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.get('/metrics', metrics.show);
  mount(api, [
    here(healthEndpoints.alive, () => ({ status: 'ok' as const, version })),
    here(healthEndpoints.ready, async () => ({
      status: 'ok' as const,
      version,
      ...(await health.check()),
    })),
    here(healthEndpoints.description, () => jsonText(description)),
  ]);
  api.use(readBodies());
  mount(api, [
    ...siteOperations(services),
    ...linkOperations(services),
    ...ownTesterOperations(services),
    ...factOperations(services),
    ...editOperations(services),
    ...blobOperations(services),
    ...handoverOperations(services),
    ...cordOperations(services),
    ...instrumentOperations(services),
    ...reflectOperations(services),
    ...verifyOperations(services),
    ...partOperations(services),
    ...mapOperations(),
    ...adapterOperations(services),
    ...catalogueOperations(services),
    ...pooled(services.pool),
  ]);
  api.use(answerUnknown);
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
