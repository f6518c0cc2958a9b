import { fileURLToPath } from 'node:url';
import { serve } from './serve';

/** Where the web app with live reload answers. */
const WEB_PORT = process.env['WEB_PORT'] ?? '4200';

const server = await serve({
  databaseUrl: process.env['DATABASE_URL'] ?? '',
  port: Number(process.env['PORT'] ?? 4171),
  migrationsFolder: fileURLToPath(new URL('../migrations', import.meta.url)),
  version: 'dev',
  demo: true,
  logLevel: 'info',
  // The web app with live reload is on a port of its own.
  hosts: [`localhost:${WEB_PORT}`, `127.0.0.1:${WEB_PORT}`],
});
process.on('SIGTERM', () => void server.stop().then(() => process.exit(0)));
