import { Injectable, inject } from '@angular/core';
import {
  blobEndpoints,
  pathOf,
  type Endpoint,
  type LinkRow,
  type ToAsk,
  type Written,
} from '@near-spoke/contract';
import { cordEndpoints } from '@near-spoke/contract/cords';
import { diagnosisEndpoints } from '@near-spoke/contract/diagnosis';
import { drawingEndpoints } from '@near-spoke/contract/drawing';
import { adapterEndpoints } from '@near-spoke/contract/map';
import { cableFactEndpoints } from '@near-spoke/contract/reflect';
import { ownTesterEndpoints } from '@near-spoke/contract/tests';
import { drawingsOf } from '@near-spoke/core/plan/drawing';
import { firstValueFrom } from 'rxjs';
import { Api } from '../api/api';
import { Along } from './along';
import { Device } from './device';
import { dropLinks, keptStamps } from './kept-links';

/** Links of a site that are taken along at most; of more, those on which something was done come first. */
const MOST_LINKS = 10_000;
const AT_ONCE = 100;

/**
 * Brings what is on this device of a site up to the server, so that all of it can be opened where there is no
 * server: its links with their facts, adapters, cords, reels.
 */
@Injectable({ providedIn: 'root' })
export class TakeAlong {
  private readonly along = inject(Along);
  private readonly device = inject(Device);
  private readonly api = inject(Api);
  private running = '';

  /** @throws where the server is away or this device takes no more; what came until then is kept */
  async run(siteId: string, rows: readonly LinkRow[]): Promise<void> {
    if (this.running === siteId) return;
    this.running = siteId;
    try {
      await this.takeLinks(siteId, rows);
      await this.takeLists(siteId);
      const all = (await keptStamps(siteId)).size;
      this.device.took(siteId, { at: Date.now(), links: all, of: rows.length });
    } finally {
      this.running = '';
    }
  }

  private async takeLinks(siteId: string, rows: readonly LinkRow[]): Promise<void> {
    const kept = await keptStamps(siteId);
    const worked = (row: LinkRow) => Number(row.state === 'planned');
    const wanted = [...rows].sort((a, b) => worked(a) - worked(b)).slice(0, MOST_LINKS);
    const changed = wanted.filter(({ id, stamp }) => kept.get(id) !== stamp);
    for (let from = 0; from < changed.length; from += AT_ONCE) {
      const ids = changed.slice(from, from + AT_ONCE).map(({ id }) => id);
      await firstValueFrom(this.along.load(siteId, ids));
    }
    const there = new Set(rows.map(({ id }) => id));
    await dropLinks([...kept.keys()].filter((id) => !there.has(id)));
  }

  /** What pages ask for is kept as it comes: it is enough to ask for it. */
  private async takeLists(siteId: string): Promise<void> {
    const get = <E extends Endpoint>(endpoint: E, asked: ToAsk<E> & Written) =>
      firstValueFrom(this.api.call(endpoint, asked));
    await get(ownTesterEndpoints.list, {});
    await get(diagnosisEndpoints.experience, {});
    await get(cableFactEndpoints.list, { id: siteId });
    const { facts: drawn } = await get(drawingEndpoints.list, { id: siteId });
    for (const { picture } of drawingsOf(drawn))
      // As a page shows it: the service worker keeps what is asked for so.
      await fetch(pathOf(blobEndpoints.one, { id: picture.blob }));
    const { adapters } = await get(adapterEndpoints.list, {});
    for (const { id, away } of adapters) if (!away) await get(adapterEndpoints.facts, { id });
    const { batches } = await get(cordEndpoints.list, { id: siteId });
    for (const { id } of batches) await get(cordEndpoints.facts, { id });
  }
}
