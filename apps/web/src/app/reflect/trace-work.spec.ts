import { fileUnread } from '@near-spoke/core/reflect/analyse';
import { TestBed } from '@angular/core/testing';
import { NOTHING_TOLD } from '@near-spoke/core/reflect/told';
import { REFLECT_BENCH, type ReflectBench } from './reflect-bench';
import type { Work } from './reflect-work';
import { TraceWork } from './trace-work';

interface Asked {
  readonly kind: keyof Work;
  readonly answer: (answer: unknown) => void;
  readonly fail: () => void;
  readonly progress: (share: number) => void;
}

/** A worker that answers when it is told to. */
class Told implements ReflectBench {
  readonly asked: Asked[] = [];
  dropped = 0;
  ask<K extends keyof Work>(
    kind: K,
    _ask: Work[K]['ask'],
    progress: (share: number) => void = () => undefined,
  ): Promise<Work[K]['answer']> {
    return new Promise((done, reject) =>
      this.asked.push({
        kind,
        answer: (answer) => done(answer as Work[K]['answer']),
        fail: () => reject(new Error('let go')),
        progress,
      }),
    );
  }
  drop(): void {
    this.dropped += 1;
    for (const { fail } of this.asked) fail();
  }
}

const OPENED = { ok: true, samples: 100, intervalS: 1e-9, fromS: 0, echoes: null, look: null };
const EXPLAINED = { ok: true, analysis: { events: [] }, fitted: null };
const turn = () => new Promise((resolve) => setTimeout(resolve));

describe('TraceWork', () => {
  let benches: Told[];
  let work: TraceWork;

  beforeEach(() => {
    benches = [];
    const start = () => {
      const bench = new Told();
      benches.push(bench);
      return bench;
    };
    TestBed.configureTestingModule({
      providers: [TraceWork, { provide: REFLECT_BENCH, useValue: start }],
    });
    work = TestBed.inject(TraceWork);
  });
  const viewer = () => benches[0] as Told;
  const explainer = () => benches[1] as Told;
  async function begin(name: string) {
    work.file.set({ name, bytes: 'x' });
    const done = work.explain(NOTHING_TOLD);
    await turn();
    return done;
  }

  it('opens a file, then explains it, and tells how far it is', async () => {
    work.file.set({ name: 'a.csv', bytes: 'x' });
    const done = work.explain(NOTHING_TOLD);
    expect(work.progress()).toBe(0);
    viewer().asked[0]?.answer(OPENED);
    await turn();
    explainer().asked[0]?.progress(0.4);
    expect(work.progress()).toBe(0.4);
    explainer().asked[0]?.answer(EXPLAINED);
    expect(await done).toBeTrue();
    expect(work.progress()).toBeNull();
    expect(work.explained()).not.toBeNull();
  });

  it('shows what is seen at once until it is explained, and nothing of the file before', async () => {
    const first = begin('a.csv');
    await turn();
    viewer().asked[0]?.answer(OPENED);
    await turn();
    explainer().asked[0]?.answer(EXPLAINED);
    await first;
    const look = { places: [], launchAtS: 3e-9, rangeS: 1e-6 };
    const second = begin('b.csv');
    await turn();
    viewer().asked[1]?.answer({ ...OPENED, look });
    await turn();
    expect(work.opened()?.look).toEqual(look);
    expect(work.explained()).toBeNull();
    explainer().asked[1]?.answer(EXPLAINED);
    await second;
    expect(work.explained()).not.toBeNull();
  });

  it('shows what is plainly seen of what can’t be explained, and why it can’t', async () => {
    const done = begin('a.csv');
    await turn();
    viewer().asked[0]?.answer({ ...OPENED, look: { places: [], launchAtS: 0, rangeS: 1e-6 } });
    await turn();
    explainer().asked[0]?.answer({ ok: false, line: null, reason: fileUnread('cut off') });
    expect(await done).toBeFalse();
    expect(work.refused()).toBe('a.csv: cut off.');
    expect(work.opened()).not.toBeNull();
    expect(work.explained()).toBeNull();
  });

  it('tells where a file can’t be read', async () => {
    work.file.set({ name: 'bad.csv', bytes: 'x' });
    const done = work.explain(NOTHING_TOLD);
    viewer().asked[0]?.answer({ ok: false, line: 3, reason: fileUnread('x is no number') });
    expect(await done).toBeFalse();
    expect(work.refused()).toBe('bad.csv, line 3: x is no number.');
    expect(work.progress()).toBeNull();
  });

  it('says so where it fails though nobody let go of it', async () => {
    const done = begin('a.csv');
    await turn();
    viewer().asked[0]?.answer(OPENED);
    await turn();
    explainer().asked[0]?.fail();
    expect(await done).toBeFalse();
    expect(work.refused()).toMatch(/^a\.csv could not be worked out on this device\./);
    expect(work.progress()).toBeNull();
  });

  it('goes by the last file: what comes of an earlier one is not shown', async () => {
    const first = begin('a.csv');
    const second = begin('b.csv');
    await turn();
    viewer().asked[0]?.answer(OPENED);
    viewer().asked[1]?.answer({ ...OPENED, samples: 7 });
    expect(await first).toBeFalse();
    await turn();
    explainer().asked.at(-1)?.answer(EXPLAINED);
    expect(await second).toBeTrue();
    expect(work.opened()?.samples).toBe(7);
  });

  it('reads no file that is too large to be looked at, and says so', async () => {
    const large = new File(['x'], 'long.csv');
    Object.defineProperty(large, 'size', { value: 3e8 });
    expect(await work.read(large)).toBeNull();
    expect(work.refused()).toContain('long.csv is larger than 200 MB');
    expect((await work.read(new File(['abc'], 'a.csv')))?.bytes.length).toBe(3);
  });

  it('can be stopped, and lets go of everything for another link', async () => {
    const done = begin('a.csv');
    await turn();
    viewer().asked[0]?.answer(OPENED);
    await turn();
    work.stop();
    expect(await done).toBeFalse();
    expect(work.progress()).toBeNull();
    expect(explainer().dropped).toBeGreaterThan(0);
    // Who stopped it knows.
    expect(work.refused()).toBe('');
    work.clear();
    expect(work.file()).toBeNull();
    expect(await work.explain(NOTHING_TOLD)).toBeFalse();
  });
});
