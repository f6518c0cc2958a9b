import { BUILT_IN, WIRE_CONTACTS, type Contact } from '../src/catalogue';
import { conductorGraph, fourPairWiring, joinedGroups, unionFind, type Reading } from '../src/link';
import { linearSumAssignment } from 'linear-sum-assignment';
import { parseSchedule } from '../src/formats';
import { PLAIN_OPTIONS, namedContact, solveMap, type Port } from '../src/map';
import { costsOf } from '../src/map/join-signals';
import { unitsOf } from '../src/map/unit';
import { seeded } from '../src/testing/seeded';
import { benchReflect } from './reflect';
import { diagnose } from '../src/verify';
import {
  completeFault,
  madeWith,
  observe,
  plainBench,
  priorOf,
  NO_EXPERIENCE,
} from '../src/verify/explain';
import { agrees } from '../src/verify/explain/agree';
import { explain } from '../src/verify/explain/explain';
import { hypothesesOf } from '../src/verify/explain/hypotheses';

// Speed as ratios: what the work takes beside the least that any program must do for it.

const ROUNDS = 5;

/** The best of some rounds, in seconds: the least disturbed by what else the machine does. */
function seconds(work: () => void): number {
  let best = Infinity;
  for (let round = 0; round < ROUNDS; round += 1) {
    const begun = performance.now();
    work();
    best = Math.min(best, performance.now() - begun);
  }
  return best / 1000;
}

function report(name: string, work: number, bound: number, count: number, boundName: string): void {
  console.log(
    `${name}: ${Math.round(count / work).toLocaleString('en')} a second; ` +
      `${(work / bound).toFixed(1)} times ${boundName} over the same input`,
  );
}

const wiring = fourPairWiring('T568B', 'T568B');
const random = seeded(568);

function diagnoses(name: string, readings: readonly Reading[]): void {
  const work = seconds(() => {
    for (const nets of readings) diagnose({ wiring, tester: 'pairing', nets, splitPairs: [] });
  });
  // What any program has to do to know which contacts are joined.
  const bound = seconds(() => {
    for (const nets of readings) {
      const sets = unionFind<string>();
      for (const { near, far } of nets) {
        const names = [
          ...near.map((contact) => `n${contact}`),
          ...far.map((contact) => `f${contact}`),
        ];
        for (const other of names.slice(1)) sets.join(names[0] as string, other);
        for (const one of names) sets.root(one);
      }
    }
  });
  report(`Diagnoses, ${name}`, work, bound, readings.length, 'a bare union-find');
}

const good = joinedGroups(conductorGraph(wiring));
diagnoses(
  'good links',
  Array.from({ length: 20_000 }, () => good),
);
diagnoses(
  'random orders',
  Array.from({ length: 20_000 }, () => {
    const far = random.shuffle(WIRE_CONTACTS);
    return WIRE_CONTACTS.map((near, index) => ({ near: [near], far: [far[index] as Contact] }));
  }),
);
diagnoses(
  'random partitions',
  Array.from({ length: 2000 }, () => {
    const nets = Array.from({ length: 4 + random.below(12) }, () => ({
      near: [] as Contact[],
      far: [] as Contact[],
    }));
    for (const contact of WIRE_CONTACTS) {
      random.pick(nets).near.push(contact);
      random.pick(nets).far.push(contact);
    }
    return nets;
  }),
);

const rows = Array.from(
  { length: 5000 },
  (_, i) => `S${i},C1/A/${i},Berth ${i},Cat 6 U/UTP solid,keystone,8P8C plug,T568B,${i % 90}.5 m`,
);
const csv = ['label,from,to,cable,near connector,far connector,scheme,length', ...rows].join('\n');
report(
  'Schedule lines read',
  seconds(() =>
    parseSchedule(csv, { catalogue: BUILT_IN, defaultScheme: 'T568B', takenLabels: new Set() }),
  ),
  seconds(() => csv.split('\n').map((line) => line.split(','))),
  rows.length,
  'splitting the text',
);

const CONCEPTS = ['TXD', 'RXD', 'RTS', 'CTS', 'CLK', 'DATA', 'MOSI', 'MISO', 'SEL', 'RESET'];

/** Fifty contacts with shuffled names: ten channels of five signals, and some that nobody knows. */
const fifty = (id: string): Port => {
  const names = Array.from({ length: 50 }, (_, index) =>
    index < 48 ? `${CONCEPTS[index % 10]}${Math.floor(index / 10) + 1}` : `${id} own ${index}`,
  );
  return {
    id,
    name: id,
    connector: 'box-2x25',
    gender: 'plug',
    contacts: random
      .shuffle(names)
      .map((name, index) => namedContact(String(index + 1), name, { level: 'ttl-5' })),
    leastSupplyV: null,
    leadAwg: null,
  };
};

const pairs = Array.from({ length: 20 }, () => ({ near: fifty('near'), far: fifty('far') }));
const matrices = pairs.map(({ near, far }) => costsOf(unitsOf(near), unitsOf(far)));
report(
  'Two ports of 50 contacts solved and checked',
  seconds(() => {
    for (const ports of pairs) solveMap({ ...ports, cable: null, options: PLAIN_OPTIONS });
  }),
  seconds(() => {
    for (const matrix of matrices) linearSumAssignment(matrix, { maximaze: false });
  }),
  pairs.length,
  'a plain Hungarian algorithm',
);

/** Explaining beside making and observing every set of three, which is timed on a sample and counted up. */
function explained(): void {
  const bench = plainBench(fourPairWiring('T568B', 'T568B', true));
  const prior = priorOf(NO_EXPERIENCE);
  const faults = hypothesesOf(bench.wiring, prior).flatMap(({ places }) =>
    places.map(({ fault }) => fault),
  );
  const truth = ['2', '5', '7'].map((near) =>
    completeFault({ kind: 'open', near: [near], end: 'far' }, bench.wiring),
  );
  const trial = { tester: 'identifying-remote', moved: null } as const;
  const seen = [{ trial, shown: observe(trial, madeWith(bench.wiring, truth), bench) }];
  const work = seconds(() => explain(seen, bench, { prior, upTo: 3, most: 20 }));
  const sample = Array.from({ length: 2000 }, () => [1, 2, 3].map(() => random.pick(faults)));
  const sampled = seconds(() => {
    for (const set of sample) seen.every((one) => agrees(one, madeWith(bench.wiring, set), bench));
  });
  const sets = (faults.length * (faults.length + 1) * (faults.length + 2)) / 6;
  const plain = (sampled / sample.length) * sets;
  console.log(
    `Three faults on a shielded eight-contact link explained in ${work.toFixed(2)} s; ` +
      `${Math.round(plain / work)} times as long without pruning (${Math.round(sets / 1e6)} million sets, timed on ${sample.length})`,
  );
}
explained();

benchReflect();
