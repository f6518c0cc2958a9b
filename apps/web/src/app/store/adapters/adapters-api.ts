import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { adapter, adapterFactList, adapterList } from '@near-spoke/contract/map';
import { parsed, refusing } from '../api/api';

/** What the server keeps of adapters. */
@Injectable({ providedIn: 'root' })
export class AdaptersApi {
  private readonly http = inject(HttpClient);

  all = () => this.http.get('/api/adapters').pipe(parsed(adapterList), refusing());
  facts = (id: string) =>
    this.http.get(`/api/adapters/${id}/facts`).pipe(parsed(adapterFactList), refusing());
  /** A file as it was chosen: whether it is an adapter, the server says. */
  importFile = (file: Blob) =>
    this.http
      .post('/api/adapters/import', file, { headers: { 'content-type': 'application/json' } })
      .pipe(parsed(adapter), refusing());
}
