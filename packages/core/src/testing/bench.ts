import type { Cable } from '../catalogue';
import type { Told } from '@near-spoke/words';
import type { Step as PlannedStep, TerminationPlan as Planned } from '../terminate';

type Step = Told<PlannedStep>;
type TerminationPlan = Told<Planned>;

/**
 * A cable's end on a bench, apart from the planner: it knows what is on the cable and in what order, what is
 * cut, covered, fixed or only laid, what pulls on what, and refuses what hands could not do. It reads only
 * what a step says it does: its operation, its part and layer, and its words.
 */
interface Bench {
  /** What lies over the jacket and is not in its place yet: the last one is nearest to the cut end. */
  readonly back: string[];
  readonly threaded: Set<string>;
  readonly used: Set<string>;
  readonly bared: Set<string>;
  readonly dealt: Set<string>;
  drain: 'inside' | 'free' | 'wound' | 'posted' | 'cut';
  /** Whether a shield was folded back to be joined, and whether its joint was looked at. */
  shield: 'none' | 'folded' | 'looked-at';
  barrier: string | null;
  covered: boolean;
  laid: 'none' | 'some' | 'all';
  pressed: boolean;
  trimmedFlush: boolean;
  /** Whether something was laid or set and not yet looked at. */
  unchecked: boolean;
  checkedAfterFixing: boolean;
}

/** What goes over the jacket before the connector and is moved up afterwards. */
const OVER_JACKET = new Set(['boot', 'ferrule', 'shrink', 'backshell', 'relief']);
/** The same, and what goes over single cores. */
const SLID_UP = new Set([...OVER_JACKET, 'sleeves']);

/** What nothing slides over once it is on. */
const BARRIERS: readonly (readonly [operation: Step['operation'], part: RegExp])[] = [
  ['crimp', /plug|ferrule/],
  ['compress', /connector/],
  ['screw', /connector|terminals/],
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
const movesUp = ({ operation }: Step) =>
  ['seat', 'close', 'shrink', 'fold', 'solder'].includes(operation);
/** Whether a step has its hands or its eyes on what lies under a shield. */
const isUnderShield = (step: Step) =>
  ['pairs', 'conductors', 'insulation'].includes(step.layer ?? '') ||
  ['clean', 'untwist', 'order'].includes(step.operation) ||
  (step.operation === 'check' && /^Look at the (conductors|cores)/.test(step.instruction));

interface Hands {
  readonly bench: Bench;
  readonly cable: Cable;
  readonly otherEnd: 'bare' | 'made';
  readonly plan: TerminationPlan;
}

type Rule = (step: Step, hands: Hands) => string | null;

/** What lies where. */
const MATTER: readonly Rule[] = [
  (step, { bench, otherEnd }) =>
    step.operation === 'thread-on' && bench.barrier && otherEnd === 'made'
      ? `${part(step)} can't pass the ${bench.barrier}`
      : null,
  (step, { bench }) =>
    ['seat', 'close', 'shrink'].includes(step.operation) &&
    SLID_UP.has(part(step)) &&
    !bench.threaded.has(part(step))
      ? `${part(step)} is moved up and was never slid on`
      : null,
  (step, { bench }) => {
    const at = bench.back.indexOf(part(step));
    const between = movesUp(step) && at >= 0 ? bench.back[at + 1] : undefined;
    return between ? `the ${between} lies between the ${part(step)} and the cut end` : null;
  },
  (step, { bench }) =>
    ['clean', 'untwist', 'tin'].includes(step.operation) ||
    (['fold', 'cut'].includes(step.operation) && isShield(step.layer)) ||
    (step.operation === 'strip' && !['jacket', 'to-centre'].includes(step.layer ?? ''))
      ? bench.bared.has('jacket')
        ? null
        : `${step.id} under a whole jacket`
      : null,
  (step, { bench, cable }) =>
    isUnderShield(step) &&
    cable.family !== 'coax' &&
    bench.bared.has('jacket') &&
    cable.shield !== 'none' &&
    !bench.dealt.has('shield')
      ? 'what it touches lies under the shield'
      : null,
  (step, { bench, cable }) =>
    ['order', 'insert', 'untwist'].includes(step.operation) && cable.family !== 'coax'
      ? (['gel', 'dry-block', 'inner-jacket', 'pair-foil'].find(
          (held) => cable.parts.includes(held as never) && !bench.dealt.has(held),
        ) ?? null)
      : null,
  (step, { bench }) =>
    step.layer === 'dielectric' && !bench.dealt.has('shield') ? 'the braid is in the way' : null,
  (step, { bench }) =>
    step.operation === 'tin' && !bench.bared.has('insulation') ? 'tinned through insulation' : null,
  (step, { bench }) =>
    bench.covered && !OUTSIDE.has(step.operation) ? `${step.id} under a cover` : null,
  (step, { bench }) =>
    step.operation === 'wrap' && part(step) === 'tape' && bench.back.includes('shrink')
      ? 'taped before the shrink is over it'
      : null,
  (step) =>
    step.operation === 'wrap' && /\bmated\b/.test(step.instruction)
      ? 'nothing is mated on the bench'
      : null,
  (step, { bench }) =>
    /drain wire on its post/.test(step.instruction) && bench.drain === 'wound'
      ? 'the drain wire is wound round the foil'
      : null,
];

/** What pulls on what. */
const PULLS: readonly Rule[] = [
  (step, { bench }) =>
    step.operation === 'tie' && bench.trimmedFlush && !bench.pressed
      ? 'it pulls on ends that were trimmed flush'
      : null,
  (step, { bench }) =>
    step.operation === 'tie' && bench.laid === 'all' && !bench.pressed
      ? 'it pulls the cores out of their slots'
      : null,
  (step, { bench }) =>
    step.operation === 'tie' && bench.pressed && !/loose|hood/.test(step.instruction)
      ? 'it pulls on cores that hold only in their slots'
      : null,
];

/** What has to be seen before it can't be. */
const EYES: readonly Rule[] = [
  (step, { bench }) =>
    isGuarded(step) && bench.unchecked ? 'fixed before it was looked at' : null,
  (step, { bench }) =>
    isGuarded(step) && bench.laid === 'none' ? 'fixed with nothing in it' : null,
  (step, { bench }) =>
    step.operation === 'check' && bench.covered && /joint|inspect/.test(step.id)
      ? 'looked at under a cover'
      : null,
  (step) =>
    step.operation === 'check' && step.checks.length === 0 ? 'a stop without a check' : null,
  (step, { bench, cable }) =>
    cable.family !== 'coax' &&
    bench.shield === 'folded' &&
    ((step.operation === 'close' && part(step) === 'hood') ||
      (step.operation === 'crimp' && part(step) === 'plug'))
      ? 'the shield’s joint is shut in before anyone looked at it'
      : null,
];

/** What the words name has to be at hand. */
const WORDS: readonly Rule[] = [
  (step, { plan }) =>
    /\btie it\b|^Tie the|\bthe tie\b/.test(step.instruction) && !plan.parts.includes('tie')
      ? 'a tie is asked for that is not among the parts'
      : null,
];

const RULES = [...MATTER, ...PULLS, ...EYES, ...WORDS];

function act(step: Step, bench: Bench): void {
  const { operation, layer } = step;
  const name = part(step);
  if (operation === 'thread-on') {
    bench.threaded.add(name);
    if (OVER_JACKET.has(name)) bench.back.push(name);
  }
  if (movesUp(step)) {
    bench.used.add(name);
    if (bench.back.includes(name)) bench.back.splice(bench.back.indexOf(name), 1);
  }
  if (operation === 'strip') {
    if (layer === 'jacket' && bench.bared.has('jacket')) bench.dealt.add('inner-jacket');
    for (const bared of layer === 'to-centre' ? ['jacket', 'dielectric'] : [layer ?? ''])
      bench.bared.add(bared);
  }
  if (operation === 'clean') bench.dealt.add('gel');
  if (operation === 'cut' && layer === 'tape') bench.dealt.add('dry-block');
  if (operation === 'cut' && layer === 'foil' && bench.dealt.has('shield'))
    bench.dealt.add('pair-foil');
  if ((operation === 'fold' || operation === 'cut') && isShield(layer)) {
    bench.dealt.add('shield');
    if (operation === 'fold' && bench.shield === 'none') bench.shield = 'folded';
  }
  actOnDrain(step, bench);
  if (
    operation === 'check' &&
    bench.shield === 'folded' &&
    /foil|braid|drain|shield/i.test(step.checks.map(({ text }) => text).join(' ')) &&
    bench.laid !== 'none'
  )
    bench.shield = 'looked-at';
  if (operation === 'trim' && /flush with/.test(step.instruction)) bench.trimmedFlush = true;
  if (['insert', 'screw', 'twist', 'seat', 'order'].includes(operation)) {
    const some = operation === 'order' || /two lower pairs/.test(step.instruction);
    if (bench.laid !== 'all') bench.laid = some ? 'some' : 'all';
    bench.unchecked = true;
  }
  if (operation === 'press') bench.pressed = true;
  if (operation === 'check') {
    bench.unchecked = false;
    if (bench.barrier) bench.checkedAfterFixing = true;
  }
  const barred = BARRIERS.some(([kind, what]) => kind === operation && what.test(name));
  if (barred) {
    bench.barrier = name || 'connector';
    bench.checkedAfterFixing = false;
  }
  if (operation === 'shrink' && name === 'shrink') bench.covered = true;
  if (operation === 'close' && /hood|socket|backshell/.test(name)) bench.covered = true;
}

function actOnDrain(step: Step, bench: Bench): void {
  const words = step.instruction;
  if (/drain wire on its post/.test(words)) bench.drain = 'posted';
  else if (/wrap the drain wire once|Wind the drain wire once/.test(words)) bench.drain = 'wound';
  else if (step.layer === 'drain') bench.drain = step.operation === 'cut' ? 'cut' : 'free';
}

/** Acts a plan out; the first thing that hands could not do, or null if the end is made. */
export function actOut(
  plan: TerminationPlan,
  cable: Cable,
  otherEnd: 'bare' | 'made',
): string | null {
  const bench: Bench = {
    back: [],
    threaded: new Set(),
    used: new Set(),
    bared: new Set(cable.parts.includes('flat') && cable.family === 'ribbon' ? ['jacket'] : []),
    dealt: new Set(),
    drain: 'inside',
    shield: 'none',
    barrier: null,
    covered: false,
    laid: 'none',
    pressed: false,
    trimmedFlush: false,
    unchecked: false,
    checkedAfterFixing: false,
  };
  const hands: Hands = { bench, cable, otherEnd, plan };
  for (const step of plan.steps) {
    for (const rule of RULES) {
      const broken = rule(step, hands);
      if (broken) return `${step.id}: ${broken}`;
    }
    act(step, bench);
  }
  return whatIsLeft(plan, bench);
}

function whatIsLeft(plan: TerminationPlan, bench: Bench): string | null {
  const forgotten = [...bench.threaded].find((name) => !bench.used.has(name));
  if (forgotten) return `the ${forgotten} was slid on and never moved up`;
  if (!bench.barrier) return 'nothing was fixed';
  if (!bench.checkedAfterFixing) return 'the finished end was not looked at';
  const trims = plan.cuts.some(({ layer }) => layer === 'braid');
  const cuts = plan.steps.some(({ operation, layer }) => operation === 'cut' && layer === 'braid');
  if (trims && !cuts) return 'the drawing trims a braid that no step cuts';
  return plan.steps.some(({ operation }) => operation === 'label') ? null : 'the end has no label';
}
