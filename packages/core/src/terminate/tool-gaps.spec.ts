import { BUILT_IN } from '../catalogue';
import { inEnglish } from '../testing/in-english';
import { EVERY_PAIR, taskFor } from '../testing/tasks';
import { planTermination, type TerminationPlan } from './plan-termination';
import { toolGaps } from './tool-gaps';

const plans = EVERY_PAIR.map((task) => planTermination(task, BUILT_IN)).filter(
  (plan) => plan.fit.ok,
);

const plan = (connector: string) => planTermination(taskFor({ connector }), BUILT_IN);

const gapsOf = (
  { steps }: TerminationPlan,
  missing: ReadonlySet<string>,
  isLeft?: (step: { readonly id: string }) => boolean,
) => inEnglish(toolGaps(steps, (tool) => !missing.has(tool), isLeft));

describe('toolGaps', () => {
  it('are none with every tool at hand, or with none missing that is asked for', () => {
    for (const row of plans) {
      expect(gapsOf(row, new Set())).toEqual([]);
      expect(gapsOf(row, new Set(['torch', 'ladder']))).toEqual([]);
    }
  });

  it('tell every missing tool once, with the steps that ask for it', () => {
    for (const row of plans) {
      const gaps = gapsOf(row, new Set(row.tools));
      expect(gaps.map(({ tool }) => tool).sort()).toEqual([...row.tools].sort());
      for (const { tool, stepIds, sentence } of gaps) {
        expect(sentence).toMatch(/^No .+\. .+\.$/);
        for (const id of stepIds)
          expect(row.steps.find((step) => step.id === id)?.tools).toContain(tool);
      }
    }
  });

  it('go round a missing blade, but never round a missing punch-down tool', () => {
    const [bladed] = gapsOf(plan('plug-8p8c-pass-through'), new Set(['pass-through crimper']));
    expect(bladed?.canGoOn).toBeTrue();
    expect(bladed?.sentence).toContain('trim what stands out of the nose');
    const [none] = gapsOf(
      plan('plug-8p8c-pass-through'),
      new Set(['pass-through crimper', 'modular crimper']),
    );
    expect(none?.canGoOn).toBeFalse();
    const [punch] = gapsOf(plan('keystone-punch-down'), new Set(['punch-down tool']));
    expect(punch?.canGoOn).toBeFalse();
    expect(punch?.sentence).toContain('a screwdriver widens the slots');
  });

  it('put first what stops the work, and forget a tool whose steps are done', () => {
    const missing = new Set(['label printer', 'punch-down tool']);
    const gaps = gapsOf(plan('keystone-punch-down'), missing);
    expect(gaps.map(({ tool }) => tool)).toEqual(['punch-down tool', 'label printer']);
    const after = gapsOf(plan('keystone-punch-down'), missing, (step) => step.id !== 'punch');
    expect(after.map(({ tool }) => tool)).toEqual(['label printer']);
  });

  it('never send a person from one missing tool to another missing one', () => {
    for (const row of plans) {
      const both = gapsOf(row, new Set(['flush cutter', 'side cutter', ...row.tools]));
      for (const gap of both)
        if (gap.canGoOn) expect(gap.sentence).not.toMatch(/the (flush|side) cutter/);
    }
  });
});
