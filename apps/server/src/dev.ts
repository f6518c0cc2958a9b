import { fileURLToPath } from 'node:url';
import { serve } from './serve';

const server = await serve({
  databaseUrl: process.env['DATABASE_URL'] ?? '',
  port: Number(process.env['PORT'] ?? 4171),
  migrationsFolder: fileURLToPath(new URL('../migrations', import.meta.url)),
  version: 'dev',
  demo: true,
  logLevel: 'info',
  // The web app with live reload is on a port of its own.
  hosts: ['localhost:4200', '127.0.0.1:4200'],
});
process.on('SIGTERM', () => void server.stop().then(() => process.exit(0)));
