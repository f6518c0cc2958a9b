import { BUILT_IN } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { taskFor } from '../testing/tasks';
import { kitFor } from './kit';
import { paceOf, type PacedTick } from './pace';

const at = (second: number) => new Date(Date.UTC(2026, 4, 4, 8, 0, second)).toISOString();
const tick = (key: string, second: number, rest: Partial<PacedTick> = {}): PacedTick => ({
  key,
  done: true,
  at: at(second),
  author: 'tech 1',
  ...rest,
});
const usual = new Map([
  ['strip', 20],
  ['read', 20],
  ['crimp', 8],
]);

describe('paceOf', () => {
  it('keeps the catalogue’s time where nothing was seen', () => {
    expect(paceOf([], 'tech 1', usual).get('strip')).toEqual(
      jasmine.objectContaining({ seconds: 20, count: 0 }),
    );
  });

  it('draws toward what a person needs, the more the oftener it was seen, and grows surer', () => {
    const rounds = (count: number) =>
      Array.from({ length: count }, (_, index) => [
        tick('strip', 100 * index),
        tick('crimp', 100 * index + 30),
      ]).flat();
    const few = paceOf(rounds(2), 'tech 1', usual).get('crimp');
    const many = paceOf(rounds(50), 'tech 1', usual).get('crimp');
    expect(few?.count).toBe(2);
    expect(few?.seconds).toBeGreaterThan(8);
    expect(few?.seconds).toBeLessThan(many?.seconds ?? 0);
    expect(many?.seconds).toBeCloseTo((3 * 8 + 50 * 30) / 53, 9);
    expect(many?.u).toBeLessThan(few?.u ?? 0);
  });

  it('counts the checks of a stop together, and nobody else’s ticks', () => {
    const ticks = [
      tick('strip', 0),
      tick('read/order', 10),
      tick('strip', 15, { author: 'tech 2' }),
      tick('read/copper', 25),
      tick('read/jacket', 40),
    ];
    const read = paceOf(ticks, 'tech 1', usual).get('read');
    expect(read?.count).toBe(1);
    expect(read?.seconds).toBeCloseTo((3 * 20 + 40) / 4, 9);
  });

  it('learns nothing from steps that were ticked together, nor from the first of them', () => {
    const ticks = [
      tick('boot', 0),
      tick('strip', 600),
      tick('read/order', 601),
      tick('crimp', 602),
      tick('strip', 640),
    ];
    const pace = paceOf(ticks, 'tech 1', usual);
    expect(['strip', 'read', 'crimp'].map((step) => pace.get(step)?.count)).toEqual([1, 0, 0]);
    expect(pace.get('strip')?.seconds).toBeCloseTo((3 * 20 + 38) / 4, 9);
  });

  it('does not count a pause, ticks set at once, or a tick that was taken back', () => {
    const ticks = [
      tick('strip', 0),
      tick('crimp', 4000),
      tick('strip', 4001),
      tick('crimp', 4020, { done: false }),
    ];
    const pace = paceOf(ticks, 'tech 1', usual);
    expect([pace.get('crimp')?.count, pace.get('strip')?.count]).toEqual([0, 0]);
  });
});

describe('kitFor', () => {
  const counts = (kit: ReturnType<typeof kitFor>) =>
    Object.fromEntries(inEnglish(kit.parts).map(({ name, count }) => [name, count]));

  it('counts parts by the end and by the core, and tools once', () => {
    const plug = taskFor();
    const kit = kitFor([plug, plug, plug], BUILT_IN);
    expect(counts(kit)).toEqual({ '8P8C plug': 3, Boot: 3, Label: 3 });
    expect(new Set(kit.tools).size).toBe(kit.tools.length);
    const soldered = kitFor(
      [taskFor({ cable: 'screened-8', connector: 'd-sub-9-soldered-plug' })],
      BUILT_IN,
    );
    expect(counts(soldered)['Sleeve, one core']).toBe(8);
    const gel = kitFor([taskFor({ cable: 'telephone-2-pair', connector: 'splice-gel' })], BUILT_IN);
    expect(counts(gel)['Inline splice, gel connector']).toBe(4);
  });

  it('adds up time at the person’s own pace, and leaves out what can’t be made', () => {
    const usualTime = kitFor([taskFor()], BUILT_IN).seconds;
    expect(kitFor([taskFor()], BUILT_IN, (_, seconds) => 2 * seconds).seconds).toBe(2 * usualTime);
    const bad = kitFor([taskFor({ cable: 'cat6a-uutp-solid' })], BUILT_IN);
    expect(bad).toEqual({ parts: [], tools: [], seconds: 0, refused: 1 });
  });
});
