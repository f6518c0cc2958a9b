import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { ROOT } from '../paths.mjs';

/** What PostgreSQL's own programs are told of a database, not by their command lines, which all can read. */
export function programEnv(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    ...process.env,
    PGHOST: decodeURIComponent(hostname),
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
}

/** A client on a database. The driver is the server's own, which is there once modules are installed. */
export async function connect(url) {
  const resolve = createRequire(join(ROOT, 'apps/server/package.json')).resolve;
  const { default: pg } = await import(pathToFileURL(resolve('pg')).href);
  const client = new pg.Client({ connectionString: url });
  client.on('error', () => {});
  await client.connect();
  return client;
}
