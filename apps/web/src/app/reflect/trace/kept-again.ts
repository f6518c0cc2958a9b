import { DatePipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { KeptTrace } from '@near-spoke/contract/reflect';
import type { Analysis } from '@near-spoke/core/reflect/analyse';
import { distanceOf } from '@near-spoke/core/reflect/hand';
import { compareTraces, movedSentence, type KeptEvent } from '@near-spoke/core/reflect/place';
import { formatUncertain, type Uncertain } from '@near-spoke/core/units';
import { KeptFiles } from '../../files/kept-files';
import { OpenLink } from '../../link/open-link';
import { Unbroken } from '../../shell/unbroken';
import { REFLECT_BENCH, type ReflectBench } from '../reflect-bench';
import { keptEvents } from './kept-events';
import { ToldOfTrace } from './told-of-trace';

/** What a kept trace tells by what is told now; nothing where its file can’t be had or read. */
interface Again {
  readonly row: KeptTrace;
  readonly analysis: Analysis | null;
}

/** Every trace that was kept of the link, worked out again by the velocity factor and the cable that are told now. */
@Component({
  selector: 'ns-kept-again',
  imports: [DatePipe, MatButtonModule, Unbroken],
  template: `
    @if (rows().length > 0) {
      @if (left() === null) {
        <button mat-stroked-button type="button" (click)="run()">
          {{ say().again(rows().length) }}
        </button>
      } @else {
        <p role="status">
          {{ say().againLeft(left() ?? 0) }}
          <button mat-button type="button" (click)="stop()">{{ say().stop }}</button>
        </p>
      }
    }
    @if (told().length > 0) {
      <table>
        <thead>
          <tr>
            <th scope="col">{{ say().trace }}</th>
            <th scope="col">{{ say().asKept }}</th>
            <th scope="col">{{ say().asNow }}</th>
          </tr>
        </thead>
        <tbody>
          @for (one of told(); track one.id) {
            <tr>
              <th scope="row">{{ one.at | date: 'yyyy-MM-dd HH:mm' }}<br />{{ one.name }}</th>
              <td>{{ one.before | unbroken }}</td>
              <td>
                {{ one.now | unbroken }}
                @for (change of one.changed; track change) {
                  <br /><span class="quiet">{{ change | unbroken }}</span>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    }
  `,
  styles: `
    :host {
      display: block;
      overflow-x: auto;
    }
    table {
      margin-top: 0.75rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeptAgain {
  private readonly open = inject(OpenLink);
  private readonly files = inject(KeptFiles);
  private readonly start = inject(REFLECT_BENCH);
  private readonly with = inject(ToldOfTrace);

  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly rows = computed(() => [...this.open.facts().traces].reverse());
  /** How many are still to be worked out; null while nothing is. */
  protected readonly left = signal<number | null>(null);
  private readonly done = signal<readonly Again[]>([]);
  private bench: ReflectBench | null = null;

  protected readonly told = computed(() => {
    const [tell, factor] = [this.open.tell(), this.with.velocity()];
    const placesOf = (events: readonly KeptEvent[], velocity: Uncertain): string =>
      events
        .map(
          ({ kind, delayS }) =>
            `${tell.pages.trace.kinds[kind].name} ${formatUncertain(distanceOf(delayS, velocity), tell.units)}`,
        )
        .join('; ') || tell.pages.trace.nothing;
    return this.done().map(({ row, analysis }) => {
      const now = analysis ? keptEvents(analysis.events) : null;
      return {
        id: row.id,
        at: row.at,
        name: row.name,
        before: placesOf(row.events, row.velocityFactor),
        now: now ? placesOf(now, factor) : tell.pages.trace.againNot,
        changed: now
          ? compareTraces(row.events, now, factor.value)
              .filter(({ moved, before, now: is }) => moved || !before || !is)
              .map((one) => tell(movedSentence(one, factor.value)))
          : [],
      };
    });
  });

  constructor() {
    effect(() => {
      this.open.id();
      this.stop();
      this.done.set([]);
    });
    inject(DestroyRef).onDestroy(() => this.stop());
  }

  protected async run(): Promise<void> {
    const [rows, told] = [this.rows(), this.with.told()];
    const bench = this.start();
    this.stop();
    this.bench = bench;
    this.done.set([]);
    for (const [index, row] of rows.entries()) {
      this.left.set(rows.length - index);
      const analysis = await this.analysisOf(bench, row, told);
      if (this.bench !== bench) return;
      this.done.update((all) => [...all, { row, analysis }]);
    }
    this.stop();
  }

  protected stop(): void {
    this.bench?.drop();
    this.bench = null;
    this.left.set(null);
  }

  /** Null where its file can’t be had or used. */
  private async analysisOf(
    bench: ReflectBench,
    { blob, name }: KeptTrace,
    told: ReturnType<ToldOfTrace['told']>,
  ): Promise<Analysis | null> {
    const file = await this.files.read(blob);
    if (!file || this.bench !== bench) return null;
    // A worker that was let go of, or did not stand it, has no answer.
    const answer = await bench.ask('analyse', { file, name, told }).catch(() => null);
    return answer?.ok ? answer.analysis : null;
  }
}
