import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import type { LinkRow } from '@near-spoke/contract';
import { adapterEndpoints, type Adapter } from '@near-spoke/contract/map';
import { outline } from '@near-spoke/core/catalogue';
import type { Job } from '@near-spoke/core/link';
import { solveAdapter, type Port } from '@near-spoke/core/map';
import { formatLength } from '@near-spoke/core/units';
import { Store } from '@ngrx/store';
import { Deeds } from '../shell/deeds';
import { NextThing } from '../shell/next-thing';
import { Api, isRefusal } from '../store/api/api';
import { adaptersActions, adaptersFeature } from '../store/adapters/adapters';
import { selectJob } from '../store/job';
import { linksFeature } from '../store/links/links';

const connectorName = ({ connector, gender }: Pick<Port, 'connector' | 'gender'>): string => {
  const row = outline(connector);
  return row.oneSided ? row.name : `${row.name} ${gender}`;
};

function rowOf(adapter: Adapter, link: LinkRow | undefined, job: Job) {
  const solved = solveAdapter(adapter, link ?? null, job.catalogue, job.units);
  const stops = solved.findings.filter(({ severity }) => severity === 'stop').length;
  const asked = solved.questions.length;
  const state =
    stops > 0
      ? { kind: 'bad', mark: '■', word: stops === 1 ? 'one stop' : `${stops} stops` }
      : asked > 0
        ? { kind: 'warn', mark: '?', word: asked === 1 ? 'one question' : `${asked} questions` }
        : { kind: 'good', mark: '✓', word: 'makes sense' };
  const shown = {
    id: adapter.id,
    name: adapter.name,
    note: adapter.note,
    away: adapter.away,
    near: adapter.near.name,
    far: adapter.far.name,
    nearConnector: connectorName(adapter.near),
    farConnector: connectorName(adapter.far),
    cable: solved.task.cable?.name ?? 'no cable yet',
    length:
      solved.task.options.lengthM === null
        ? ''
        : formatLength(solved.task.options.lengthM, job.units),
    link: link?.label ?? null,
    state,
  };
  return { ...shown, text: JSON.stringify(shown).toLowerCase() };
}

type Row = ReturnType<typeof rowOf>;

interface Known {
  readonly link: LinkRow | undefined;
  readonly job: Job;
  readonly row: Row;
}

/** The firm's adapters: what each joins, and whether it makes sense. */
@Component({
  selector: 'ns-adapters-page',
  imports: [
    MatButtonModule,
    MatFormFieldModule,
    MatInputModule,
    MatProgressBar,
    NextThing,
    RouterLink,
  ],
  templateUrl: './adapters-page.html',
  styleUrl: './adapters-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AdaptersPage {
  readonly siteId = input.required<string>();

  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly deeds = inject(Deeds);
  private readonly router = inject(Router);
  private readonly shown = this.store.selectSignal(adaptersFeature.selectShown);
  private readonly links = this.store.selectSignal(linksFeature.selectEntities);
  private readonly job = this.store.selectSignal(selectJob);
  protected readonly loading = this.store.selectSignal(adaptersFeature.selectLoading);
  protected readonly sought = signal('');
  protected readonly refused = signal('');
  protected readonly withAway = signal(false);

  protected readonly rows = computed(() => {
    const sought = this.sought().trim().toLowerCase();
    return this.shown()
      .filter(({ away }) => this.withAway() || !away)
      .map((adapter) => this.known(adapter))
      .filter(({ text }) => text.includes(sought));
  });
  /** The adapter that wants to be looked at first. */
  private readonly first = computed(() => {
    const live = this.rows().filter(({ away }) => !away);
    return (
      live.find(({ state }) => state.kind === 'warn') ??
      live.find(({ state }) => state.kind === 'bad')
    );
  });
  protected readonly told = computed(() => {
    const first = this.first();
    if (first)
      return {
        sentence: `${first.name} has ${first.state.word}.`,
        why: `${first.near} to ${first.far}, ${first.cable}.`,
        action: 'Open it',
      };
    return {
      sentence: 'Say what hangs on both ends; what joins what is worked out.',
      why: 'Two devices with their connectors, and what each contact carries.',
      action: 'New adapter',
    };
  });
  protected readonly awayCount = computed(() => this.shown().filter(({ away }) => away).length);

  constructor() {
    this.store.dispatch(adaptersActions.load());
  }

  protected act(): void {
    const path = ['/sites', this.siteId(), 'adapters', this.first()?.id ?? 'new'];
    void this.router.navigate(path);
  }

  protected takeBack(id: string): void {
    const adapter = this.shown().find((row) => row.id === id);
    if (adapter) this.deeds.takeAdapterBack(adapter);
  }

  protected read(files: FileList | null): void {
    const file = files?.[0];
    if (!file) return;
    this.refused.set('');
    this.api.sendFile(adapterEndpoints.read, {}, file, 'application/json').subscribe({
      next: (adapter) => this.store.dispatch(adaptersActions.stored({ adapter })),
      error: (error: unknown) => {
        const problem = isRefusal(error) ? error.problem : null;
        const reasons = (problem?.errors ?? [])
          .slice(0, 4)
          .map(({ path, reason }) => `${path} ${reason}.`);
        this.refused.set(
          [`${file.name} was not read.`, problem?.detail ?? '', ...reasons].join(' ').trim(),
        );
      },
    });
  }

  /** Solved once for each state of the adapter, its link and the catalogue. */
  private readonly solved = new WeakMap<Adapter, Known>();

  private known(adapter: Adapter): Row {
    const link = this.links()[adapter.linkId ?? ''];
    const job = this.job();
    const before = this.solved.get(adapter);
    if (before && before.link === link && before.job === job) return before.row;
    const row = rowOf(adapter, link, job);
    this.solved.set(adapter, { link, job, row });
    return row;
  }
}
