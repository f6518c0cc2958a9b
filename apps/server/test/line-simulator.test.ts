import { spawnSync } from 'node:child_process';
import type { Capture } from '@near-spoke/core/captures';
import { analyse } from '@near-spoke/core/reflect/analyse';
import { normalFrom } from '@near-spoke/core/reflect/simulate';
import { NOTHING_TOLD } from '@near-spoke/core/reflect/told';
import { LIGHT_M_S } from '@near-spoke/core/units';

// Traces of a general circuit simulator, which goes along in time: another road than ours.

const VF = 0.66;
const STEP_S = 0.25e-9;
const UNTIL_S = 500e-9;
const BEFORE_S = 30e-9;
const seconds = (metres: number) => metres / (VF * LIGHT_M_S);

interface Scene {
  readonly name: string;
  readonly ohm: number;
  /** Of a line from node `t` at the tee on. */
  readonly parts: readonly string[];
  readonly pulse: boolean;
  readonly found: readonly (readonly [kind: string, metres: number])[];
}

const line = (name: string, from: string, to: string, ohm: number, metres: number) =>
  `T${name} ${from} 0 ${to} 0 Z0=${ohm} TD=${seconds(metres)}`;

const SCENES: readonly Scene[] = [
  {
    name: 'an open end',
    ohm: 50,
    parts: [line('a', 't', 'a', 50, 21.7), 'Rend a 0 1e9'],
    pulse: true,
    found: [['open', 21.7]],
  },
  {
    name: 'a series resistance before a short',
    ohm: 50,
    parts: [
      line('a', 't', 'a', 50, 8.6),
      'Rs a b 25',
      line('b', 'b', 'c', 50, 12.7),
      'Rend c 0 1e-3',
    ],
    pulse: false,
    found: [
      ['series', 8.6],
      ['short', 21.3],
    ],
  },
  {
    name: 'a wet piece, on a line that the source does not match',
    ohm: 100,
    parts: [
      line('a', 't', 'a', 100, 11.2),
      line('b', 'a', 'b', 70, 3.1),
      line('c', 'b', 'c', 100, 9.4),
      'Rend c 0 1e9',
    ],
    pulse: false,
    found: [
      ['drop', 11.2],
      ['rise', 14.3],
      ['open', 23.7],
    ],
  },
  {
    name: 'a branch',
    ohm: 75,
    parts: [
      line('a', 't', 'a', 75, 9.5),
      line('s', 'a', 'stub', 75, 3.3),
      'Rstub stub 0 1e9',
      line('b', 'a', 'b', 75, 14.1),
      'Rend b 0 1e-3',
    ],
    pulse: true,
    found: [
      ['tap', 9.5],
      ['short', 23.6],
    ],
  },
];

function traceOf({ parts, pulse }: Scene): Float64Array {
  const width = pulse ? '5n' : '1';
  const netlist = [
    '* a line at a tee',
    `Vs s 0 PULSE(0 2 ${BEFORE_S} 1n 1n ${width} 10)`,
    'Rsource s t 50',
    'Rscope t 0 1e6',
    ...parts,
    `.tran ${STEP_S} ${UNTIL_S} 0 ${STEP_S / 2}`,
    '.control',
    'run',
    `linearize v(t)`,
    'set filetype=ascii',
    'print v(t)',
    '.endc',
    '.end',
    '',
  ].join('\n');
  const { stdout } = spawnSync('ngspice', ['-b'], {
    input: netlist,
    encoding: 'utf8',
    maxBuffer: 64e6,
  });
  const rows = [...stdout.matchAll(/^\d+\s+(\S+)\s*$/gm)];
  return Float64Array.from(rows, ([, volts]) => Number(volts));
}

describe('Traces of a general circuit simulator', () => {
  for (const scene of SCENES)
    it(`come out as what is on the line: ${scene.name}`, () => {
      const clean = traceOf(scene);
      expect(clean.length).toBeGreaterThan(1500);
      const normal = normalFrom(5);
      const capture: Capture = {
        kind: 'trace',
        trace: {
          volts: clean.map((volt) => volt + 0.004 * normal()),
          intervalS: STEP_S,
          fromS: 0,
        },
        hints: { scopeOhm: null, velocityFactor: null },
        notes: [],
        firstLine: 1,
      };
      const analysed = analyse(capture, {
        ...NOTHING_TOLD,
        velocityFactor: { value: VF, u: 0.002 },
        impedanceOhm: scene.ohm,
        sourceOhm: 50,
        scopeOhm: 1e6,
        riseS: 0.8e-9,
        pulseWidthS: scene.pulse ? 6e-9 : null,
      });
      if (!analysed.ok) throw new Error(analysed.reason.code);
      const places = analysed.analysis.events.filter(({ kind }) => kind !== 'ghost');
      expect(places.map(({ kind }) => kind)).toEqual(
        scene.found.map(([kind]) => kind) as (typeof places)[number]['kind'][],
      );
      scene.found.forEach(([, metres], index) => {
        const place = places[index];
        if (!place) return;
        // The simulator's own steps in time are no finer than half a sample.
        const within = 4 * place.delayS.u + STEP_S / 2;
        expect(Math.abs(place.delayS.value - 2 * seconds(metres))).toBeLessThan(within);
      });
    }, 60_000);
});
