import { BUILT_IN } from '../catalogue';
import { actOut } from '../testing/bench';
import { inEnglish } from '../testing/in-english';
import { seeded } from '../testing/seeded';
import { EVERY_PAIR, taskFor } from '../testing/tasks';
import { changes, planBatch, precedence, type BatchEnd } from './batch';
import type { Operation } from './operation';
import { operationsFor, planTermination } from './plan-termination';
import type { TerminationTask } from './task';

const fitting = EVERY_PAIR.filter((task) => planTermination(task, BUILT_IN).fit.ok);
const batchOf = (tasks: readonly TerminationTask[]): BatchEnd[] =>
  tasks.map((task, index) => ({ id: String(index), task }));

/** The fewest changes of tool over every order of every end, one operation at a time. */
function bruteForce(tasks: readonly TerminationTask[]): number {
  const ends = tasks.map((task) => {
    const operations: readonly Operation[] = operationsFor(task);
    return { operations, before: precedence(operations) };
  });
  const all = ends.map(({ operations }) => 2 ** operations.length - 1).join();
  let edge = new Map([[`${ends.map(() => 0).join()}|`, 0]]);
  const best = new Map<string, number>();
  for (;;) {
    const next = new Map<string, number>();
    for (const [key, cost] of edge) {
      const [masks = '', tool = ''] = key.split('|');
      const done = masks.split(',').map(Number);
      ends.forEach(({ operations, before }, end) => {
        operations.forEach((operation, place) => {
          const mask = done[end] ?? 0;
          if (mask & (1 << place)) return;
          if (!(before[place] ?? []).every((needed) => mask & (1 << needed))) return;
          const wanted = operation.tools[0] ?? '';
          const held = wanted || tool;
          const paid = cost + (wanted && tool && wanted !== tool ? 1 : 0);
          const after = done.with(end, mask | (1 << place)).join();
          const to = `${after}|${held}`;
          if ((best.get(to) ?? Infinity) <= paid) return;
          best.set(to, paid);
          next.set(to, paid);
        });
      });
    }
    if (next.size === 0)
      return Math.min(
        ...[...best].filter(([key]) => key.startsWith(`${all}|`)).map(([, cost]) => cost),
      );
    edge = next;
  }
}

describe('planBatch', () => {
  it('makes twelve patch cords with the tools of one, each taken once for all', () => {
    const cord = taskFor({ cable: 'cat5e-uutp-stranded' });
    const one = planBatch(batchOf([cord]), BUILT_IN);
    const many = planBatch(batchOf(Array.from({ length: 24 }, () => cord)), BUILT_IN);
    expect(many.toolChanges).toBe(one.toolChanges);
    expect(many.changesOneByOne).toBeGreaterThan(20 * many.toolChanges);
    expect(many.proven).toBeTrue();
    for (const { work } of many.sessions) expect(work.length).toBe(24);
  });

  it('does every step of every end once, in an order that hands can do', () => {
    const random = seeded(8);
    for (let round = 0; round < 40; round += 1) {
      const tasks = Array.from({ length: 1 + random.below(6) }, () => random.pick(fitting));
      const plan = planBatch(batchOf(tasks), BUILT_IN);
      tasks.forEach((task, index) => {
        const steps = plan.sessions.flatMap(({ work }) =>
          work.filter(({ endId }) => endId === String(index)).flatMap((row) => row.steps),
        );
        const whole = planTermination(task, BUILT_IN);
        expect(steps.map(({ id }) => id).sort()).toEqual(whole.steps.map(({ id }) => id).sort());
        expect(actOut(inEnglish({ ...whole, steps }), task.cable, 'made'))
          .withContext(`${task.connector.id} on ${task.cable.id}`)
          .toBeNull();
      });
      for (const { tool, work } of plan.sessions)
        for (const { steps } of work)
          for (const step of steps) expect(['', tool]).toContain(step.tools[0] ?? '');
    }
  });

  it('needs no more changes of tool than the best of all orders', () => {
    const random = seeded(21);
    const small = fitting.filter((task) => operationsFor(task).length <= 12);
    for (let round = 0; round < 6; round += 1) {
      const tasks = [random.pick(small), random.pick(small)];
      expect(planBatch(batchOf(tasks), BUILT_IN).toolChanges)
        .withContext(tasks.map(({ connector }) => connector.id).join())
        .toBe(bruteForce(tasks));
    }
  });

  it('ends in time with hundreds of ends of every kind, and says when it is not proven', () => {
    const tasks = fitting.filter((_, index) => index % 3 === 0);
    const plan = planBatch(batchOf(tasks), BUILT_IN);
    expect(plan.refused).toEqual([]);
    expect(plan.toolChanges).toBeLessThan(plan.changesOneByOne / 10);
    const steps = plan.sessions.flatMap(({ work }) => work.flatMap((row) => row.steps));
    const wanted = tasks.map((task) => planTermination(task, BUILT_IN).steps.length);
    expect(steps.length).toBe(wanted.reduce((sum, count) => sum + count, 0));
  });

  it('reads a plug just before it is crimped, not a tool earlier', () => {
    const cord = taskFor({ cable: 'cat5e-uutp-stranded' });
    const { sessions } = planBatch(batchOf([cord, cord]), BUILT_IN);
    const crimps = sessions.filter(({ work }) =>
      work.some(({ steps }) => steps.some(({ id }) => id === 'crimp')),
    );
    expect(crimps.length).toBe(1);
    for (const { steps } of crimps[0]?.work ?? []) {
      const ids = steps.map(({ id }) => id);
      expect(ids.indexOf('read-before-crimp')).toBe(ids.indexOf('crimp') - 1);
    }
  });

  it('slides every boot on before the first cut at any end', () => {
    const cord = taskFor({ cable: 'cat5e-uutp-stranded' });
    const [first] = planBatch(batchOf([cord, cord]), BUILT_IN).sessions;
    expect(first?.tool).toBe('');
    for (const { steps } of first?.work ?? [])
      expect(steps.map(({ id }) => id)).toContain('thread-boot');
  });

  it('leaves out what can’t be made, and says so', () => {
    const bad = taskFor({ cable: 'cat6a-uutp-solid' });
    const { refused, sessions } = planBatch(batchOf([taskFor(), bad]), BUILT_IN);
    expect(refused).toEqual(['1']);
    expect(sessions.some(({ work }) => work.some(({ endId }) => endId === '1'))).toBeFalse();
    expect(planBatch([], BUILT_IN).sessions).toEqual([]);
  });

  it('counts changes, not tools, and nothing for bare hands', () => {
    expect(changes(['', 'a', '', 'a', 'b', 'b', '', 'a'])).toBe(2);
    expect(changes([])).toBe(0);
  });
});
