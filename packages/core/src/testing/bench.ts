import type { Cable } from '../catalogue';
import type { Step, TerminationPlan } from '../terminate';

/**
 * A cable's end on a bench, apart from the planner: it knows what is on the cable, what is cut, what is
 * fixed and covered, and refuses what hands could not do. It reads only what a step says it does.
 */
interface Bench {
  readonly threaded: Set<string>;
  readonly used: Set<string>;
  readonly bared: Set<string>;
  readonly dealt: Set<string>;
  barrier: string | null;
  covered: boolean;
  laid: boolean;
  /** Whether something was laid or set and not yet looked at. */
  unchecked: boolean;
  checkedAfterFixing: boolean;
}

/** What goes over the cable before the connector and is moved up afterwards. */
const SLID_UP = new Set(['boot', 'ferrule', 'shrink', 'sleeves', 'backshell', 'relief']);

/** What nothing slides over once it is on. */
const BARRIERS: readonly (readonly [operation: Step['operation'], part: RegExp])[] = [
  ['crimp', /plug|ferrule/],
  ['compress', /connector/],
  ['screw', /connector/],
  ['press', /./],
  ['insert', /body|housing/],
  ['solder', /^$|joint|sleeves|contacts/],
  ['twist', /joint/],
];

/** What can't be looked at any more, and so must have been looked at before. */
const isGuarded = ({ operation, part: name }: Step) =>
  ['crimp', 'compress', 'press'].includes(operation) && name !== 'pin' && name !== 'contacts';

/** Done from outside on what is closed already. */
const OUTSIDE = new Set<Step['operation']>([
  'label',
  'check',
  'wrap',
  'mark',
  'shrink',
  'close',
  'tie',
]);

const part = (step: Step) => step.part ?? '';
const isShield = (layer: string | undefined) => layer === 'foil' || layer === 'braid';

type Rule = (step: Step, bench: Bench, cable: Cable, otherEnd: 'bare' | 'made') => string | null;

const RULES: readonly Rule[] = [
  (step, bench, _, otherEnd) =>
    step.operation === 'thread-on' && bench.barrier && otherEnd === 'made'
      ? `${part(step)} can't pass the ${bench.barrier}`
      : null,
  (step, bench) =>
    ['seat', 'close', 'shrink'].includes(step.operation) &&
    SLID_UP.has(part(step)) &&
    !bench.threaded.has(part(step))
      ? `${part(step)} is moved up and was never slid on`
      : null,
  (step, bench) =>
    ['clean', 'untwist', 'tin'].includes(step.operation) ||
    (step.operation === 'fold' && isShield(step.layer)) ||
    (step.operation === 'cut' && isShield(step.layer)) ||
    (step.operation === 'strip' && step.layer !== 'jacket')
      ? bench.bared.has('jacket')
        ? null
        : `${step.id} under a whole jacket`
      : null,
  (step, bench, cable) =>
    ['order', 'insert', 'untwist'].includes(step.operation) && cable.family !== 'coax'
      ? (['gel', 'inner-jacket', 'pair-foil'].find(
          (held) => cable.parts.includes(held as never) && !bench.dealt.has(held),
        ) ?? null)
      : null,
  (step, bench, cable) =>
    ['order', 'insert', 'untwist'].includes(step.operation) &&
    cable.family !== 'coax' &&
    cable.shield !== 'none' &&
    !bench.dealt.has('shield')
      ? 'a loose shield among the cores'
      : null,
  (step, bench) =>
    step.layer === 'dielectric' && !bench.dealt.has('shield') ? 'the braid is in the way' : null,
  (step, bench) =>
    step.operation === 'tin' && !bench.bared.has('insulation') ? 'tinned through insulation' : null,
  (step, bench) => (isGuarded(step) && bench.unchecked ? 'fixed before it was looked at' : null),
  (step, bench) => (isGuarded(step) && !bench.laid ? 'fixed with nothing in it' : null),
  (step, bench) =>
    bench.covered && !OUTSIDE.has(step.operation) ? `${step.id} under a cover` : null,
  (step, bench) =>
    step.operation === 'check' && bench.covered && /joint|inspect/.test(step.id)
      ? 'looked at under a cover'
      : null,
  (step) =>
    step.operation === 'check' && step.checks.length === 0 ? 'a stop without a check' : null,
];

function act(step: Step, bench: Bench): void {
  const { operation, layer } = step;
  if (operation === 'thread-on') bench.threaded.add(part(step));
  if (['seat', 'close', 'shrink', 'fold', 'solder'].includes(operation)) bench.used.add(part(step));
  if (operation === 'strip') {
    if (layer === 'jacket' && bench.bared.has('jacket')) bench.dealt.add('inner-jacket');
    bench.bared.add(layer ?? '');
  }
  if (operation === 'clean') bench.dealt.add('gel');
  if (operation === 'cut' && layer === 'foil' && bench.dealt.has('shield'))
    bench.dealt.add('pair-foil');
  if ((operation === 'fold' || operation === 'cut') && isShield(layer)) bench.dealt.add('shield');
  if (['insert', 'screw', 'twist', 'seat', 'order'].includes(operation)) {
    bench.laid = true;
    bench.unchecked = true;
  }
  if (operation === 'check') {
    bench.unchecked = false;
    if (bench.barrier) bench.checkedAfterFixing = true;
  }
  const barred = BARRIERS.some(([kind, what]) => kind === operation && what.test(part(step)));
  if (barred) {
    bench.barrier = part(step) || 'connector';
    bench.checkedAfterFixing = false;
  }
  if (operation === 'shrink' && part(step) === 'shrink') bench.covered = true;
  if (operation === 'close' && /hood|socket|backshell/.test(part(step))) bench.covered = true;
}

/** Acts a plan out; the first thing that hands could not do, or null if the end is made. */
export function actOut(
  plan: TerminationPlan,
  cable: Cable,
  otherEnd: 'bare' | 'made',
): string | null {
  const bench: Bench = {
    threaded: new Set(),
    used: new Set(),
    bared: new Set(cable.parts.includes('flat') && cable.family === 'ribbon' ? ['jacket'] : []),
    dealt: new Set(),
    barrier: null,
    covered: false,
    laid: false,
    unchecked: false,
    checkedAfterFixing: false,
  };
  for (const step of plan.steps) {
    for (const rule of RULES) {
      const broken = rule(step, bench, cable, otherEnd);
      if (broken) return `${step.id}: ${broken}`;
    }
    act(step, bench);
  }
  const forgotten = [...bench.threaded].find((name) => !bench.used.has(name));
  if (forgotten) return `the ${forgotten} was slid on and never moved up`;
  if (!bench.barrier) return 'nothing was fixed';
  if (!bench.checkedAfterFixing) return 'the finished end was not looked at';
  return plan.steps.some(({ operation }) => operation === 'label') ? null : 'the end has no label';
}
