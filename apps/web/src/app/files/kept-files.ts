import { Injectable, inject } from '@angular/core';
import { blobEndpoints } from '@near-spoke/contract';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../store/api/api';
import { outboxFeature } from '../store/outbox/outbox';

/** Files that are kept with facts: from the server, or from what waits here to be sent. */
@Injectable({ providedIn: 'root' })
export class KeptFiles {
  private readonly api = inject(Api);
  private readonly waiting = inject(Store).selectSignal(outboxFeature.selectWaiting);

  /** One that waits here to be sent; null where none does. */
  waitingFile(sha256: string): Blob | null {
    const unsent = this.waiting().find(({ deed }) => deed.kind === 'file' && deed.id === sha256);
    return unsent?.deed.kind === 'file' ? unsent.deed.bytes : null;
  }

  /** Null where it can't be had. */
  async read(sha256: string): Promise<Uint8Array | null> {
    try {
      const file =
        this.waitingFile(sha256) ??
        (await firstValueFrom(this.api.file(blobEndpoints.one, { id: sha256 })));
      return new Uint8Array(await file.arrayBuffer());
    } catch {
      return null;
    }
  }
}
