import { cableFactEndpoints } from '@near-spoke/contract/reflect';
import { addFact, listFacts } from '../facts/repository';
import { here, type Mounted } from '../http/mount';
import { refuse } from '../http/problem-error';
import { getLink } from '../links/repository';
import { knownCable } from '../parts/named-parts';
import type { Services } from '../services';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';

/** What was measured of a site's cables and reels. */
export const cableFactOperations = ({ db }: Services): Mounted[] => [
  here(cableFactEndpoints.list, async ({ id }) => {
    const site = await getSite(db, id);
    return { facts: await listFacts(db, 'cable', site.id) };
  }),
  here(cableFactEndpoints.keep, async ({ id, body }) => {
    const site = await getSite(db, id);
    knownCable(body.cable, (await jobOf(db, site)).catalogue);
    if (body.linkId) {
      const { siteId } = await getLink(db, body.linkId);
      if (siteId !== site.id) refuse([{ path: 'linkId', reason: 'is a link of another site' }]);
    }
    return addFact(db, 'cable', { subject: site.id }, body);
  }),
];
