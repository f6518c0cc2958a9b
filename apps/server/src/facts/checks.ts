import type { FactKindId } from '@near-spoke/contract/facts';
import { refuseNoPicture, refuseUnknownBlob } from '../blobs/repository';
import type { Database } from '../db/database';
import { refuse } from '../http/problem-error';
import { getLink } from '../links/repository';
import { knownCable } from '../parts/named-parts';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import type { SentFact } from './repository';

type Checks = {
  readonly [K in FactKindId]?: (db: Database, id: string, body: SentFact<K>) => Promise<void>;
};

/** What is looked at before a fact is kept as it was sent. */
const CHECKS: Checks = {
  trace: (db, _id, { blob }) => refuseUnknownBlob(db, blob),
  photo: (db, _id, { blob }) => refuseNoPicture(db, blob),
  drawing: async (db, _id, { deed }) => {
    if (deed.kind === 'picture') await refuseUnknownBlob(db, deed.blob);
  },
  cable: async (db, id, { cable, linkId }) => {
    knownCable(cable, (await jobOf(db, await getSite(db, id))).catalogue);
    if (linkId && (await getLink(db, linkId)).siteId !== id)
      refuse([{ path: 'linkId', reason: 'is a link of another site' }]);
  },
};

export const check = async <K extends FactKindId>(
  db: Database,
  kind: K,
  id: string,
  body: SentFact<K>,
): Promise<void> => CHECKS[kind]?.(db, id, body);
