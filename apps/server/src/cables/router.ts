import { cableFactEndpoints } from '@near-spoke/contract/reflect';
import { here, type Mounted } from '../http/mount';
import { refuse } from '../http/problem-error';
import { getLink } from '../links/repository';
import { knownCable } from '../parts/named-parts';
import type { Services } from '../services';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { addCableFact, listCableFacts } from './repository';

/** What was measured of a site's cables and reels. */
export const cableFactOperations = ({ db }: Services): Mounted[] => [
  here(cableFactEndpoints.list, async ({ id }) => {
    const site = await getSite(db, id);
    return { facts: await listCableFacts(db, site.id) };
  }),
  here(cableFactEndpoints.keep, async ({ id, body }) => {
    const site = await getSite(db, id);
    knownCable(body.cable, (await jobOf(db, site)).catalogue);
    if (body.linkId) {
      const { siteId } = await getLink(db, body.linkId);
      if (siteId !== site.id) refuse([{ path: 'linkId', reason: 'is a link of another site' }]);
    }
    const { deed } = body;
    if (deed.kind === 'undone') {
      const facts = await listCableFacts(db, site.id);
      if (!facts.some((fact) => fact.id === deed.of))
        refuse([{ path: 'deed.of', reason: 'is no fact of this site' }]);
    }
    return addCableFact(db, site.id, body);
  }),
];
