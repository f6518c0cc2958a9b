import { voidEndpoints } from '@near-spoke/contract';
import {
  FACT_KINDS,
  SUBJECTS,
  type FactKind,
  type FactKindId,
  type Subject,
} from '@near-spoke/contract/facts';
import { siteFactEndpoints } from '@near-spoke/contract/site-facts';
import { getAdapter } from '../adapters/repository';
import { getBatch } from '../cords/repository';
import type { Database } from '../db/database';
import { here, type Mounted } from '../http/mount';
import { getLink } from '../links/repository';
import type { Services } from '../services';
import { getSite } from '../sites/repository';
import { check } from './checks';
import { addFact, factsSince, listFacts, type SentFact } from './repository';
import { addVoid } from './voids';

/** Answers only where there is such a thing. */
const HERE: Readonly<Record<Subject, (db: Database, id: string) => Promise<unknown>>> = {
  link: getLink,
  batch: getBatch,
  site: getSite,
  adapter: getAdapter,
};

/** Of which something is worked out first: their keeping is a job, or what takes back. */
const WORKED: readonly FactKindId[] = ['reading', 'test', 'cord', 'void'];

const KINDS = Object.keys(FACT_KINDS) as FactKindId[];

/** Every kind of fact: listed by what it is about, and kept as it was sent where nothing is worked out first. */
export const factOperations = ({ db }: Services): Mounted[] => [
  ...KINDS.flatMap((kind) => listing(db, kind)),
  ...KINDS.filter((kind) => !WORKED.includes(kind)).map((kind) => keeping(db, kind)),
  here(siteFactEndpoints.since, async ({ id, query }) => {
    await getSite(db, id);
    return factsSince(db, id, query);
  }),
  here(voidEndpoints.keep, (asked) => addVoid(db, asked)),
];

function listing(db: Database, kind: FactKindId): Mounted[] {
  const { lists }: FactKind = FACT_KINDS[kind];
  return SUBJECTS.flatMap((of) => {
    const list = lists[of];
    if (!list) return [];
    const [name = ''] = Object.keys(list.answer.shape);
    return here(list, async ({ id }) => {
      await HERE[of](db, id);
      return { [name]: await listFacts(db, kind, id) };
    });
  });
}

function keeping(db: Database, kind: FactKindId): Mounted {
  const { keep, lists }: FactKind = FACT_KINDS[kind];
  const [about = 'link'] = SUBJECTS.filter((of) => lists[of]);
  return here(keep, async ({ id, body }) => {
    await HERE[about](db, id);
    // It was read by the schema of this kind, which is more than a type of all kinds can say.
    const sent = body as SentFact<FactKindId>;
    await check(db, kind, id, sent);
    return addFact(db, kind, { subject: id }, sent);
  });
}
