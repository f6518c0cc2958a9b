import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { acquired, cableFactList } from '@near-spoke/contract/reflect';
import { parsed, refusing } from '../api/api';

/** What the server keeps of cables, and does for a reflectometer on the bench. */
@Injectable({ providedIn: 'root' })
export class ReflectApi {
  private readonly http = inject(HttpClient);

  cableFacts = (siteId: string) =>
    this.http.get(`/api/sites/${siteId}/cable-facts`).pipe(parsed(cableFactList), refusing());
  acquire = (settings: Readonly<Record<string, string | number>>) =>
    this.http.post('/api/reflect/acquire', settings).pipe(parsed(acquired), refusing());
}
