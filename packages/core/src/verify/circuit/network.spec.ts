import { fourPairWiring } from '../../link';
import { diodeCurrents } from '../../testing/circuit';
import { seeded } from '../../testing/seeded';
import type { Fault } from '../fault';
import { hypothesesOf } from '../explain/hypotheses';
import { partitions } from '../explain/partition';
import { NO_EXPERIENCE, priorOf } from '../explain/prior';
import { terminalsOf } from '../explain/terminals';
import { plainBench } from './bench';
import { DIM_A, LIT_A, PLAIN_LAMPS } from './lamp-circuit';
import { pairLamps } from '../testers/pair-lamps';
import { sequentialLamps } from '../testers/sequential-lamps';
import { linkCircuit } from './link-circuit';
import { madeWith } from './made';
import type { CircuitPart } from './circuit-part';
import { solveCircuit } from './network';
import { lampStep, netsOf } from './under-test';
import { ohmsBetween } from './ohms-between';

const supply = (volts: number, ohm = 1): CircuitPart => ({
  kind: 'supply',
  plus: 'plus',
  minus: 'minus',
  volts,
  ohm,
});
const lamp = (name: string, anode: string, cathode: string): CircuitPart => ({
  kind: 'diode',
  name,
  anode,
  cathode,
  forwardV: 2,
  ohm: 100,
});

describe('The circuit of a tester and a link', () => {
  it('obeys Ohm’s law with a lamp in series', () => {
    const { currentA } = solveCircuit([supply(9), lamp('a', 'plus', 'minus')]);
    expect(currentA.get('a')).toBeCloseTo(7 / 101, 9);
  });

  it('lights no lamp the wrong way round, nor below its threshold', () => {
    for (const parts of [
      [supply(9), lamp('a', 'minus', 'plus')],
      [supply(1.9), lamp('a', 'plus', 'minus')],
    ])
      expect(solveCircuit(parts).currentA.get('a')).toBe(0);
  });

  it('lights two lamps in series dimly where the way round is broken', () => {
    const { currentA } = solveCircuit([
      supply(4.1),
      lamp('a', 'plus', 'middle'),
      lamp('b', 'middle', 'minus'),
    ]);
    expect(currentA.get('a')).toBeCloseTo(0.1 / 201, 9);
    expect(currentA.get('b')).toBeCloseTo(0.1 / 201, 9);
    expect(currentA.get('a')).toBeLessThan(LIT_A);
    expect(currentA.get('a')).toBeGreaterThan(DIM_A);
  });

  it('measures resistors in series and side by side, and open as open', () => {
    const parts: CircuitPart[] = [
      { kind: 'resistor', a: 'x', b: 'y', ohm: 10 },
      { kind: 'resistor', a: 'x', b: 'y', ohm: 10 },
      { kind: 'resistor', a: 'y', b: 'z', ohm: 7 },
      { kind: 'resistor', a: 'p', b: 'q', ohm: 1 },
    ];
    expect(ohmsBetween(parts, 'x', 'z')).toBeCloseTo(12, 5);
    expect(ohmsBetween(parts, 'x', 'q')).toBeNull();
  });
});

describe('A circuit with places between', () => {
  it('has the volts that it had with all its places, and stands wires of no length', () => {
    const parts: CircuitPart[] = [
      supply(9),
      { kind: 'resistor', a: 'plus', b: 'one', ohm: 3 },
      { kind: 'resistor', a: 'one', b: 'two', ohm: 2 },
      { kind: 'resistor', a: 'two', b: 'minus', ohm: 3 },
      { kind: 'resistor', a: 'two', b: 'hanging', ohm: 5 },
      { kind: 'resistor', a: 'one', b: 'one', ohm: 1 },
    ];
    const { voltsAt } = solveCircuit(parts);
    const across = (a: string, b: string) => voltsAt(a) - voltsAt(b);
    expect(across('plus', 'one')).toBeCloseTo(3, 6);
    expect(across('one', 'two')).toBeCloseTo(2, 6);
    expect(across('two', 'hanging')).toBeCloseTo(0, 9);
    const none: CircuitPart[] = [
      supply(9),
      { kind: 'resistor', a: 'plus', b: 'minus', ohm: 1e-12 },
    ];
    expect(Number.isFinite(solveCircuit(none).voltsAt('plus'))).toBeTrue();
  });
});

describe('Lamp testers, against an independent solver', () => {
  const wiring = fourPairWiring('T568B', 'T568B', true);
  const { electrics } = plainBench(wiring);
  const singles = hypothesesOf(wiring, priorOf(NO_EXPERIENCE)).flatMap(({ places }) =>
    places.map(({ fault }) => fault),
  );
  const { of, places } = partitions(wiring);

  /** Links that are the same circuit to a step are solved once, by both. */
  function compare(
    steps: ReturnType<typeof pairLamps>,
    sets: readonly (readonly Fault[])[],
  ): number {
    let solved = 0;
    for (const step of steps) {
      const key = terminalsOf(step, places);
      const seen = new Map<string, string>();
      for (const faults of sets) {
        const terminals = key(of(faults));
        if (seen.has(terminals)) continue;
        const parts = [...step.parts, ...linkCircuit(madeWith(wiring, faults), electrics)];
        const ours = solveCircuit(parts).currentA;
        const theirs = diodeCurrents(parts);
        seen.set(terminals, '');
        solved += 1;
        for (const name of step.lamps)
          if (Math.abs((ours.get(name) ?? 0) - (theirs.get(name) ?? 0)) > 1e-6)
            fail(`${name} at ${step.name}: ${JSON.stringify(faults)}`);
      }
    }
    return solved;
  }

  const pairsOfFaults = singles.flatMap((one, index) =>
    singles.slice(index).map((other): readonly Fault[] => [one, other]),
  );

  it('agree on every fault of one and of two: a lamp for each pair', () => {
    const steps = pairLamps(wiring, PLAIN_LAMPS);
    expect(
      compare(
        steps,
        singles.map((fault) => [fault]),
      ),
    ).toBeGreaterThan(4);
    expect(compare(steps, pairsOfFaults)).toBeGreaterThan(10);
  });

  it('agree on every fault of one and of two: lamps at both ends', () => {
    const steps = sequentialLamps(wiring, PLAIN_LAMPS);
    const sets = [[], ...singles.map((fault) => [fault]), ...pairsOfFaults];
    expect(compare(steps, sets)).toBeGreaterThan(1000);
  });

  it('light alike what has the same terminals joined, whatever else differs', () => {
    const random = seeded(7);
    const steps = sequentialLamps(wiring, PLAIN_LAMPS);
    for (let round = 0; round < 20; round += 1) {
      const step = random.pick(steps);
      const key = terminalsOf(step, places);
      const faults = random.pick(pairsOfFaults);
      const twin = pairsOfFaults.find(
        (other) => other !== faults && key(of(other)) === key(of(faults)),
      );
      if (!twin) continue;
      const [a, b] = [faults, twin].map((set) =>
        lampStep(step, linkCircuit(madeWith(wiring, set), electrics)),
      );
      expect(a).toEqual(b);
    }
  });

  it('partitions say the same as the nets of the link that is made', () => {
    const random = seeded(11);
    const nets = new Map<string, string>();
    for (let round = 0; round < 3000; round += 1) {
      const faults = Array.from({ length: 1 + random.below(3) }, () => random.pick(singles));
      const partition = of(faults);
      const told = JSON.stringify(netsOf(madeWith(wiring, faults), electrics));
      const before = nets.get(partition);
      if (before !== undefined && before !== told) fail(JSON.stringify(faults));
      nets.set(partition, told);
    }
    expect(new Set(nets.values()).size).toBe(nets.size);
  });
});
