import { HttpClient } from '@angular/common/http';
import { Injectable, computed, inject, signal } from '@angular/core';
import {
  instrument,
  instrumentList,
  type Instrument,
  type InstrumentInput,
  type InstrumentKind,
} from '@near-spoke/contract/instruments';
import { firstValueFrom } from 'rxjs';
import { v7 } from 'uuid';
import { parsed, refusing } from '../api/api';

type Address = Pick<Instrument, 'host' | 'port'>;

/** The instruments that the server may speak to: those named at its start, and those that were entered here. */
@Injectable({ providedIn: 'root' })
export class Instruments {
  private readonly http = inject(HttpClient);
  private readonly known = signal<readonly Instrument[]>([]);

  readonly of = (kind: InstrumentKind) =>
    computed(() => this.known().filter((row) => row.kind === kind));

  /** Asks which there are, and which of them answer; without a server none is known. */
  async look(): Promise<void> {
    try {
      const { instruments } = await firstValueFrom(
        this.http.get('/api/instruments').pipe(parsed(instrumentList), refusing()),
      );
      this.known.set(instruments);
    } catch {
      this.known.set([]);
    }
  }

  /** @throws Refusal */
  async enter(input: Omit<InstrumentInput, 'id'>): Promise<Instrument> {
    const entered = await firstValueFrom(
      this.http
        .post('/api/instruments', { ...input, id: v7() })
        .pipe(parsed(instrument), refusing()),
    );
    this.known.update((list) => [...list, entered]);
    return entered;
  }

  /** @throws Refusal */
  async confirm({ id, host, port }: Address & Pick<Instrument, 'id'>): Promise<void> {
    await firstValueFrom(
      this.http
        .post(`/api/instruments/${id}/confirm`, { host, port })
        .pipe(parsed(instrument), refusing()),
    );
    await this.look();
  }

  /** @throws Refusal */
  async putAway({ id, version }: Pick<Instrument, 'id' | 'version'>): Promise<void> {
    await firstValueFrom(
      this.http.delete(`/api/instruments/${id}?version=${version}`).pipe(refusing()),
    );
    this.known.update((list) => list.filter((row) => row.id !== id));
  }
}
