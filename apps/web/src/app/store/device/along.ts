import { Injectable, inject } from '@angular/core';
import type { LinkAlong } from '@near-spoke/contract';
import { catchError, from, switchMap, tap, throwError, type Observable } from 'rxjs';
import { Api, type Refusal } from '../api/api';
import { Device } from './device';
import { keepLinks, readLinks } from './kept-links';

/** Links with all that was done on them: from the server, or as they were taken along. */
@Injectable({ providedIn: 'root' })
export class Along {
  private readonly api = inject(Api);
  private readonly device = inject(Device);

  /** A link that there is not any more is not among them. */
  load(siteId: string, ids: readonly string[]): Observable<readonly LinkAlong[]> {
    const url = (id: string) => `link ${id}`;
    // The shapes of all that can be known of a link are not needed before one is read.
    return from(import('./take')).pipe(
      switchMap(({ take }) => take(this.api, siteId, ids)),
      tap((links) => {
        for (const id of ids) this.device.usedServer(url(id));
        void keepLinks(siteId, links).catch(() => this.device.full.set(true));
      }),
      catchError((refusal: Refusal) =>
        refusal.away
          ? from(readLinks(ids).catch(() => [])).pipe(
              switchMap((kept) => {
                if (kept.length < ids.length) return throwError(() => refusal);
                for (const { id, at } of kept) this.device.usedCopy(url(id), at);
                return [kept.map(({ along }) => along)];
              }),
            )
          : throwError(() => refusal),
      ),
    );
  }
}
