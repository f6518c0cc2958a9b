import { TEST_STAGES, type TestStage, type TestStep } from './test-plan';

/** A result as it was recorded, in the order of time. */
export interface TestResult {
  readonly stepId: string;
  readonly pass: boolean;
  /** What was read, where it is a number. */
  readonly readV?: number | null;
}

export type StepState = 'passed' | 'failed' | 'stale' | 'open';

export interface TestState {
  readonly steps: readonly {
    readonly step: TestStep;
    readonly state: StepState;
    readonly readV: number | null;
  }[];
  /** The stage that may be worked on; null when all is done. */
  readonly stage: TestStage | null;
  readonly next: TestStep | null;
  readonly shellMayClose: boolean;
  readonly sentence: string;
}

const touches = (a: TestStep, b: TestStep): boolean =>
  'probes' in a &&
  'probes' in b &&
  a.probes.some((one) =>
    b.probes.some((two) => one.end === two.end && one.contact === two.contact),
  );

/**
 * How far the tests are. A later stage waits until the one before it has passed. What was measured before
 * a failure at the same contact is stale: the repair may have changed it.
 */
export function testState(steps: readonly TestStep[], results: readonly TestResult[]): TestState {
  const last = new Map(results.map((result, index) => [result.stepId, { ...result, index }]));
  const byId = new Map(steps.map((step) => [step.id, step]));
  const failures = results.flatMap(({ stepId, pass }, index) => {
    const step = byId.get(stepId);
    return step && !pass ? [{ step, index }] : [];
  });
  const stateOf = (step: TestStep): StepState => {
    const result = last.get(step.id);
    if (!result) return 'open';
    if (!result.pass) return 'failed';
    const repaired = failures.some(
      (failure) =>
        failure.step !== step && failure.index > result.index && touches(failure.step, step),
    );
    return repaired ? 'stale' : 'passed';
  };
  const told = steps.map((step) => ({
    step,
    state: stateOf(step),
    readV: last.get(step.id)?.readV ?? null,
  }));
  const stage = TEST_STAGES.find((name) =>
    told.some(({ step, state }) => step.stage === name && state !== 'passed'),
  );
  const waiting = told.filter(({ step, state }) => step.stage === stage && state !== 'passed');
  const failed = waiting.filter(({ state }) => state === 'failed');
  const next = failed[0] ?? waiting.find(({ state }) => state !== 'passed');
  const shellMayClose = steps.length > 0 && stage === undefined;
  return {
    steps: told,
    stage: stage ?? null,
    next: next?.step ?? null,
    shellMayClose,
    sentence: shellMayClose
      ? 'Every measurement passed: the shell may be closed.'
      : failed[0]
        ? `Repair, then measure again: ${failed[0].step.sentence}`
        : (next?.step.sentence ?? 'Nothing is joined yet, so there is nothing to test.'),
  };
}

/** Whether a voltage is what a step expects; null where the step states no range. */
export function voltsPass(step: TestStep, readV: number): boolean | null {
  if (step.kind !== 'volts' || step.ranges.length === 0) return null;
  return step.ranges.some(([from, to]) => readV >= from && readV <= to);
}
