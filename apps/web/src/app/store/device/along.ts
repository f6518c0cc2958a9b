import { Injectable, inject } from '@angular/core';
import { alongEndpoints, type LinkAlong } from '@near-spoke/contract';
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
    return this.api.call(alongEndpoints.take, { id: siteId, body: { links: [...ids] } }).pipe(
      switchMap(({ links }) => [links]),
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
