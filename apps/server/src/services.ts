import type { Database } from './db/database';
import type { InstrumentBench } from './instruments/bench';
import type { Refresher } from './links/refresher';
import type { WorkPool } from './work/pool';

/** What routers work with. */
export interface Services {
  readonly db: Database;
  readonly pool: WorkPool;
  readonly refresher: Refresher;
  readonly bench: InstrumentBench;
}
