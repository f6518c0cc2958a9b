import type { LinkAlong } from '@near-spoke/contract';
import { alongEndpoints } from '@near-spoke/contract/along';
import { map, type Observable } from 'rxjs';
import type { Api } from '../api/api';

/** Asks the server for links with all that was done on them. */
export const take = (
  api: Api,
  siteId: string,
  links: readonly string[],
): Observable<readonly LinkAlong[]> =>
  api
    .call(alongEndpoints.take, { id: siteId, body: { links: [...links] } })
    .pipe(map((answer) => answer.links));
