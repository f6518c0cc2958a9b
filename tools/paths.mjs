import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
/** What this checkout makes for itself at run time; git ignores it. */
export const STATE = join(ROOT, '.near-spoke');
/** Where a start keeps its database: NEAR_SPOKE_DATA, or the checkout's own folder. */
export const DATA = process.env['NEAR_SPOKE_DATA'] ?? STATE;
export const WEB = join(ROOT, 'apps/web');
export const WEB_DIST = join(WEB, 'dist/browser');
export const SERVER_BUNDLE = join(ROOT, 'apps/server/dist/main.js');
export const SERVER_PROGRAM = join(ROOT, 'apps/server/dist/run.js');
export const TESTER_BUNDLE = join(ROOT, 'apps/instruments/dist/main.js');
export const MIGRATIONS = join(ROOT, 'apps/server/migrations');
