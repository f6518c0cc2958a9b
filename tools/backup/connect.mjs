import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { ROOT } from '../paths.mjs';

/** A client on a database. The driver is the server's own, which is there once modules are installed. */
export async function connect(url) {
  const resolve = createRequire(join(ROOT, 'apps/server/package.json')).resolve;
  const { default: pg } = await import(pathToFileURL(resolve('pg')).href);
  const client = new pg.Client({ connectionString: url });
  client.on('error', () => {});
  await client.connect();
  return client;
}
