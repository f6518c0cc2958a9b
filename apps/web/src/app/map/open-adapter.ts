import { Injectable, computed, inject, signal } from '@angular/core';
import type { Adapter, AdapterFact, AdapterPatch } from '@near-spoke/contract/map';
import { compareContacts, outline, type Contact } from '@near-spoke/core/catalogue';
import { ENDS, type End } from '@near-spoke/core/link';
import {
  adapterStanding,
  coresAt,
  ownConnector,
  ribbonOf,
  solveAdapter,
  type Join,
} from '@near-spoke/core/map';
import { Store } from '@ngrx/store';
import { Deeds } from '../shell/deeds';
import { adaptersActions, adaptersFeature } from '../store/adapters/adapters';
import { factsActions, factsFeature, factsOf } from '../store/facts/facts';
import { taken } from '../store/facts/taken';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';

type Changes = Omit<AdapterPatch, 'version'>;

/** The adapter that is open, and all that follows from it. */
@Injectable()
export class OpenAdapter {
  private readonly store = inject(Store);
  private readonly deeds = inject(Deeds);
  private readonly shown = this.store.selectSignal(adaptersFeature.selectShown);
  private readonly state = this.store.selectSignal(adaptersFeature.selectAdaptersState);
  private readonly known = this.store.selectSignal(factsFeature.selectFactsState);
  private readonly links = this.store.selectSignal(linksFeature.selectEntities);
  private readonly job = this.store.selectSignal(selectJob);

  readonly id = signal('');
  readonly loading = computed(() => this.state().loading);
  readonly adapter = computed(() => this.shown().find(({ id }) => id === this.id()));
  readonly link = computed(() => this.links()[this.adapter()?.linkId ?? ''] ?? null);
  readonly facts = computed(() => factsOf(this.known(), this.id(), 'adapter'));
  readonly units = computed(() => this.job().units);
  readonly catalogue = computed(() => this.job().catalogue);
  readonly solved = computed(() => {
    const adapter = this.adapter();
    return adapter ? solveAdapter(adapter, this.link(), this.catalogue(), this.units()) : null;
  });
  readonly standing = computed(() => {
    const solved = this.solved();
    return solved ? adapterStanding(solved.task, solved, this.facts()) : null;
  });
  readonly cores = computed(() => {
    const solved = this.solved();
    return solved && { near: coresAt(solved, 'near'), far: coresAt(solved, 'far') };
  });
  /** The adapter's own two connectors, with their cores. */
  readonly ends = computed(() => {
    const [solved, cores] = [this.solved(), this.cores()];
    if (!solved || !cores) return [];
    return ENDS.map((end) => {
      const part = ownConnector(solved.task[end]);
      const row = outline(part.connector);
      return {
        end,
        part,
        title: `${row.name}${row.oneSided ? '' : ` ${part.gender}`}`,
        device: solved.task[end].name,
        oneSided: row.oneSided,
        cores: cores[end],
      };
    });
  });
  readonly ribbon = computed(() => {
    const solved = this.solved();
    return solved ? ribbonOf(solved.task, solved) : null;
  });
  /** What undoes what was changed here, the last one last. */
  private readonly back = signal<readonly { readonly id: string; readonly changes: Changes }[]>([]);
  readonly undoable = computed(() => this.back().some(({ id }) => id === this.id()));

  open(id: string): void {
    this.id.set(id);
    this.store.dispatch(adaptersActions.load());
    this.store.dispatch(factsActions.load({ about: { of: 'adapter', id } }));
  }

  change(changes: Changes): void {
    const adapter = this.adapter();
    if (!adapter) return;
    const before = Object.fromEntries(
      Object.keys(changes).map((name) => [name, adapter[name as keyof Adapter]]),
    ) as Changes;
    this.back.update((list) => [...list, { id: adapter.id, changes: before }]);
    this.deeds.changeAdapter(adapter, changes);
  }

  setOptions(options: Partial<Adapter['options']>): void {
    const adapter = this.adapter();
    if (adapter) this.change({ options: { ...adapter.options, ...options } });
  }

  /** Joins made by hand, in place of what was joined by hand to the same contacts. */
  join(joins: readonly Join[]): void {
    const adapter = this.adapter();
    if (!adapter) return;
    const touched = (end: End) => new Set(joins.flatMap((join) => join[end] ?? []));
    const [near, far] = [touched('near'), touched('far')];
    const kept = adapter.options.joins.filter(
      (join) =>
        (join.near === null || !near.has(join.near)) && (join.far === null || !far.has(join.far)),
    );
    this.setOptions({ joins: [...kept, ...joins] });
  }

  /** Gives a contact back to the solver. */
  release(end: End, contact: Contact): void {
    const adapter = this.adapter();
    if (!adapter) return;
    this.setOptions({ joins: adapter.options.joins.filter((join) => join[end] !== contact) });
  }

  measure(deed: AdapterFact['deed']): void {
    const adapter = this.adapter();
    if (adapter) this.deeds.measure(adapter, deed);
  }

  /** Takes the last measurement of a kind back. */
  undoMeasurement(...kinds: readonly AdapterFact['deed']['kind'][]): void {
    const last = this.facts().findLast(({ deed }) => kinds.includes(deed.kind));
    if (!last) return;
    const about = { of: 'adapter', id: this.id() } as const;
    this.deeds.takeFactBack(about, taken('adapter', last), 'Measurement taken back');
  }

  /** Takes the last change of the wiring back. */
  undoChange(): void {
    const last = this.back().findLast(({ id }) => id === this.id());
    const adapter = this.adapter();
    if (!last || !adapter) return;
    this.back.update((list) => list.filter((row) => row !== last));
    this.deeds.changeAdapter(adapter, last.changes);
  }

  /** Contacts of an end that have a row in its pin table, as people count them. */
  contacts(end: End): Contact[] {
    const port = this.solved()?.task[end];
    return (port?.contacts ?? []).map(({ contact }) => contact).sort(compareContacts);
  }
}
