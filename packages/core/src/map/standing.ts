import type { End } from '../link';
import {
  buzzInReach,
  compareWithDrawing,
  planWalk,
  readWalk,
  type Buzzed,
  type BuzzTask,
  type Difference,
  type Label,
  type ProbeReading,
  type Ties,
  type WalkPlan,
  type Walked,
} from './buzz';
import { portsFed } from './fed';
import { crossesOver } from './nets';
import type { Solution } from './solution';
import type { MapTask } from './solve';
import { planTests } from './test-plan';
import { testState, type TestState } from './test-state';

/** What is being told apart: bare cores by their colours, or the contacts of a finished lead. */
export const SUBJECTS = ['cores', 'contacts'] as const;
export type Subject = (typeof SUBJECTS)[number];
export const DECISIONS = ['accepted', 'to-correct'] as const;
export type Decision = (typeof DECISIONS)[number];

/** Something that was done with an adapter. */
export type AdapterDeed =
  | {
      readonly kind: 'test';
      readonly stepId: string;
      readonly pass: boolean;
      readonly readV: number | null;
    }
  | { readonly kind: 'probe'; readonly subject: Subject; readonly probe: ProbeReading }
  | {
      readonly kind: 'walk';
      readonly subject: Subject;
      readonly far: Ties;
      readonly near: Ties | null;
    }
  | {
      readonly kind: 'difference';
      readonly differenceId: string;
      readonly decision: Decision;
      readonly note: string;
    }
  /** Probing begins anew, because something was soldered. */
  | { readonly kind: 'restart'; readonly subject: Subject };

export type AdapterFact = { readonly id: string } & { readonly deed: AdapterDeed };

export interface Decided extends Difference {
  readonly decision: Decision | null;
  readonly note: string;
}

export interface BuzzStanding {
  readonly task: BuzzTask;
  readonly buzzed: Buzzed;
  readonly walkPlan: WalkPlan | null;
  readonly walked: Walked;
  /** Labels from whichever way has told them. */
  readonly labels: readonly Label[];
  readonly over: boolean;
  readonly differences: readonly Decided[];
}

export interface AdapterStanding {
  readonly tests: TestState;
  readonly buzz: Readonly<Record<Subject, BuzzStanding>>;
  /** For whoever comes next: differences that were accepted, corrections that wait. */
  readonly remarks: readonly string[];
}

/** What there is to tell apart, and what the drawing says of it. */
function buzzTaskOf(subject: Subject, { cable, far }: MapTask, { nets }: Solution): BuzzTask {
  if (subject === 'cores') {
    const cores = cable?.cores.map(({ id }) => id) ?? [];
    return { near: cores, far: cores, expected: cores.map((id) => ({ near: id, far: id })) };
  }
  const through = nets.filter((net) => crossesOver(net) && net.core !== 'shield');
  const first = (end: End) => through.flatMap((net) => net[end][0] ?? []);
  const drawn = first('far');
  const open = far.contacts
    .map(({ contact }) => contact)
    .filter((contact) => !nets.some((net) => net.far.includes(contact)));
  return {
    near: first('near'),
    // A core may have landed on a contact that the drawing leaves open.
    far: [...drawn, ...open],
    expected: first('near').map((contact, index) => ({ near: contact, far: drawn[index] ?? '' })),
  };
}

const NOT_WALKED: Walked = {
  next: 'read-far',
  farTies: null,
  labels: [],
  contradictions: [],
  unproven: [],
};

function buzzOf(
  subject: Subject,
  deeds: readonly AdapterFact[],
  task: BuzzTask,
): Omit<BuzzStanding, 'differences'> & { readonly drawn: readonly Difference[] } {
  const own = deeds.flatMap(({ deed }) =>
    'subject' in deed && deed.subject === subject ? [deed] : [],
  );
  const since = own.slice(own.findLastIndex(({ kind }) => kind === 'restart') + 1);
  const readings = since.flatMap((deed) => (deed.kind === 'probe' ? [deed.probe] : []));
  const walk = since.findLast((deed) => deed.kind === 'walk');
  const buzzed = buzzInReach(task, readings);
  const walkPlan = task.near.length > 0 ? planWalk(task.near.length) : null;
  const walked = walk && walkPlan ? readWalk(walkPlan, walk) : NOT_WALKED;
  const name = (ends: readonly string[], number: number) => ends[number - 1] ?? String(number);
  const fromWalk = walked.labels.map(({ near, far }) => ({
    near: name(task.near, near),
    far: name(task.far, far),
  }));
  const byWalk = walked.next === 'done';
  const labels = byWalk ? fromWalk : buzzed.labels;
  const over = task.near.length > 0 && (byWalk || buzzed.stage === 'done');
  const contradictions = byWalk ? [] : buzzed.contradictions;
  return {
    task,
    buzzed,
    walkPlan,
    walked,
    labels,
    over,
    drawn:
      readings.length > 0 || byWalk
        ? compareWithDrawing(task.expected, labels, contradictions, over)
        : [],
  };
}

/** Measurements alone close no shell: not over a question, a stop, or a correction that waits. */
function heldBack(tests: TestState, waiting: readonly string[]): TestState {
  const [first] = waiting;
  return tests.shellMayClose && first !== undefined
    ? { ...tests, shellMayClose: false, sentence: `Every measurement passed, but: ${first}` }
    : tests;
}

/** Where an adapter stands, from everything that was done with it and stands. */
export function adapterStanding(
  task: MapTask,
  solution: Solution,
  deeds: readonly AdapterFact[],
): AdapterStanding {
  const results = deeds.flatMap(({ deed }) => (deed.kind === 'test' ? [deed] : []));
  const decisions = new Map(
    deeds.flatMap(({ deed }) =>
      deed.kind === 'difference' ? [[deed.differenceId, deed] as const] : [],
    ),
  );
  const standing = (subject: Subject): BuzzStanding => {
    const { drawn, ...rest } = buzzOf(subject, deeds, buzzTaskOf(subject, task, solution));
    return {
      ...rest,
      differences: drawn.map((difference) => ({
        ...difference,
        decision: decisions.get(difference.id)?.decision ?? null,
        note: decisions.get(difference.id)?.note ?? '',
      })),
    };
  };
  const buzz = { cores: standing('cores'), contacts: standing('contacts') };
  const tests = testState(
    planTests(solution, portsFed({ near: task.near, far: task.far }, task.options.joins)),
    results,
  );
  return {
    tests: heldBack(tests, [
      ...solution.questions.map(({ sentence }) => sentence),
      ...solution.findings.flatMap(({ severity, sentence }) =>
        severity === 'stop' ? [sentence] : [],
      ),
      ...buzz.contacts.differences.flatMap(({ decision, sentence, correction }) =>
        decision === 'accepted' ? [] : [decision === 'to-correct' ? correction : sentence],
      ),
    ]),
    buzz,
    remarks: buzz.contacts.differences.flatMap(({ sentence, correction, decision, note }) =>
      decision === 'accepted'
        ? [`Found and accepted: ${sentence}${note === '' ? '' : ` ${note}`}`]
        : decision === 'to-correct'
          ? [`To correct: ${correction}`]
          : [`Found: ${sentence}`],
    ),
  };
}
