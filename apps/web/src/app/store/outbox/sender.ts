import { Injectable, inject } from '@angular/core';
import { healthEndpoints } from '@near-spoke/contract';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api, NO_ANSWER, isRefusal, type Refusal } from '../api/api';
import type { Entry } from './deed';
import { changeEntry, readEntry } from './entry-store';
import { nextToSend, outboxActions, outboxFeature } from './outbox';
import { settleSent } from './settle-sent';
import { Tabs } from './tabs';

const FIRST_WAIT_MS = 1000;
const MOST_WAIT_MS = 30_000;
/** A server that fails so often over one entry will fail over it again: it is put aside, and others go on. */
const MOST_FAILURES = 5;

/**
 * Tells the server what was done here, one thing after the other, in its order: from one page at a time. A
 * server that is away is asked again after a while that grows.
 */
@Injectable({ providedIn: 'root' })
export class Sender {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly tabs = inject(Tabs);
  private readonly state = this.store.selectSignal(outboxFeature.selectOutboxState);
  private readonly all = this.store.selectSignal(outboxFeature.selectAll);
  /** How everything is sent: no part of the first download, asked for as soon as that is done. */
  private readonly shapes = () => import('./sending-of');
  private busy = false;
  private notBefore = 0;
  private waitMs = FIRST_WAIT_MS;

  constructor() {
    void this.shapes().catch(() => undefined);
  }

  /** Sends what may be sent; at once if a person or the network says that there is a reason to. */
  async turn(atOnce = false): Promise<void> {
    if (atOnce) this.notBefore = 0;
    if (this.busy || Date.now() < this.notBefore) return;
    this.busy = true;
    try {
      await this.tabs.alone(() => this.sendWaiting());
      if (this.state().away && Date.now() >= this.notBefore) await this.ask();
    } finally {
      this.busy = false;
    }
  }

  private async sendWaiting(): Promise<void> {
    for (let entry = this.next(); entry; entry = this.next()) {
      const now = await this.current(entry);
      if (!now) this.store.dispatch(outboxActions.settledElsewhere({ entry }));
      else if (now.refused)
        this.store.dispatch(outboxActions.refused({ entry: now, problem: now.refused }));
      else if (!(await this.send(now))) return;
    }
  }

  private next(): Entry | null {
    return nextToSend(this.all(), Date.now());
  }

  /** The entry as it stands on this device; one that this device did not take is only here. */
  private async current(entry: Entry): Promise<Entry | null> {
    if (this.state().notKept.includes(entry.id)) return entry;
    try {
      return await readEntry(entry.id);
    } catch {
      return entry;
    }
  }

  /** @returns whether the next may be sent */
  private async send(entry: Entry): Promise<boolean> {
    const shapes = await this.shapes().catch(() => null);
    if (shapes === null) {
      this.putOff(NO_ANSWER);
      return false;
    }
    try {
      const answer = await firstValueFrom(
        this.api.send({ ...shapes.sendingOf(entry.deed), author: entry.author }),
        {
          defaultValue: null,
        },
      );
      await settleSent(entry, answer).catch(() => undefined);
      this.waitMs = FIRST_WAIT_MS;
      this.store.dispatch(outboxActions.sent({ entry, answer }));
      this.tabs.tell({ kind: 'sent', entry, answer });
      return true;
    } catch (error) {
      return this.failed(entry, error);
    }
  }

  private async failed(entry: Entry, error: unknown): Promise<boolean> {
    if (!isRefusal(error)) throw error;
    const broken = !error.away && error.later;
    const failures = entry.failures + (broken ? 1 : 0);
    if (error.later && failures < MOST_FAILURES) {
      if (broken)
        await changeEntry(entry.id, (row) => ({ ...row, failures })).catch(() => undefined);
      this.putOff(error);
      return false;
    }
    const { problem } = error;
    const refused = { ...entry, failures, refused: problem };
    await changeEntry(entry.id, () => refused).catch(() => undefined);
    this.store.dispatch(outboxActions.refused({ entry: refused, problem }));
    this.tabs.tell({ kind: 'refused', entry: refused, problem });
    return true;
  }

  private putOff(refusal: Refusal): void {
    this.notBefore = Date.now() + this.waitMs * (0.75 + Math.random() / 2);
    this.waitMs = Math.min(MOST_WAIT_MS, this.waitMs * 2);
    this.store.dispatch(
      outboxActions.away({ why: refusal.away ? '' : (refusal.problem.detail ?? '') }),
    );
  }

  /** Whether the server is back. */
  private async ask(): Promise<void> {
    try {
      await firstValueFrom(this.api.call(healthEndpoints.ready, {}));
      this.waitMs = FIRST_WAIT_MS;
      this.store.dispatch(outboxActions.back());
    } catch (error) {
      if (isRefusal(error)) this.putOff(error);
    }
  }
}
