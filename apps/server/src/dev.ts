import { fileURLToPath } from 'node:url';
import { serve } from './serve';

const server = await serve({
  databaseUrl: process.env['DATABASE_URL'] ?? '',
  port: Number(process.env['PORT'] ?? 4171),
  migrationsFolder: fileURLToPath(new URL('../migrations', import.meta.url)),
  version: 'dev',
  demo: true,
  logLevel: 'info',
});
process.on('SIGTERM', () => void server.stop().then(() => process.exit(0)));
