import { type HttpTestingController } from '@angular/common/http/testing';
import type { Adapter } from '@near-spoke/contract/map';
import { PLAIN_OPTIONS, PORTS, type Port } from '@near-spoke/core/map';
import { v7 } from 'uuid';
import { provideAdapters } from '../store/adapters/provide';
import { testLink } from './links';
import { openSite, settle } from './store';

export function builtIn(id: string): Port {
  const found = PORTS.find((port) => port.id === id);
  if (!found) throw new Error(`No port ${id}`);
  return found;
}

/** An adapter as the server gives it, for tests. */
export function testAdapter(near: string, far: string, rest: Partial<Adapter> = {}): Adapter {
  return {
    id: v7(),
    name: `${near} to ${far}`,
    note: '',
    near: builtIn(near),
    far: builtIn(far),
    cable: 'screened-9',
    options: { ...PLAIN_OPTIONS, joins: [], measured: [] },
    linkId: null,
    version: 1,
    away: false,
    ...rest,
  };
}

/** A site that is open, with adapters that the server keeps. */
export async function openWithAdapters() {
  const link = testLink('K4');
  const { store, http } = await openSite([link], provideAdapters());
  return { store, http, link };
}

/** Answers what a page asks for when it opens an adapter. */
export async function answerLoads(
  http: HttpTestingController,
  adapters: readonly Adapter[],
): Promise<void> {
  await settle();
  for (const request of http.match('/api/adapters')) request.flush({ adapters });
  for (const { id } of adapters)
    for (const request of http.match(`/api/adapters/${id}/facts`)) request.flush({ facts: [] });
  await settle();
}
