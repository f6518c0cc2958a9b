import { Injectable, inject } from '@angular/core';
import type {
  LinkInput,
  LinkPatch,
  LinkSummary,
  Reading,
  Tick,
  Voided,
} from '@near-spoke/contract';
import type { Adapter, AdapterFact, AdapterPatch } from '@near-spoke/contract/map';
import type { CordBatch, CordFact } from '@near-spoke/contract/cords';
import type { CableFact } from '@near-spoke/contract/reflect';
import type { Test } from '@near-spoke/contract/tests';
import { ENDS, wiringOf, type End } from '@near-spoke/core/link';
import { tickedKeys, type Entered } from '@near-spoke/core/record';
import type { RemakeCause } from '@near-spoke/core/terminate';
import { diagnose, type TestResult } from '@near-spoke/core/verify';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import type { Deed, Entry } from '../store/outbox/deed';
import { outboxActions } from '../store/outbox/outbox';
import { selectJob } from '../store/job';
import { Person } from './person';

/** How long a reading is held back so that a slip can be taken back, ms. */
export const UNDO_MS = 5000;

/** What a person does at this device: signed, timed, shown at once, and sent when the server is there. */
@Injectable({ providedIn: 'root' })
export class Deeds {
  private readonly store = inject(Store);
  private readonly person = inject(Person);
  private readonly job = this.store.selectSignal(selectJob);

  tick(
    link: LinkSummary,
    end: End,
    key: string,
    done: boolean,
    more: Partial<Pick<Tick, 'measuredMm' | 'cause'>> = {},
  ): void {
    const tick: Tick = {
      id: v7(),
      linkId: link.id,
      end,
      key,
      done,
      measuredMm: null,
      cause: '',
      ...more,
      at: new Date().toISOString(),
      author: this.person.name(),
    };
    const what = `${done ? 'Tick' : 'Tick taken back'} on ${link.label}`;
    this.queue({ kind: 'tick', linkId: link.id, tick }, what);
  }

  /** Cuts an end off: every tick of it is taken back; the first one carries the cause. */
  beginAgain(link: LinkSummary, end: End, ticks: readonly Tick[], cause: RemakeCause): void {
    [...tickedKeys(ticks, end)].forEach((key, index) =>
      this.tick(link, end, key, false, { cause: index === 0 ? cause : '' }),
    );
  }

  read(
    link: LinkSummary,
    shown: Omit<TestResult, 'wiring'>,
    note: string,
    entered: Entered,
  ): Entry {
    const wiring = wiringOf(link, this.job());
    const reading: Reading = {
      id: v7(),
      linkId: link.id,
      takenAt: new Date().toISOString(),
      author: this.person.name(),
      note,
      entered,
      tester: shown.tester,
      wiring,
      nets: shown.nets,
      splitPairs: shown.splitPairs,
      diagnosis: diagnose({ ...shown, wiring }),
    };
    const what = `Reading of ${link.label}`;
    return this.queue({ kind: 'reading', linkId: link.id, reading }, what, UNDO_MS);
  }

  /** Keeps what another class of tester showed, judged already. */
  test(
    link: LinkSummary,
    told: Pick<Test, 'reading' | 'verdict' | 'missed' | 'summary' | 'note' | 'entered'>,
  ) {
    const test: Test = {
      ...told,
      id: v7(),
      linkId: link.id,
      takenAt: new Date().toISOString(),
      author: this.person.name(),
      tester: told.reading.tester,
      wiring: wiringOf(link, this.job()),
    };
    return this.queue({ kind: 'test', linkId: link.id, test }, `Test of ${link.label}`, UNDO_MS);
  }

  /** Takes a reading or a test back that is not true; it stays in the record. */
  voidFact(
    link: LinkSummary,
    told: Pick<Voided, 'of' | 'kind' | 'takenAt' | 'takenBy' | 'summary' | 'reason'>,
  ): void {
    const voided: Voided = {
      ...told,
      id: v7(),
      linkId: link.id,
      at: new Date().toISOString(),
      author: this.person.name(),
    };
    this.queue({ kind: 'void', linkId: link.id, voided }, `Taken back on ${link.label}`);
  }

  beginCords(told: Pick<CordBatch, 'siteId' | 'name' | 'note' | 'cord' | 'tester'>): string {
    const batch = { ...told, id: v7(), version: 1, createdAt: new Date().toISOString() };
    this.queue({ kind: 'cord-batch', batch }, `New batch ${told.name}`);
    return batch.id;
  }

  cord(batchId: string, seen: Omit<CordFact, 'id' | 'batchId' | 'at' | 'author'>): void {
    const fact: CordFact = {
      ...seen,
      id: v7(),
      batchId,
      at: new Date().toISOString(),
      author: this.person.name(),
    };
    this.queue({ kind: 'cord-fact', batchId, fact }, `Cord ${seen.label}`);
  }

  /** Keeps what was measured of a cable, or takes it back. */
  cable(what: string, seen: Omit<CableFact, 'id' | 'at' | 'author'>): void {
    const fact: CableFact = {
      ...seen,
      id: v7(),
      at: new Date().toISOString(),
      author: this.person.name(),
    };
    this.queue({ kind: 'cable-fact', fact }, what);
  }

  addLink(siteId: string, link: LinkInput & { id: string }): void {
    this.queue({ kind: 'link-new', linkId: link.id, siteId, link }, `New link ${link.label}`);
  }

  changeLink(link: LinkSummary, patch: LinkPatch): void {
    this.queue({ kind: 'link-change', linkId: link.id, patch }, `Change of ${link.label}`);
  }

  putAway(link: LinkSummary): void {
    const { id: linkId, version } = link;
    this.queue({ kind: 'link-away', linkId, version }, `${link.label} put away`);
  }

  takeOut(link: LinkSummary): void {
    this.queue({ kind: 'link-back', linkId: link.id }, `${link.label} taken back`);
  }

  addAdapter(adapter: Adapter): void {
    this.queue({ kind: 'adapter-new', adapter }, `New adapter ${adapter.name}`);
  }

  changeAdapter(adapter: Adapter, changes: Omit<AdapterPatch, 'version'>): void {
    const patch = { ...changes, version: adapter.version };
    this.queue(
      { kind: 'adapter-change', adapterId: adapter.id, patch },
      `Change of ${adapter.name}`,
    );
  }

  putAdapterAway(adapter: Adapter): void {
    const { id: adapterId, version } = adapter;
    this.queue({ kind: 'adapter-away', adapterId, version }, `${adapter.name} put away`);
  }

  takeAdapterBack(adapter: Adapter): void {
    this.queue({ kind: 'adapter-back', adapterId: adapter.id }, `${adapter.name} taken back`);
  }

  /** Keeps what was measured or decided, and tells its id, by which it can be undone. */
  measure(adapter: Adapter, deed: AdapterFact['deed']): string {
    const fact: AdapterFact = {
      id: v7(),
      adapterId: adapter.id,
      at: new Date().toISOString(),
      author: this.person.name(),
      deed,
    };
    this.queue(
      { kind: 'adapter-fact', adapterId: adapter.id, fact },
      `Measurement on ${adapter.name}`,
    );
    return fact.id;
  }

  /** @returns whether it could still be taken back: what is no longer held may be on its way */
  takeBack(entry: Entry): boolean {
    if (Date.now() >= entry.holdUntil) return false;
    this.store.dispatch(outboxActions.takenBack({ entry }));
    return true;
  }

  private queue(deed: Deed, what: string, holdMs = 0): Entry {
    const entry: Entry = {
      id: v7(),
      deed,
      what,
      holdUntil: holdMs > 0 ? Date.now() + holdMs : 0,
      refused: null,
      failures: 0,
    };
    this.store.dispatch(outboxActions.queued({ entry }));
    return entry;
  }
}

export const otherEnd = (end: End): End => (end === ENDS[0] ? 'far' : 'near');
