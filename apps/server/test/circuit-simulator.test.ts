import { spawnSync } from 'node:child_process';
import { fourPairWiring } from '@near-spoke/core/link';
import {
  everyFault,
  madeWith,
  plainBench,
  solveCircuit,
  type CircuitPart,
} from '@near-spoke/core/verify/explain';
import { linkCircuit } from '../../../packages/core/src/verify/circuit/link-circuit';
import { pairLamps } from '../../../packages/core/src/verify/testers/pair-lamps';
import { sequentialLamps } from '../../../packages/core/src/verify/testers/sequential-lamps';
import { KEPT } from '../src/words/teller';

const LEAK_OHM = 1e10;

/** A circuit as a netlist; lamps are sources of current that begin at their threshold. */
function netlist(parts: readonly CircuitPart[]): { text: string; nodeOf: Map<string, string> } {
  const nodeOf = new Map<string, string>();
  const minus = parts.find((part) => part.kind === 'supply')?.minus;
  const node = (name: string) => {
    const known = nodeOf.get(name) ?? (name === minus ? '0' : `n${nodeOf.size + 1}`);
    nodeOf.set(name, known);
    return known;
  };
  const lines = parts.map((part, index) => {
    switch (part.kind) {
      case 'resistor':
        return `R${index} ${node(part.a)} ${node(part.b)} ${part.ohm}`;
      case 'supply':
        return `V${index} s${index} ${node(part.minus)} DC ${part.volts}\nRs${index} s${index} ${node(part.plus)} ${part.ohm}`;
      case 'diode': {
        const over = `V(${node(part.anode)},${node(part.cathode)})`;
        return `B${index} ${node(part.anode)} ${node(part.cathode)} I=${over} > ${part.forwardV} ? (${over}-${part.forwardV})/${part.ohm} : 0`;
      }
    }
  });
  const names = [...nodeOf.values()].filter((name) => name !== '0');
  const leaks = names.map((name) => `Rl${name} ${name} 0 ${LEAK_OHM}`);
  const told = names.map((name) => `print v(${name})`);
  return {
    nodeOf,
    text: [
      '* a tester and a link',
      ...lines,
      ...leaks,
      '.control',
      'op',
      ...told,
      '.endc',
      '.end',
      '',
    ].join('\n'),
  };
}

function simulated(parts: readonly CircuitPart[]): Map<string, number> {
  const { text, nodeOf } = netlist(parts);
  const { stdout } = spawnSync('ngspice', ['-b'], { input: text, encoding: 'utf8' });
  const volts = new Map(
    [...stdout.matchAll(/^v\((n\d+)\) = (\S+)$/gm)].map(([, name = '', value]) => [
      name,
      Number(value),
    ]),
  );
  const at = (name: string) => {
    const node = nodeOf.get(name) ?? '';
    return node === '0' ? 0 : (volts.get(node) ?? Number.NaN);
  };
  return new Map(
    parts.flatMap((part) =>
      part.kind === 'diode'
        ? [
            [
              part.name,
              Math.max(0, (at(part.anode) - at(part.cathode) - part.forwardV) / part.ohm),
            ] as const,
          ]
        : [],
    ),
  );
}

describe('Lamp testers, against a general circuit simulator', () => {
  const wiring = fourPairWiring('T568B', 'T568B');
  const bench = plainBench(wiring);
  const faults = everyFault(wiring);

  for (const [name, build, every] of [
    ['a lamp for each pair', pairLamps, 3],
    ['lamps at both ends', sequentialLamps, 23],
  ] as const)
    it(`have the currents that it finds: ${name}`, () => {
      let compared = 0;
      for (const [index, fault] of faults.entries()) {
        if (index % every > 0) continue;
        const link = linkCircuit(madeWith(wiring, [fault]), bench.electrics);
        for (const step of build(wiring, bench.lamps)) {
          const parts = [...step.parts, ...link];
          const [ours, theirs] = [solveCircuit(parts).currentA, simulated(parts)];
          for (const lamp of step.lamps)
            expect(Math.abs((ours.get(lamp) ?? 0) - (theirs.get(lamp) ?? Number.NaN)))
              .withContext(`${lamp} at ${step.name}: ${KEPT(fault.sentence)}`)
              .toBeLessThan(2e-6);
          compared += 1;
        }
      }
      expect(compared).toBeGreaterThan(60);
    }, 120_000);
});
