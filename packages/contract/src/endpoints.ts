import { alongEndpoints } from './along';
import { blobEndpoints } from './blob';
import { catalogueEndpoints } from './catalogue';
import { cordEndpoints } from './cords';
import { diagnosisEndpoints } from './diagnosis';
import { editEndpoints } from './edit';
import type { Endpoint } from './endpoint';
import { healthEndpoints } from './health';
import { instrumentEndpoints } from './instruments';
import { linkEndpoints } from './link';
import { adapterEndpoints, mapEndpoints } from './map';
import { noteEndpoints } from './note';
import { partEndpoints } from './part';
import { photoEndpoints } from './photo';
import { recordEndpoints } from './record';
import { cableFactEndpoints, reflectEndpoints, traceEndpoints } from './reflect';
import { scheduleEndpoints } from './schedule';
import { siteEndpoints } from './site';
import { siteFactEndpoints } from './site-facts';
import { terminateEndpoints } from './terminate';
import { ownTesterEndpoints, testEndpoints } from './tests';
import { readingEndpoints, tickEndpoints } from './verify';
import { voidEndpoints } from './void';

/** Every operation of the API, by subject. */
export const ENDPOINTS: readonly Endpoint[] = [
  healthEndpoints,
  siteEndpoints,
  linkEndpoints,
  alongEndpoints,
  scheduleEndpoints,
  readingEndpoints,
  testEndpoints,
  tickEndpoints,
  voidEndpoints,
  editEndpoints,
  recordEndpoints,
  terminateEndpoints,
  ownTesterEndpoints,
  diagnosisEndpoints,
  cordEndpoints,
  instrumentEndpoints,
  mapEndpoints,
  adapterEndpoints,
  cableFactEndpoints,
  traceEndpoints,
  noteEndpoints,
  photoEndpoints,
  siteFactEndpoints,
  blobEndpoints,
  reflectEndpoints,
  partEndpoints,
  catalogueEndpoints,
].flatMap((group) => Object.values<Endpoint>(group));
