import { BUILT_IN, DEFAULT_SCHOOLS } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { EVERY_PAIR, taskFor as task } from '../testing/tasks';
import { followPlan as followIn, tickKeys } from './follow-plan';
import { operationsFor, planTermination as planIn } from './plan-termination';
import type { TerminationTask } from './task';

const planTermination = (row: TerminationTask) => planIn(row, BUILT_IN);
const followPlan = (row: TerminationTask, ticked: ReadonlySet<string>) =>
  followIn(row, ticked, BUILT_IN);

describe('followPlan', () => {
  const keys = (row = task()) => planTermination(row).steps.flatMap(tickKeys);

  it('goes through every step to a made end, one tick at a time', () => {
    const ticked = new Set<string>();
    expect(followPlan(task(), ticked).state).toBe('bare');
    for (const key of keys()) {
      const progress = followPlan(task(), ticked);
      expect(progress.nextKey).toBe(key);
      ticked.add(key);
    }
    const progress = followPlan(task(), ticked);
    expect(progress.state).toBe('made');
    expect(progress.next).toBeNull();
  });

  it('tells at once that the boot was forgotten, and the way back', () => {
    const ticked = new Set(keys().filter((key) => key !== 'thread-boot'));
    const { late, next } = followPlan(task(), ticked);
    expect(late.map((part) => part.part)).toEqual(['boot']);
    expect(inEnglish(late[0]?.sentence)).toMatch(/other end if that is still bare/);
    expect(next).toBeNull();
    expect(followPlan(task({ otherEnd: 'bare' }), ticked).late).toEqual([]);
  });

  it('says the cheapest way back: undo what can be undone, else the end again', () => {
    const backshell = task({ cable: 'screened-8', connector: 'd-sub-9-soldered-plug' });
    const done = planTermination(backshell)
      .steps.map(({ id }) => id)
      .slice(0, 9);
    const ticked = (ids: string[], row: TerminationTask) =>
      new Set(
        planTermination(row)
          .steps.filter(({ id }) => ids.includes(id))
          .flatMap(tickKeys),
      );
    const without = done.filter((id) => id !== 'thread-backshell');
    const [late] = followPlan(backshell, ticked(without, backshell)).late;
    expect(late?.part).toBe('backshell');
    expect(late?.wayBack.kind).toBe('take-back');
    expect(late?.wayBack.stepIds).toContain('solder-cores');
    const bnc = task({ cable: 'rg-58', connector: 'bnc-crimp-50-rg-58' });
    const bncDone = planTermination(bnc)
      .steps.map(({ id }) => id)
      .filter((id) => id !== 'thread-ferrule')
      .slice(0, 14);
    const [ferrule] = followPlan(bnc, ticked(bncDone, bnc)).late;
    expect(ferrule?.part).toBe('ferrule');
    expect(ferrule?.wayBack.kind).toBe('remake');
    expect(inEnglish(ferrule?.sentence)).toMatch(/about \d+ minutes/);
  });

  it('keeps an end made when the job changes its school for what is done already', () => {
    const crimped = task({ cable: 'rg-58', connector: 'bnc-crimp-50-rg-58' });
    const ticked = new Set(keys(crimped));
    expect(followPlan(crimped, ticked).state).toBe('made');
    const soldered = { ...crimped, schools: { ...DEFAULT_SCHOOLS, pin: 'soldered' } };
    expect(followPlan(soldered, ticked).state).toBe('made');
    expect(followPlan(soldered, new Set()).next?.id).toBe(followPlan(crimped, new Set()).next?.id);
    const half = new Set([...ticked].filter((key) => key !== 'crimp-pin'));
    expect(followPlan(soldered, half).next?.id).toBe('solder-pin');
  });

  it('has an operation behind every step', () => {
    for (const row of EVERY_PAIR) {
      const known = new Set(operationsFor(row).map((operation) => operation.id));
      for (const step of planTermination(row).steps) expect(known.has(step.id)).toBeTrue();
    }
  });
});
