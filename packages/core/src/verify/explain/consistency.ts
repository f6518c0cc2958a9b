import type { Fault } from '../fault';
import { lampStep } from '../electric/observe';
import { linkCircuit } from '../electric/link-circuit';
import { madeWith } from '../electric/made';
import { stepsOf, type Bench } from '../electric/trial';
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

export interface Consistency {
  readonly of: (faults: readonly Fault[]) => boolean;
  /** How much was worked out so far; a lookup is one. */
  readonly effort: () => number;
}

const REST_EFFORT = 20;

/**
 * Whether faults agree with all that was seen. What depends only on which contacts are joined is worked
 * out once for each partition, and of lamps once for each way in which their terminals are joined.
 */
export function consistency(seen: readonly Seen[], bench: Bench): Consistency {
  const { of: partitionOf, ofNets, places } = partitions(bench.wiring);
  const make = (faults: readonly Fault[]) => madeWith(bench.wiring, faults);
  const still = seen.filter(
    ({ trial: { tester, moved } }) => moved === null && SEES_JOINTS.has(tester),
  );
  const steps = still.flatMap(({ trial, shown }) =>
    isLamps(trial) && shown.method === 'lamps'
      ? stepsOf(trial, bench).flatMap((step) => {
          const told = shown.steps.find((row) => row.step === step.name);
          return told
            ? [
                {
                  step,
                  told: spellStep(told),
                  key: terminalsOf(step, places),
                  known: new Map<string, boolean>(),
                },
              ]
            : [];
        })
      : [],
  );
  const maps = still.flatMap(({ shown }) => (shown.method === 'nets' ? [ofNets(shown.nets)] : []));
  const tones = still.filter(({ shown }) => shown.method === 'tone');
  const jointsAgree = (partition: string, faults: readonly Fault[]): boolean =>
    maps.every((map) => map === partition) &&
    tones.every((one) => agrees(one, make(faults), bench)) &&
    steps.every(({ step, told, key, known }) => {
      const terminals = key(partition);
      const before = known.get(terminals);
      if (before !== undefined) return before;
      const agreed = spellStep(lampStep(step, linkCircuit(make(faults), bench.electrics))) === told;
      known.set(terminals, agreed);
      return agreed;
    });
  const pairings = still.filter(({ trial }) => trial.tester === 'pairing');
  const rest = seen.filter((one) => !still.includes(one));
  const known = new Map<string, boolean>();
  let effort = 0;
  const test = (faults: readonly Fault[]): boolean => {
    effort += 1;
    const partition = partitionOf(faults);
    const agreed = known.get(partition) ?? jointsAgree(partition, faults);
    known.set(partition, agreed);
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
