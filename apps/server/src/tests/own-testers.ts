import { ownTesterEndpoints } from '@near-spoke/contract/tests';
import { parseOwnTester } from '@near-spoke/core/verify/entry';
import { putAway, takeBack } from '../edits/away';
import { here, type Mounted } from '../http/mount';
import { refuse } from '../http/problem-error';
import type { Services } from '../services';
import { OWN_TESTER, createOwnTester, listOwnTesters } from './own-repository';

/** Lamp testers of the firm's own. */
export const ownTesterOperations = ({ db }: Services): Mounted[] => [
  here(ownTesterEndpoints.list, async () => ({ testers: await listOwnTesters(db) })),
  here(ownTesterEndpoints.make, ({ body }) => {
    const parsed = parseOwnTester(body.steps, body);
    if (!parsed.ok) refuse([{ path: 'steps', reason: `line ${parsed.line}: ${parsed.reason}` }]);
    return createOwnTester(db, body);
  }),
  here(ownTesterEndpoints.putAway, ({ id, query, author }) =>
    putAway(db, OWN_TESTER, id, query.version, author),
  ),
  here(ownTesterEndpoints.restore, ({ id, author }) => takeBack(db, OWN_TESTER, id, author)),
];
