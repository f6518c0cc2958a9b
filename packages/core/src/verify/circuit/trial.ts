import type { ConductorId, Contact } from '../../catalogue';
import { wireContacts, type ContactNode, type Reading, type Wiring } from '../../link';
import type { Place } from '../fault';
import type { MapTesterId } from '../tester';
import { pairLamps, sequentialLamps, type CircuitStep, type LampParts } from './lamp-circuit';
import { linkCircuit, nodeAt, type Electrics } from './link-circuit';
import type { Made } from './made';
import {
  BEEP_OHM,
  heardOf,
  lampsOf,
  lengthsOf,
  netsOf,
  splitPairsOf,
  trioOf,
  type LampStep,
  type PairLength,
} from './observe';
import type { CircuitPart } from './circuit-part';
import { ohmsBetween } from './ohms-between';

/** A tester put to a link in one way; `moved` is where the cable is moved meanwhile. */
export type Trial = { readonly moved: Place | null } & (
  | { readonly tester: MapTesterId }
  | { readonly tester: 'pair-lamps' | 'sequential-lamps' }
  | { readonly tester: 'own-lamps'; readonly steps: readonly CircuitStep[] }
  | { readonly tester: 'beeper'; readonly from: ContactNode; readonly to: ContactNode }
  | {
      readonly tester: 'ohmmeter';
      readonly from: ContactNode;
      readonly to: ContactNode;
      /** Far contacts that a jack joins meanwhile. */
      readonly joined: readonly Contact[];
    }
  | { readonly tester: 'reflectometer' }
  | { readonly tester: 'tone'; readonly from: Contact }
  | { readonly tester: 'look'; readonly end: 'near' | 'far' }
  | { readonly tester: 'coax-trio' }
);

/** What a trial showed, in the form of its method. */
export type Shown =
  | {
      readonly method: 'nets';
      readonly nets: Reading;
      /** Null from a tester that can't see pairing. */
      readonly splitPairs: readonly (readonly [Contact, Contact])[] | null;
    }
  | { readonly method: 'lamps'; readonly steps: readonly LampStep[] }
  | { readonly method: 'beep'; readonly beeps: boolean }
  | { readonly method: 'ohms'; readonly ohm: number | null }
  | { readonly method: 'lengths'; readonly pairs: readonly PairLength[] }
  | { readonly method: 'tone'; readonly heard: readonly Contact[] }
  | {
      readonly method: 'colours';
      readonly cores: ReadonlyMap<Contact, ConductorId>;
      /** Contacts where something else is to be seen, as a strand; left out where nobody said. */
      readonly flaws?: readonly Contact[];
    }
  | { readonly method: 'trio'; readonly ohms: readonly (number | null)[] };

/** What a trial needs to know of a link besides how it was made. */
export interface Bench {
  readonly wiring: Wiring;
  readonly electrics: Electrics;
  readonly lamps: LampParts;
  /** Of a coaxial cable; its terminator's. */
  readonly impedanceOhm: number;
}

const circuits = new WeakMap<Bench, Map<string, readonly CircuitStep[]>>();

/** The steps of a lamp tester on a link, worked out once. */
export function stepsOf(
  trial: Extract<Trial, { tester: 'pair-lamps' | 'sequential-lamps' | 'own-lamps' }>,
  bench: Bench,
): readonly CircuitStep[] {
  if (trial.tester === 'own-lamps') return trial.steps;
  const known = circuits.get(bench) ?? new Map<string, readonly CircuitStep[]>();
  circuits.set(bench, known);
  const build = trial.tester === 'pair-lamps' ? pairLamps : sequentialLamps;
  const steps = known.get(trial.tester) ?? build(bench.wiring, bench.lamps);
  known.set(trial.tester, steps);
  return steps;
}

/** What a trial shows of a link as it was made. */
export function observe(trial: Trial, made: Made, bench: Bench): Shown {
  const { wiring, electrics } = bench;
  const { moved } = trial;
  switch (trial.tester) {
    case 'identifying-remote':
      return { method: 'nets', nets: netsOf(made, electrics, moved), splitPairs: null };
    case 'pairing': {
      const nets = netsOf(made, electrics, moved);
      return { method: 'nets', nets, splitPairs: splitPairsOf(made, nets, wiring) };
    }
    case 'pair-lamps':
    case 'sequential-lamps':
    case 'own-lamps':
      return { method: 'lamps', steps: lampsOf(stepsOf(trial, bench), made, electrics, moved) };
    case 'beeper': {
      const ohm = between(trial, made, bench, []);
      return { method: 'beep', beeps: ohm !== null && ohm < BEEP_OHM };
    }
    case 'ohmmeter':
      return { method: 'ohms', ohm: between(trial, made, bench, trial.joined) };
    case 'reflectometer':
      return { method: 'lengths', pairs: lengthsOf(made, wiring, moved) };
    case 'tone':
      return { method: 'tone', heard: heardOf(netsOf(made, electrics, moved), trial.from) };
    case 'look':
      return { method: 'colours', cores: made.cores[trial.end] };
    case 'coax-trio':
      return {
        method: 'trio',
        ohms: trioOf(
          made,
          electrics,
          [wireContacts(wiring.near)[0] ?? '1', bench.impedanceOhm],
          moved,
        ),
      };
  }
}

function between(
  trial: Extract<Trial, { from: ContactNode }>,
  made: Made,
  { electrics }: Bench,
  joined: readonly Contact[],
): number | null {
  const jack = joined.slice(1).map((contact, index): CircuitPart => ({
    kind: 'resistor',
    a: nodeAt('far', joined[index] as Contact),
    b: nodeAt('far', contact),
    ohm: electrics.jointOhm,
  }));
  const at = ({ end, contact }: ContactNode) => nodeAt(end, contact);
  return ohmsBetween(
    [...linkCircuit(made, electrics, trial.moved), ...jack],
    at(trial.from),
    at(trial.to),
  );
}
