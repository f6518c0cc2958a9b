import type { Fault } from '../fault';
import type { Bench } from '../circuit/bench';
import type { CircuitStep } from '../circuit/lamp-circuit';
import { madeWith } from '../circuit/made';
import { keyOfStep } from '../shown';
import { classOf } from '../testers';
import { agrees, pairingOf, type Seen } from './agree';
import { byChance, goesByJoints } from './goes-by-joints';
import { observerOf, whileMoved } from './observer';

export interface Consistency {
  readonly of: (faults: readonly Fault[]) => boolean;
  /** How much was worked out so far; a lookup is one. */
  readonly effort: () => number;
}

const REST_EFFORT = 20;

/**
 * Whether faults agree with all that was seen. What depends only on which contacts are joined is worked
 * out once for each partition, and of lamps once for each way in which their terminals are joined; while
 * the cable is moved somewhere, what is loose there is open.
 */
export function consistency(seen: readonly Seen[], bench: Bench): Consistency {
  const { partitions, step: stepOf } = observerOf(bench);
  const make = (faults: readonly Fault[]) => madeWith(bench.wiring, faults);
  const joints = seen.filter(({ trial }) => goesByJoints(trial));
  const groupOf = ({ trial }: Seen) => `${trial.moved ?? ''} ${byChance(trial)}`;
  const groups = [...new Set(joints.map(groupOf))].flatMap((name) => {
    const here = joints.filter((one) => groupOf(one) === name);
    const trial = here[0]?.trial;
    if (!trial) return [];
    return {
      moved: trial.moved,
      byChance: byChance(trial),
      known: new Map<string, boolean>(),
      maps: here.flatMap(({ shown }) =>
        shown.method === 'nets' ? [partitions.ofNets(shown.nets)] : [],
      ),
      tones: here.filter(({ shown }) => shown.method === 'tone'),
      steps: here.flatMap((one) => stepsTold(one, bench)),
    };
  });
  const groupAgrees = (
    { maps, tones, steps }: (typeof groups)[number],
    partition: string,
    faults: readonly Fault[],
  ): boolean =>
    maps.every((map) => map === partition) &&
    tones.every((one) => agrees(one, make(faults), bench)) &&
    steps.every(({ step, told }) => keyOfStep(stepOf(step, partition, faults)) === told);
  const agreesAs = (group: (typeof groups)[number], faults: readonly Fault[]): boolean => {
    const partition = partitions.of(faults);
    const agreed = group.known.get(partition) ?? groupAgrees(group, partition, faults);
    group.known.set(partition, agreed);
    return agreed;
  };
  const jointsAgree = (faults: readonly Fault[]): boolean =>
    groups.every(
      (group) =>
        agreesAs(group, whileMoved(faults, group.moved)) ||
        (group.byChance && agreesAs(group, faults)),
    );
  const pairings = joints.filter(
    ({ shown }) => shown.method === 'nets' && shown.splitPairs !== null,
  );
  const rest = seen.filter((one) => !joints.includes(one));
  let effort = 0;
  const test = (faults: readonly Fault[]): boolean => {
    effort += 1;
    const agreed = jointsAgree(faults);
    if (!agreed || (rest.length === 0 && pairings.length === 0)) return agreed;
    effort += REST_EFFORT;
    const made = make(faults);
    return (
      pairings.every(({ shown }) => pairingOf(shown, made, bench)) &&
      rest.every((one) => agrees(one, made, bench))
    );
  };
  return { of: test, effort: () => effort };
}

/** The steps of a lamp tester's scan that were told, as they were told. */
function stepsTold(
  { trial, shown }: Seen,
  bench: Bench,
): { readonly step: CircuitStep; readonly told: string }[] {
  if (shown.method !== 'lamps') return [];
  return (classOf(trial).circuit?.(trial, bench) ?? []).flatMap((step) => {
    const told = shown.steps.find((row) => row.step === step.name);
    return told ? [{ step, told: keyOfStep(told) }] : [];
  });
}
