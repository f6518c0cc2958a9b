import { cordEndpoints } from '@near-spoke/contract/cords';
import { drawingEndpoints } from '@near-spoke/contract/drawing';
import { FACT_KINDS, type FactKind } from '@near-spoke/contract/facts';
import { adapterEndpoints } from '@near-spoke/contract/map';
import { cableFactEndpoints } from '@near-spoke/contract/reflect';
import { forkJoin, map, type Observable } from 'rxjs';
import type { Api } from '../api/api';
import { kept, type About, type Kept } from './kept';

/** Where facts about something that is no link are listed, by their kinds. */
export const LISTS = {
  cord: cordEndpoints.facts,
  cable: cableFactEndpoints.list,
  drawing: drawingEndpoints.list,
  adapter: adapterEndpoints.facts,
} as const;

type ListedKind = keyof typeof LISTS;

export const isListed = (kind: string): kind is ListedKind => kind in LISTS;

/** Asks for all facts about something that is no link. */
export function listed(api: Api, about: About): Observable<Kept[]> {
  const { of, id } = about;
  if (of === 'batch')
    return api.call(LISTS.cord, { id }).pipe(map(({ facts }) => facts.map(kept('cord', about))));
  if (of === 'adapter')
    return api
      .call(LISTS.adapter, { id })
      .pipe(map(({ facts }) => facts.map(kept('adapter', about))));
  return forkJoin([api.call(LISTS.cable, { id }), api.call(LISTS.drawing, { id })]).pipe(
    map(([cables, drawings]) => [
      ...cables.facts.map(kept('cable', about)),
      ...drawings.facts.map(kept('drawing', about)),
    ]),
  );
}

/** What the server answered to a fact that was sent, as it keeps it; null where that can't be read. */
export function answered({ of, about }: Kept, answer: unknown): Kept | null {
  const { fact, answered: within }: FactKind = FACT_KINDS[of];
  const said = within ? (answer as Readonly<Record<string, unknown>> | null)?.[within] : answer;
  const read = fact.safeParse(said);
  // It was read by the schema of its kind, which is more than a type of all kinds can say.
  return read.success ? ({ of, about, fact: read.data } as unknown as Kept) : null;
}
