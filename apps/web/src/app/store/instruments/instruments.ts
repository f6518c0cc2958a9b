import { Injectable, computed, inject, signal } from '@angular/core';
import {
  instrumentEndpoints,
  type Instrument,
  type InstrumentInput,
  type InstrumentKind,
} from '@near-spoke/contract/instruments';
import { firstValueFrom } from 'rxjs';
import { v7 } from 'uuid';
import { Api } from '../api/api';

type Address = Pick<Instrument, 'host' | 'port'>;

/** The instruments that the server may speak to: those named at its start, and those that were entered here. */
@Injectable({ providedIn: 'root' })
export class Instruments {
  private readonly api = inject(Api);
  private readonly known = signal<readonly Instrument[]>([]);

  readonly of = (kind: InstrumentKind) =>
    computed(() => this.known().filter((row) => row.kind === kind));

  /** Asks which there are, and which of them answer; without a server none is known. */
  async look(): Promise<void> {
    try {
      const { instruments } = await firstValueFrom(this.api.call(instrumentEndpoints.list, {}));
      this.known.set(instruments);
    } catch {
      this.known.set([]);
    }
  }

  /** @throws Refusal */
  async enter(input: Omit<InstrumentInput, 'id'>): Promise<Instrument> {
    const entered = await firstValueFrom(
      this.api.call(instrumentEndpoints.enter, { body: { ...input, id: v7() } }),
    );
    this.known.update((list) => [...list, entered]);
    return entered;
  }

  /** @throws Refusal */
  async confirm({ id, host, port }: Address & Pick<Instrument, 'id'>): Promise<void> {
    await firstValueFrom(this.api.call(instrumentEndpoints.confirm, { id, body: { host, port } }));
    await this.look();
  }

  /** @throws Refusal */
  async putAway({ id, version }: Pick<Instrument, 'id' | 'version'>): Promise<void> {
    await firstValueFrom(
      this.api.call(instrumentEndpoints.putAway, { id, query: { version: String(version) } }),
    );
    this.known.update((list) => list.filter((row) => row.id !== id));
  }
}
