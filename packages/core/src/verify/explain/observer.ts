import { linkCircuit } from '../circuit/link-circuit';
import { madeWith } from '../circuit/made';
import type { Bench } from '../circuit/bench';
import type { CircuitStep } from '../circuit/lamp-circuit';
import type { LampStep } from '../circuit/lamp-step';
import { lampStep, netsOf, underTest } from '../circuit/under-test';
import type { Reading } from '../../link';
import type { Fault, Place } from '../fault';
import { changes } from '../faults';
import { observe } from '../observe';
import type { Shown } from '../shown';
import { classOf, type Trial } from '../testers';
import { goesByJoints } from './goes-by-joints';
import { partitions, type Partitions } from './partition';
import { terminalsOf } from './terminals';

export interface Observer {
  readonly partitions: Partitions;
  /** What a trial shows of a link with these faults. */
  readonly show: (trial: Trial, faults: readonly Fault[]) => Shown;
  /** One step of a lamp tester, where the contacts are joined like this. */
  readonly step: (step: CircuitStep, partition: string, faults: readonly Fault[]) => LampStep;
}

const observers = new WeakMap<Bench, Observer>();

/**
 * What trials show of a link, each thing worked out once: what follows from which contacts are joined
 * once for each way of being joined, a lamp's step once for each way in which its terminals are.
 */
export function observerOf(bench: Bench): Observer {
  const observer = observers.get(bench) ?? makeObserver(bench);
  observers.set(bench, observer);
  return observer;
}

function makeObserver(bench: Bench): Observer {
  const all = partitions(bench.wiring);
  const steps = new Map<
    CircuitStep,
    { readonly terminals: (partition: string) => string; readonly known: Map<string, LampStep> }
  >();
  const step: Observer['step'] = (one, partition, faults) => {
    const row = steps.get(one) ?? {
      terminals: terminalsOf(one, all.places),
      known: new Map<string, LampStep>(),
    };
    steps.set(one, row);
    return known(row.known, row.terminals(partition), () =>
      lampStep(one, linkCircuit(madeWith(bench.wiring, faults), bench.electrics)),
    );
  };
  const netsBy = new Map<string, Reading>();
  const show: Observer['show'] = (trial, faults) => {
    if (!goesByJoints(trial)) return observe(trial, madeWith(bench.wiring, faults), bench);
    const now = whileMoved(faults, trial.moved);
    const partition = all.of(now);
    const made = () => madeWith(bench.wiring, now);
    // What goes by joints asks for no more than which there are, and for the lamps that light.
    return classOf(trial).observe(trial, {
      ...underTest(made, bench, null),
      nets: () => known(netsBy, partition, () => netsOf(made(), bench.electrics)),
      light: (steps) => steps.map((one) => step(one, partition, now)),
    });
  };
  return { partitions: all, show, step };
}

/** What stands under a key, worked out where it does not yet. */
function known<T>(rows: Map<string, T>, key: string, work: () => T): T {
  const found = rows.get(key) ?? work();
  rows.set(key, found);
  return found;
}

const opened = new WeakMap<Fault, Fault>();

/** Faults as they are while the cable is moved at a place: what is loose there is open. */
export function whileMoved(faults: readonly Fault[], moved: Place | null): readonly Fault[] {
  if (moved === null) return faults;
  return faults.map((fault) => {
    if (!changes(fault, 'opens-when-moved') || fault.end !== moved) return fault;
    const open = opened.get(fault) ?? { ...fault, kind: 'open' as const };
    opened.set(fault, open);
    return open;
  });
}
