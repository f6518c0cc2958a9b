import { Injectable, inject } from '@angular/core';
import { linkEndpoints, linkRow, type LinkRow } from '@near-spoke/contract';
import { firstValueFrom } from 'rxjs';
import { Api, isRefusal } from '../store/api/api';
import { deviceDatabase } from '../store/device/device-db';

/** Where a link is opened, at what is next of it. */
export interface LinkPlace {
  readonly siteId: string;
  readonly stage: LinkRow['next']['stage'];
}

const ROWS = /^\/api\/sites\/([^/]+)\/rows/;

/** Finds links by what a label's code says: on this device first, so that no network is needed. */
@Injectable({ providedIn: 'root' })
export class FindLink {
  private readonly api = inject(Api);

  /** @returns why not, where it is not found */
  async find(id: string): Promise<LinkPlace | 'away' | 'unknown'> {
    return (await onDevice(id).catch(() => null)) ?? (await this.fromServer(id));
  }

  private async fromServer(id: string): Promise<LinkPlace | 'away' | 'unknown'> {
    try {
      const link = await firstValueFrom(this.api.call(linkEndpoints.one, { id }));
      return { siteId: link.siteId, stage: link.next.stage };
    } catch (error) {
      return isRefusal(error) && error.away ? 'away' : 'unknown';
    }
  }
}

async function onDevice(id: string): Promise<LinkPlace | null> {
  const db = await deviceDatabase();
  const kept = await db.get('links', id);
  if (kept && !kept.gone) return { siteId: kept.siteId, stage: kept.along.link.next.stage };
  for (const { url, body } of await db.getAll('answers')) {
    const siteId = ROWS.exec(url)?.[1];
    const stage = siteId === undefined ? null : stageIn(body, id);
    if (siteId !== undefined && stage !== null) return { siteId, stage };
  }
  return null;
}

/** Of a list as the server has answered, on an earlier day perhaps: what is no row by now is none. */
function stageIn(body: unknown, id: string): LinkPlace['stage'] | null {
  if (typeof body !== 'object' || body === null || !('rows' in body)) return null;
  const rows: readonly unknown[] = Array.isArray(body.rows) ? body.rows : [];
  const found = rows.find(
    (row) => typeof row === 'object' && row !== null && 'id' in row && row.id === id,
  );
  const row = linkRow.safeParse(found);
  return row.success ? row.data.next.stage : null;
}
