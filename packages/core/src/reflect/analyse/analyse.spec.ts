import type { Capture } from '../../formats/captures';
import { LIGHT_M_S } from '../../units';
import { NOTHING_TOLD, type Told } from '../told';
import { normalFrom, simulate, type Segment, type Simulation } from '../simulate';
import { analyse, firstLook, type TraceEvent } from '.';

const VF = 0.7;
const COAX = { a0: 0, a1: 1.4, a2: 0.005 };
const told = (more: Partial<Told> = {}): Told => ({
  ...NOTHING_TOLD,
  velocityFactor: { value: VF, u: 0.004 },
  impedanceOhm: 50,
  sourceOhm: 50,
  scopeOhm: 1e6,
  riseS: 1e-9,
  ...more,
});
const piece = (lengthM: number, impedanceOhm = 50): Segment => ({
  lengthM,
  velocityFactor: VF,
  impedanceOhm,
  loss: COAX,
});
const STEP: Simulation['probe'] = {
  kind: 'step',
  volts: 2,
  riseS: 1e-9,
  widthS: 5e-9,
  sourceOhm: 50,
  scopeOhm: 1e6,
  intervalS: 0.5e-9,
  samples: 1400,
  beforeS: 60e-9,
};
const PULSE: Simulation['probe'] = { ...STEP, kind: 'pulse' };
const SWEEP: Simulation['probe'] = {
  kind: 'one-port',
  fromHz: 1e6,
  toHz: 801e6,
  points: 801,
  referenceOhm: 50,
};
const take = (
  line: Pick<Simulation, 'segments' | 'joints' | 'termination'>,
  probe: Simulation['probe'],
  seed = 1,
  noise = 0.004,
): Capture => simulate({ ...line, probe, noise, quantumV: 0 }, normalFrom(seed));
const places = (capture: Capture, more: Partial<Told> = {}): readonly TraceEvent[] => {
  const analysed = analyse(capture, told(more));
  if (!analysed.ok) throw new Error(analysed.reason.code);
  return analysed.analysis.events.filter(({ kind }) => kind !== 'ghost');
};
const open = { kind: 'open' } as const;
const plain = { kind: 'plain' } as const;

const CASES: readonly {
  readonly name: string;
  readonly line: Pick<Simulation, 'segments' | 'joints' | 'termination'>;
  readonly found: readonly (readonly [kind: TraceEvent['kind'], atM: number])[];
}[] = [
  {
    name: 'an open end far away, which loss has made small',
    line: { segments: [piece(40)], joints: [], termination: open },
    found: [['open', 40]],
  },
  {
    name: 'a short',
    line: { segments: [piece(12.3)], joints: [], termination: { kind: 'short' } },
    found: [['short', 12.3]],
  },
  {
    name: 'a corroded joint before an open end',
    line: {
      segments: [piece(9), piece(17)],
      joints: [{ kind: 'series', ohm: 30 }],
      termination: open,
    },
    found: [
      ['series', 9],
      ['open', 26],
    ],
  },
  {
    name: 'a leak across before a short',
    line: {
      segments: [piece(14), piece(10)],
      joints: [{ kind: 'shunt', ohm: 80 }],
      termination: { kind: 'short' },
    },
    found: [
      ['tap', 14],
      ['short', 24],
    ],
  },
  {
    name: 'water in a piece of it',
    line: {
      segments: [piece(11), piece(3, 38), piece(12)],
      joints: [plain, plain],
      termination: open,
    },
    found: [
      ['drop', 11],
      ['rise', 14],
      ['open', 26],
    ],
  },
  {
    name: 'a branch',
    line: {
      segments: [piece(10), piece(14)],
      joints: [{ kind: 'tap', lengthM: 4 }],
      termination: open,
    },
    found: [
      ['tap', 10],
      ['open', 24],
    ],
  },
];

describe('The analysis of a trace', () => {
  for (const [probeName, probe] of [
    ['step', STEP],
    ['pulse', PULSE],
    ['sweep', SWEEP],
  ] as const)
    for (const { name, line, found } of CASES)
      it(`finds by ${probeName} ${name}`, () => {
        const width = probeName === 'pulse' ? { pulseWidthS: 5e-9 } : {};
        const noise = probeName === 'sweep' ? 0.001 : 0.004;
        const seen = places(take(line, probe, 3, noise), width);
        expect(seen.map(({ kind }) => kind)).toEqual(found.map(([kind]) => kind));
        found.forEach(([, atM], index) => {
          const { delayS, distanceM } = seen[index] as TraceEvent;
          const errorS = delayS.value - (2 * atM) / (VF * LIGHT_M_S);
          expect(Math.abs(errorS))
            .withContext(`delay ${errorS}`)
            .toBeLessThan(4 * delayS.u + 2e-11);
          expect(distanceM.value).toBeCloseTo(atM, 0);
          // The velocity factor is known to 0.6 %: so is every distance, at best.
          expect(distanceM.u).toBeGreaterThan((0.9 * atM * 0.004) / VF);
        });
      }, 60_000);

  it('tells nothing of a matched end, and how far it would have seen', () => {
    const analysed = analyse(
      take({ segments: [piece(30)], joints: [], termination: { kind: 'matched' } }, PULSE),
      told({ pulseWidthS: 5e-9 }),
    );
    if (!analysed.ok) throw new Error(analysed.reason.code);
    expect(analysed.analysis.events).toEqual([]);
    expect(analysed.analysis.problems.map(({ kind }) => kind)).toEqual(['nothing-comes-back']);
  });

  it('takes no repeat for a place where the source does not match', () => {
    const capture = take({ segments: [piece(12, 100)], joints: [], termination: open }, STEP);
    const analysed = analyse(capture, told({ impedanceOhm: 100 }));
    if (!analysed.ok) throw new Error(analysed.reason.code);
    const kinds = analysed.analysis.events.map(({ kind }) => kind);
    expect(kinds.filter((kind) => kind !== 'ghost')).toEqual(['open']);
    expect(kinds).toContain('ghost');
  });

  it('reads the scope’s own input out of the capture', () => {
    const probe = { ...PULSE, scopeOhm: 50 } as Simulation['probe'];
    const capture = take({ segments: [piece(19)], joints: [], termination: open }, probe);
    const [event] = places(capture, { scopeOhm: null, pulseWidthS: 5e-9 });
    expect(event?.kind).toBe('open');
    expect(event?.reflection.value).toBeCloseTo(1, 0);
  });

  it('says what it has assumed', () => {
    const analysed = analyse(
      take({ segments: [piece(19)], joints: [], termination: open }, PULSE),
      NOTHING_TOLD,
    );
    if (!analysed.ok) throw new Error(analysed.reason.code);
    const kinds = analysed.analysis.problems.map(({ kind }) => kind);
    expect(kinds).toContain('velocity-assumed');
    expect(kinds).toContain('impedance-assumed');
    expect(analysed.analysis.events[0]?.distanceM.u).toBeGreaterThan(1);
  }, 30_000);

  it('refuses what tells nothing: noise, a flat line, a launch that was cut off or missed', () => {
    const trace = (volts: ArrayLike<number>): Capture => ({
      kind: 'trace',
      trace: { volts: Float64Array.from(volts), intervalS: 1e-9, fromS: 0 },
      hints: { scopeOhm: null, velocityFactor: null },
      notes: [],
      firstLine: 1,
    });
    const normal = normalFrom(9);
    const noisy = Array.from({ length: 600 }, () => 0.01 * normal());
    const refused = (capture: Capture) => {
      const analysed = analyse(capture, told());
      return analysed.ok ? '' : analysed.reason.code;
    };
    expect(refused(trace(noisy))).toMatch(/^no-launch/);
    expect(refused(trace(noisy.map(() => 0.25)))).toBe('all-samples-alike');
    expect(refused(trace(noisy.slice(0, 10)))).toBe('too-few-samples');
    expect(refused(trace(noisy.map((volt, n) => volt + (n < 2 ? 0 : 1))))).toBe('launch-at-start');
    const whole = take({ segments: [piece(20)], joints: [], termination: open }, STEP, 2, 0.01);
    if (whole.kind !== 'trace') throw new Error('no trace');
    const cut = whole.trace.volts.map((volt) => Math.min(0.8, volt));
    expect(refused({ ...whole, trace: { ...whole.trace, volts: cut } })).toBe('launch-cut-off');
  });

  it('still tell where a pulse comes back from that the range cut off, and of a step at the rail nothing', () => {
    const cutAt = (probe: Simulation['probe'], volts: number): Capture => {
      const whole = take({ segments: [piece(20)], joints: [], termination: open }, probe, 2, 0.01);
      if (whole.kind !== 'trace') throw new Error('no trace');
      const cut = whole.trace.volts.map((volt) => Math.min(volts, volt));
      return { ...whole, trace: { ...whole.trace, volts: cut } };
    };
    const pulse = cutAt(PULSE, 0.7);
    const analysed = analyse(pulse, told());
    expect(analysed.ok ? '' : analysed.reason.code).toBe('launch-cut-off');
    const [place] = firstLook(pulse, told())?.places ?? [];
    if (!place) throw new Error('nothing seen');
    expect(Math.abs(place.distanceM.value - 20)).toBeLessThan(2 * place.distanceM.u);
    expect(place.distanceM.u).toBeLessThan(0.6);
    expect(firstLook(cutAt(STEP, 0.8), told())).toBeNull();
  });

  it('can be stopped', () => {
    const capture = take({ segments: [piece(20)], joints: [], termination: open }, STEP);
    expect(() =>
      analyse(capture, told(), () => {
        throw new Error('enough');
      }),
    ).toThrowError('enough');
  });

  it('says how far off the other reading is where a short shows as the pulse ends', () => {
    const lengthM = 0.57;
    const capture = take(
      { segments: [piece(lengthM)], joints: [], termination: { kind: 'short' } },
      { ...PULSE, intervalS: 0.25e-9, samples: 900 },
    );
    const [end] = places(capture, { pulseWidthS: 5e-9, velocityFactor: { value: VF, u: 0 } });
    if (!end) throw new Error('Nothing was found');
    expect(end.kind).toBe('short');
    expect(end.confidence).toBeLessThan(0.8);
    expect(end.distanceM.u).toBeGreaterThan(0.02);
    expect(Math.abs(end.distanceM.value - lengthM)).toBeLessThan(1.5 * end.distanceM.u);
  });
});
