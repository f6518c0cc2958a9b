import { alongEndpoints } from './along';
import { blobEndpoints } from './blob';
import { catalogueEndpoints } from './catalogue';
import { cordEndpoints } from './cords';
import { diagnosisEndpoints } from './diagnosis';
import { drawingEndpoints } from './drawing';
import { editEndpoints } from './edit';
import type { Endpoint } from './endpoint';
import { FACT_KINDS, type FactKind } from './facts';
import { handoverEndpoints } from './handover';
import { healthEndpoints } from './health';
import { instrumentEndpoints } from './instruments';
import { labelEndpoints } from './labels';
import { linkEndpoints } from './link';
import { adapterEndpoints, mapEndpoints } from './map';
import { partEndpoints } from './part';
import { planEndpoints } from './plan';
import { priceEndpoints } from './prices';
import { recordEndpoints } from './record';
import { reflectEndpoints } from './reflect';
import { scheduleEndpoints } from './schedule';
import { searchEndpoints } from './search';
import { siteEndpoints } from './site';
import { siteDayEndpoints } from './site-day';
import { siteFactEndpoints } from './site-facts';
import { terminateEndpoints } from './terminate';
import { ownTesterEndpoints } from './tests';
import { readingEndpoints } from './verify';

const GROUPS: readonly Readonly<Record<string, Endpoint>>[] = [
  healthEndpoints,
  siteEndpoints,
  linkEndpoints,
  alongEndpoints,
  scheduleEndpoints,
  readingEndpoints,
  editEndpoints,
  recordEndpoints,
  terminateEndpoints,
  ownTesterEndpoints,
  diagnosisEndpoints,
  cordEndpoints,
  instrumentEndpoints,
  mapEndpoints,
  adapterEndpoints,
  siteFactEndpoints,
  searchEndpoints,
  handoverEndpoints,
  labelEndpoints,
  planEndpoints,
  drawingEndpoints,
  priceEndpoints,
  siteDayEndpoints,
  blobEndpoints,
  reflectEndpoints,
  partEndpoints,
  catalogueEndpoints,
];

/** Every operation of the API, by subject; facts are kept and listed as the rows of their kinds say. */
export const ENDPOINTS: readonly Endpoint[] = [
  ...new Set([
    ...GROUPS.flatMap((group) => Object.values(group)),
    ...Object.values<FactKind>(FACT_KINDS).flatMap(({ lists, keep }) => [
      ...Object.values<Endpoint>(lists),
      keep,
    ]),
  ]),
];
