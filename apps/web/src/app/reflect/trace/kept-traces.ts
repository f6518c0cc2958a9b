import { DatePipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  resource,
  signal,
} from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { KeptTrace } from '@near-spoke/contract/reflect';
import { compareTraces, movedSentence, type ShiftOf } from '@near-spoke/core/reflect/place';
import type { Uncertain } from '@near-spoke/core/units';
import { KeptFiles } from '../../files/kept-files';
import { sha256Of } from '../../files/sha256-of';
import { OpenLink } from '../../link/open-link';
import { Deeds } from '../../shell/deeds';
import { Unbroken } from '../../shell/unbroken';
import { taken } from '../../store/facts/taken';
import { TraceWork, bytesOf, type TraceFile } from '../trace-work';
import { keptEvents } from './kept-events';
import type { ShownEvent } from './shown-event';

/** Places of a trace that are kept with it at most. */
const MOST_EVENTS = 50;
/** The server takes no larger file. */
const MOST_KEPT_BYTES = 80_000_000;

/** The traces that were kept of this link: to be opened again, laid over the one that is open, and taken along. */
@Component({
  selector: 'ns-kept-traces',
  imports: [DatePipe, MatButtonModule, Unbroken],
  template: `
    @if (canKeep()) {
      <p>
        <button mat-stroked-button type="button" (click)="keep()">
          {{ say().keepTrace }}
        </button>
      </p>
    }
    @if (rows().length > 0) {
      <h3>{{ say().tracesOfLink }}</h3>
      <ul>
        @for (row of rows(); track row.id) {
          <li>
            <span>
              {{ row.at | date: 'yyyy-MM-dd HH:mm' }}, {{ row.author }}: {{ row.name }}
              @if (row.blob === hash()) {
                <em>, {{ say().openNow }}</em>
              }
            </span>
            <button mat-button type="button" (click)="openIt(row)">{{ say().openIt }}</button>
            @if (comparable() && row.blob !== hash()) {
              <button mat-button type="button" (click)="layOver(row)">
                {{ over()?.id === row.id ? say().layOff : say().layOver }}
              </button>
            }
            <a mat-button [href]="'/api/blobs/' + row.blob" [attr.download]="row.name">{{
              say().theFile
            }}</a>
            <button mat-button type="button" (click)="takeBack(row)">{{ say().takeBack }}</button>
          </li>
        }
      </ul>
    }
    <p role="status" class="bad">{{ missing() }}</p>
    @if (over(); as row) {
      <h3>{{ say().against((row.at | date: 'd MMM yyyy, HH:mm') ?? '') }}</h3>
      <ul>
        @for (line of compared(); track $index) {
          <li>{{ line | unbroken }}</li>
        } @empty {
          <li>{{ comparable() ? say().neither : say().workingOut }}</li>
        }
      </ul>
      <p>{{ left() | unbroken }}</p>
      <p class="quiet">{{ say().sameLaunch }}</p>
    }
  `,
  styles: `
    h3 {
      margin: 1.25rem 0 0.5rem;
    }
    p {
      margin: 0.5rem 0;
    }
    li {
      margin-bottom: 0.25rem;
    }
    .bad {
      color: var(--bad);
    }
    p:empty {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeptTraces {
  private readonly open = inject(OpenLink);
  private readonly deeds = inject(Deeds);
  private readonly work = inject(TraceWork);
  private readonly files = inject(KeptFiles);

  readonly events = input.required<readonly ShownEvent[]>();
  readonly velocity = input.required<Uncertain>();
  /** A kept file, to be looked at. */
  readonly opened = output<TraceFile>();

  protected readonly say = computed(() => this.open.tell().pages.trace);
  protected readonly hash = signal('');
  protected readonly missing = signal('');
  protected readonly over = signal<KeptTrace | null>(null);
  private readonly before = signal<TraceFile | null>(null);
  protected readonly rows = computed(() => [...this.open.facts().traces].reverse());
  /** What is explained is the file that is open: nothing is kept or compared while another one is worked at. */
  protected readonly comparable = computed(
    () => this.work.explained() !== null && this.work.progress() === null,
  );
  protected readonly canKeep = computed(
    () =>
      this.comparable() &&
      this.hash() !== '' &&
      this.rows().every((row) => row.blob !== this.hash()),
  );
  private readonly kept = computed(() => keptEvents(this.events()).slice(0, MOST_EVENTS));
  /** What has become of each place since the one that is laid over. */
  protected readonly compared = computed(() => {
    const [over, factor] = [this.over(), this.velocity().value];
    if (!over || !this.comparable()) return [];
    const shiftOf: ShiftOf = (was, is) =>
      this.found()?.shifts.find((one) => one.was === was.delayS.value && one.is === is.delayS.value)
        ?.shift ?? null;
    return compareTraces(over.events, this.kept(), factor, shiftOf).map((row) =>
      this.open.tell()(movedSentence(row, factor)),
    );
  });

  /** What the one that is laid over leaves of this one, in words; nothing of sweeps. */
  protected readonly left = computed(() => {
    const left = this.found();
    return left ? this.open.tell()(left.sentence) : '';
  });
  private readonly found = computed(() => (this.leftBy.hasValue() ? this.leftBy.value() : null));
  /** Both files laid over each other by a worker, for every pair of places that may be the same. */
  private readonly leftBy = resource({
    params: () => {
      const [over, now, before] = [this.over(), this.work.file(), this.before()];
      const isTrace = this.work.explained()?.analysis.trace;
      if (!over || !now || !before || !isTrace || !this.comparable()) return undefined;
      return { over, now, before, velocity: this.velocity(), kept: this.kept() };
    },
    loader: async ({ params: { over, now, before, velocity, kept } }) => {
      const pairs = compareTraces(over.events, kept, velocity.value).flatMap(
        ({ before: was, now: is }) =>
          was && is ? [{ was: was.delayS.value, is: is.delayS.value }] : [],
      );
      const { sentence, shifts } = await this.work.since({
        before,
        now,
        velocityFactor: velocity,
        echoes: pairs.map(({ was, is }) => ({ wasS: was, isS: is })),
      });
      return {
        sentence,
        shifts: pairs.map((pair, index) => ({ ...pair, shift: shifts[index] ?? null })),
      };
    },
  });

  constructor() {
    effect(() => {
      const file = this.work.file();
      this.hash.set('');
      if (file) void sha256Of(bytesOf(file)).then((hash) => this.noteHash(file, hash));
    });
    effect(() => {
      this.open.id();
      this.layOff();
    });
  }

  protected keep(): void {
    const [link, file, explained] = [this.open.link(), this.work.file(), this.work.explained()];
    if (!link || !file || !explained || !this.canKeep()) return;
    const bytes = bytesOf(file);
    if (bytes.length > MOST_KEPT_BYTES) {
      this.missing.set(this.say().tooLargeToKeep(file.name, MOST_KEPT_BYTES / 1e6));
      return;
    }
    const type = 'application/octet-stream';
    const seen = {
      blob: this.hash(),
      name: file.name,
      bytes: bytes.length,
      launchAtS: explained.analysis.trace?.launchAtS ?? null,
      velocityFactor: this.velocity(),
      events: this.kept(),
      note: '',
    };
    this.deeds.keepWithLink('trace', link, seen, new Blob([bytes.slice()], { type }));
  }

  protected async openIt(row: KeptTrace): Promise<void> {
    const file = await this.fileOf(row);
    if (!file) return;
    this.layOff();
    this.opened.emit(file);
  }

  protected async layOver(row: KeptTrace): Promise<void> {
    if (this.over()?.id === row.id) {
      this.layOff();
      return;
    }
    const file = await this.fileOf(row);
    if (!file || !(await this.work.layOver(file, row.launchAtS ?? 0))) return;
    this.before.set(file);
    this.over.set(row);
  }

  protected takeBack(trace: KeptTrace): void {
    if (this.over()?.id === trace.id) this.layOff();
    this.deeds.takeFactBack(
      { of: 'link', id: this.open.id() },
      taken('trace', trace),
      'Trace taken back',
    );
  }

  private layOff(): void {
    this.over.set(null);
    this.work.layOff();
  }

  private noteHash(file: TraceFile, hash: string): void {
    if (this.work.file() === file) this.hash.set(hash);
  }

  private async fileOf({ blob, name }: KeptTrace): Promise<TraceFile | null> {
    const bytes = await this.files.read(blob);
    this.missing.set(bytes ? '' : this.say().notHere(name));
    return bytes ? { name, bytes } : null;
  }
}
