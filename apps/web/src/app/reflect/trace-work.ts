import { Injectable, inject, type OnDestroy, signal } from '@angular/core';
import type { Message } from '@near-spoke/core/message';
import type { Curve } from '@near-spoke/core/reflect/analyse';
import type { Told } from '@near-spoke/core/reflect/told';
import { REFLECT_BENCH } from './reflect-bench';
import { Words } from '../words/words';
import type { Refused, Work } from './reflect-work';

export type Explained = Extract<Work['analyse']['answer'], { readonly ok: true }>;
export type Opened = Extract<Work['open']['answer'], { readonly ok: true }>;

/** What an instrument wrote. */
export interface TraceFile {
  readonly name: string;
  readonly bytes: Uint8Array | string;
}

/** What the pickers of files offer. */
export const TRACE_FILES = '.csv,.txt,.tsv,.gz,.json,.s1p,.s2p';
const MOST_BYTES = 200_000_000;
/** Enough to be told apart also where a part is shown. */
const COLUMNS_LAID_OVER = 6000;

/** Another trace that is laid over, by the delays from its own launch, there and back. */
export interface LaidOver {
  readonly name: string;
  readonly curve: Curve;
}

export const bytesOf = ({ bytes }: TraceFile): Uint8Array =>
  typeof bytes === 'string' ? new TextEncoder().encode(bytes) : bytes;

/** A file while it is looked at by one worker and explained by another. One for each trace page. */
@Injectable()
export class TraceWork implements OnDestroy {
  private readonly start = inject(REFLECT_BENCH);
  private readonly words = inject(Words);
  private readonly viewer = this.start();
  private readonly explainer = this.start();
  private run = 0;
  private shown: TraceFile | null = null;

  readonly file = signal<TraceFile | null>(null);
  readonly refused = signal('');
  /** Share that is done; null while nothing is worked at. */
  readonly progress = signal<number | null>(null);
  readonly opened = signal<Opened | null>(null);
  readonly explained = signal<Explained | null>(null);
  readonly over = signal<LaidOver | null>(null);

  /**
   * Explains the file that is open with what is told of it; an earlier work is let go.
   *
   * @returns whether it was explained
   */
  async explain(told: Told): Promise<boolean> {
    const file = this.file();
    if (!file) return false;
    this.run += 1;
    const run = this.run;
    this.explainer.drop();
    this.refused.set('');
    this.progress.set(0);
    try {
      const opened = await this.viewer.ask('open', {
        file: file.bytes,
        name: file.name,
        told,
      });
      if (run !== this.run) return false;
      if (!opened.ok) return this.refuse(opened, file);
      // What was explained before is of another file: this one is shown as it was seen at once.
      if (file !== this.shown) this.explained.set(null);
      this.shown = file;
      this.opened.set(opened);
      const explained = await this.explainer.ask(
        'analyse',
        { file: file.bytes, name: file.name, told },
        (share) => {
          if (run === this.run) this.progress.set(share);
        },
      );
      if (run !== this.run) return false;
      if (!explained.ok) {
        this.refuse(explained, file);
        // What is plainly seen of it is told all the same.
        if (opened.look) this.opened.set(opened);
        return false;
      }
      this.explained.set(explained);
      this.progress.set(null);
      return true;
    } catch {
      // Let go of by another file, other numbers, or Stop; if by none of them, the worker has failed.
      if (run === this.run) {
        this.progress.set(null);
        this.refused.set(this.tell().pages.trace.notWorkedOut(file.name));
      }
      return false;
    }
  }

  /** Reads a file into memory; null where it is too large for that, which is told. */
  async read(file: File): Promise<TraceFile | null> {
    if (file.size > MOST_BYTES) {
      this.refused.set(this.tell().pages.trace.tooLarge(file.name, MOST_BYTES / 1e6));
      return null;
    }
    return { name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) };
  }

  /** Lays another trace over the one that is open. @returns whether it could be read */
  async layOver(file: TraceFile, launchAtS: number): Promise<boolean> {
    const bench = this.start();
    try {
      const opened = await bench.ask('open', { file: file.bytes, name: file.name, told: null });
      if (!opened.ok) return this.refuseOver(opened, file);
      const { samples: to, fromS, intervalS, echoes } = opened;
      const points = echoes
        ? []
        : await bench.ask('part', { from: 0, to, columns: COLUMNS_LAID_OVER });
      const curve = echoes ?? {
        delayS: points.map(({ sample }) => fromS + sample * intervalS - launchAtS),
        values: points.map(({ volt }) => volt),
      };
      this.over.set({ name: file.name, curve });
      return true;
    } finally {
      bench.drop();
    }
  }

  layOff(): void {
    this.over.set(null);
  }

  stop(): void {
    this.run += 1;
    this.explainer.drop();
    this.progress.set(null);
  }

  /** Another link: nothing of this one stays. */
  clear(): void {
    this.stop();
    this.file.set(null);
    this.refused.set('');
    this.opened.set(null);
    this.explained.set(null);
    this.layOff();
  }

  readonly whole = (ask: Work['whole']['ask']) => this.viewer.ask('whole', ask);
  readonly part = (ask: Work['part']['ask']) => this.viewer.ask('part', ask);
  /** Lays two files over each other by a worker of its own. */
  async since(ask: Work['since']['ask']): Promise<Work['since']['answer']> {
    const bench = this.start();
    try {
      return await bench.ask('since', ask);
    } finally {
      bench.drop();
    }
  }

  readonly snap = (ask: Work['snap']['ask']) => this.viewer.ask('snap', ask);

  /** A file has no units. */
  private readonly tell = () => this.words.in('metric');

  ngOnDestroy(): void {
    this.viewer.drop();
    this.explainer.drop();
  }

  private refusal(name: string, line: number | null, reason: Message): string {
    const tell = this.tell();
    return tell.pages.trace.refused(name, line, tell(reason));
  }

  private refuseOver(
    { reason }: Pick<Refused, 'reason'>,
    { name }: Pick<TraceFile, 'name'>,
  ): false {
    this.refused.set(this.refusal(name, null, reason));
    return false;
  }

  private refuse({ line, reason }: Pick<Refused, 'line' | 'reason'>, file: TraceFile): false {
    this.progress.set(null);
    this.opened.set(null);
    this.explained.set(null);
    this.refused.set(this.refusal(file.name, line, reason));
    return false;
  }
}
