import type { Fault, Place } from '../fault';
import type { CircuitStep } from '../electric/lamp-circuit';
import { lampStep } from '../electric/observe';
import { linkCircuit } from '../electric/link-circuit';
import { madeWith } from '../electric/made';
import { stepsOf, type Bench, type Trial } from '../electric/trial';
import { agrees, isLamps, pairingOf, spellStep, type Seen } from './agree';
import { partitions } from './partition';
import { terminalsOf } from './terminals';

/** Testers to whom links with the same contacts joined look the same. */
const SEES_JOINTS: ReadonlySet<string> = new Set([
  'identifying-remote',
  'pairing',
  'tone',
  'pair-lamps',
  'sequential-lamps',
  'own-lamps',
]);

/** Whether what a trial shows follows from which contacts are joined. */
export const goesByJoints = ({ tester }: Trial): boolean => SEES_JOINTS.has(tester);

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
  const { of: partitionOf, ofNets, places } = partitions(bench.wiring);
  const make = (faults: readonly Fault[]) => madeWith(bench.wiring, faults);
  const joints = seen.filter(({ trial }) => goesByJoints(trial));
  const groups = [...new Set(joints.map(({ trial }) => trial.moved))].map((moved) => {
    const here = joints.filter(({ trial }) => trial.moved === moved);
    return {
      moved,
      known: new Map<string, boolean>(),
      maps: here.flatMap(({ shown }) => (shown.method === 'nets' ? [ofNets(shown.nets)] : [])),
      tones: here.filter(({ shown }) => shown.method === 'tone'),
      steps: here
        .flatMap((one) => stepsTold(one, bench))
        .map((row) => ({
          ...row,
          terminals: terminalsOf(row.step, places),
          known: new Map<string, boolean>(),
        })),
    };
  });
  const groupAgrees = (
    { moved, maps, tones, steps }: (typeof groups)[number],
    partition: string,
    faults: readonly Fault[],
  ): boolean =>
    maps.every((map) => map === partition) &&
    tones.every((one) => agrees(one, make(faults), bench)) &&
    steps.every(({ step, told, terminals, known }) => {
      const key = terminals(partition);
      const link = () => linkCircuit(make(faults), bench.electrics, moved);
      const agreed = known.get(key) ?? spellStep(lampStep(step, link())) === told;
      known.set(key, agreed);
      return agreed;
    });
  const jointsAgree = (faults: readonly Fault[]): boolean =>
    groups.every((group) => {
      const partition = partitionOf(whileMoved(faults, group.moved));
      const agreed = group.known.get(partition) ?? groupAgrees(group, partition, faults);
      group.known.set(partition, agreed);
      return agreed;
    });
  const pairings = joints.filter(({ trial }) => trial.tester === 'pairing');
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
  if (!isLamps(trial) || shown.method !== 'lamps') return [];
  return stepsOf(trial, bench).flatMap((step) => {
    const told = shown.steps.find((row) => row.step === step.name);
    return told ? [{ step, told: spellStep(told) }] : [];
  });
}

const opened = new WeakMap<Fault, Fault>();

/** Faults as they are while the cable is moved at a place: what is loose there is open. */
function whileMoved(faults: readonly Fault[], moved: Place | null): readonly Fault[] {
  if (moved === null) return faults;
  return faults.map((fault) => {
    if (fault.kind !== 'intermittent' || fault.end !== moved) return fault;
    const open = opened.get(fault) ?? { ...fault, kind: 'open' as const };
    opened.set(fault, open);
    return open;
  });
}
