import { Injectable, inject } from '@angular/core';
import type { LinkRow } from '@near-spoke/contract';
import { adapterFactList, adapterList } from '@near-spoke/contract/map';
import { cordBatchList } from '@near-spoke/contract/cords';
import { HttpClient } from '@angular/common/http';
import { firstValueFrom } from 'rxjs';
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
  private readonly http = inject(HttpClient);
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
    const get = (path: string) => firstValueFrom(this.http.get<unknown>(path));
    await get('/api/testers');
    await get('/api/verify/experience');
    await get(`/api/sites/${siteId}/cable-facts`);
    const { adapters } = adapterList.parse(await get('/api/adapters'));
    for (const { id, away } of adapters)
      if (!away) adapterFactList.parse(await get(`/api/adapters/${id}/facts`));
    const { batches } = cordBatchList.parse(await get(`/api/sites/${siteId}/cords`));
    for (const { id } of batches) await get(`/api/cords/${id}/facts`);
  }
}
