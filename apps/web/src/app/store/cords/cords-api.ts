import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { cordBatchList, cordFactList } from '@near-spoke/contract/cords';
import { instrumentReading } from '@near-spoke/contract/instruments';
import { parsed, refusing } from '../api/api';

/** What the server keeps of cords. */
@Injectable({ providedIn: 'root' })
export class CordsApi {
  private readonly http = inject(HttpClient);

  batches = (siteId: string) =>
    this.http.get(`/api/sites/${siteId}/cords`).pipe(parsed(cordBatchList), refusing());
  read = (id: string, tester: string) =>
    this.http
      .post(`/api/instruments/${id}/read`, { tester })
      .pipe(parsed(instrumentReading), refusing());
  facts = (batchId: string) =>
    this.http.get(`/api/cords/${batchId}/facts`).pipe(parsed(cordFactList), refusing());
}
