import FFT from 'fft.js';
import { parseCapture, type Capture } from '../src/formats/captures';
import { LIGHT_M_S, WITHIN_95 } from '../src/units';
import { analyse, type TraceEvent } from '../src/reflect/analyse';
import { normalFrom, simulate, type Simulation } from '../src/reflect/simulate';
import { NOTHING_TOLD, type Told } from '../src/reflect/told';
import { damaged } from '../src/testing/damaged';
import { seeded } from '../src/testing/seeded';

// Reflect: speed beside one real FFT of the same length, intervals that hold, the bound on a delay, and
// captures that were damaged.

const VF = 0.7;
const LOSS = { a0: 0, a1: 1.4, a2: 0.005 };
const piece = (lengthM: number, impedanceOhm = 50) => ({
  lengthM,
  velocityFactor: VF,
  impedanceOhm,
  loss: LOSS,
});
const told = (more: Partial<Told>): Told => ({
  ...NOTHING_TOLD,
  velocityFactor: { value: VF, u: 0 },
  impedanceOhm: 50,
  sourceOhm: 50,
  scopeOhm: 1e6,
  ...more,
});

function once(work: () => void): number {
  const begun = performance.now();
  work();
  return (performance.now() - begun) / 1000;
}
const best = (work: () => void, rounds = 3): number =>
  Math.min(...Array.from({ length: rounds }, () => once(work)));

function realFft(samples: number): number {
  const size = 2 ** Math.ceil(Math.log2(samples));
  const fft = new FFT(size);
  const [data, out] = [new Float64Array(size), new Float64Array(2 * size)];
  for (let n = 0; n < size; n += 1) data[n] = Math.sin(n);
  return best(() => fft.realTransform(out, data), 7);
}

const probe = (samples: number, intervalS: number): Simulation['probe'] => ({
  kind: 'pulse',
  volts: 2,
  riseS: 1e-9,
  widthS: 5e-9,
  sourceOhm: 50,
  scopeOhm: 1e6,
  intervalS,
  samples,
  beforeS: 50e-9,
});

function speed(): void {
  for (const samples of [10_000, 2_000_000]) {
    const intervalS = 0.2e-9;
    // Longer records are a short one, and noise behind it.
    const short = simulate(
      {
        segments: [piece(18), piece(21)],
        joints: [{ kind: 'series', ohm: 20 }],
        termination: { kind: 'open' },
        probe: probe(10_000, intervalS),
        noise: 0.004,
        quantumV: 0,
      },
      normalFrom(1),
    );
    if (short.kind !== 'trace') continue;
    const normal = normalFrom(2);
    const volts = Float64Array.from(
      { length: samples },
      (_, n) => short.trace.volts[n] ?? 0.004 * normal(),
    );
    const capture: Capture = { ...short, trace: { ...short.trace, volts } };
    const before = process.memoryUsage();
    let most = 0;
    const work = best(() => {
      analyse(capture, told({ pulseWidthS: 5e-9, riseS: 1e-9 }), () => {
        const now = process.memoryUsage();
        most = Math.max(
          most,
          now.heapUsed + now.arrayBuffers - before.heapUsed - before.arrayBuffers,
        );
      });
    });
    const fft = realFft(samples);
    console.log(
      `${samples.toLocaleString('en')} samples analysed in ${(work * 1000).toFixed(0)} ms: ` +
        `${(work / fft).toFixed(1)} times one real FFT of that length (${(fft * 1000).toFixed(2)} ms), ` +
        `${(most / (8 * samples)).toFixed(1)} times the memory of the samples`,
    );
  }
}

/** A line at random: what lies on it, and what may be told of it. */
interface Scene {
  readonly line: Pick<Simulation, 'segments' | 'joints' | 'termination'>;
  readonly kinds: readonly TraceEvent['kind'][];
  /** Of the first place, from the tee; of a line with one place, that of its end. */
  readonly firstM: number;
}

/** Lines of many kinds: a place at a share of the length, and an open or a short at its end. */
const SCENES: Readonly<
  Record<string, (lengthM: number, share: number, end: 'open' | 'short') => Scene>
> = {
  end: (lengthM, _, end) => ({
    line: { segments: [piece(lengthM)], joints: [], termination: { kind: end } },
    kinds: [end],
    firstM: lengthM,
  }),
  series: (lengthM, share, end) => ({
    line: {
      segments: [piece(lengthM * share), piece(lengthM * (1 - share))],
      joints: [{ kind: 'series', ohm: 40 }],
      termination: { kind: end },
    },
    kinds: ['series', end],
    firstM: lengthM * share,
  }),
  leak: (lengthM, share, end) => ({
    line: {
      segments: [piece(lengthM * share), piece(lengthM * (1 - share))],
      joints: [{ kind: 'shunt', ohm: 60 }],
      termination: { kind: end },
    },
    kinds: ['tap', end],
    firstM: lengthM * share,
  }),
  branch: (lengthM, share, end) => ({
    line: {
      segments: [piece(lengthM * share), piece(lengthM * (1 - share))],
      joints: [{ kind: 'tap', lengthM: lengthM / 10 }],
      termination: { kind: end },
    },
    kinds: ['tap', end],
    firstM: lengthM * share,
  }),
  water: (lengthM, share, end) => ({
    line: {
      segments: [
        piece(lengthM * share * 0.8),
        piece(lengthM * 0.15, 40),
        piece(lengthM * (0.85 - share * 0.8)),
      ],
      joints: [{ kind: 'plain' }, { kind: 'plain' }],
      termination: { kind: end },
    },
    kinds: ['drop', 'rise', end],
    firstM: lengthM * share * 0.8,
  }),
  cable: (lengthM, share, end) => ({
    line: {
      segments: [piece(lengthM * share), piece(lengthM * (1 - share), 75)],
      joints: [{ kind: 'plain' }],
      termination: { kind: end },
    },
    kinds: ['rise', end],
    firstM: lengthM * share,
  }),
};

const delayOf = (lengthM: number) => (2 * lengthM) / (VF * LIGHT_M_S);

const summary = (errors: readonly number[]): string => {
  const within = errors.filter((error) => Math.abs(error) < WITHIN_95).length / errors.length;
  const bias = errors.reduce((sum, error) => sum + error, 0) / errors.length;
  return `${(100 * within).toFixed(1)} % of ${errors.length}, bias ${bias.toFixed(2)} u`;
};

/** Lines of many kinds, at random: how often the truth lies within, and how far off the mean is. */
function coverage(runs: number): void {
  const random = seeded(26);
  const [ends, firsts]: [number[], number[]] = [[], []];
  const right = new Map<string, [number, number]>();
  const took: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const lengthM = 0.5 * 600 ** (random.below(1000) / 1000);
    const widthS = lengthM > 60 ? 20e-9 : 5e-9;
    const noise = random.pick([0.001, 0.003, 0.01]);
    const delayS = delayOf(lengthM);
    const intervalS = Math.max(0.25e-9, delayS / 6000);
    const launch = random.pick(['pulse', 'step'] as const);
    const share = 0.15 + random.below(70) / 100;
    const scene = (SCENES[random.pick(Object.keys(SCENES))] as (typeof SCENES)[string])(
      lengthM,
      share,
      random.pick(['open', 'short'] as const),
    );
    const base = probe(Math.ceil((1.6 * delayS + 150e-9) / intervalS), intervalS);
    const capture = simulate(
      {
        ...scene.line,
        probe: { ...base, kind: launch, widthS } as typeof base,
        noise,
        quantumV: 0,
      },
      normalFrom(run + 11),
    );
    const begun = performance.now();
    const analysed = analyse(
      capture,
      told({ riseS: 1e-9, pulseWidthS: launch === 'pulse' ? widthS : null }),
    );
    took.push((performance.now() - begun) / 1000);
    const events: readonly TraceEvent[] = analysed.ok
      ? analysed.analysis.events.filter((event) => event.kind !== 'ghost')
      : [];
    const good = events.map((event) => event.kind).join() === scene.kinds.join();
    const group = `${lengthM < 2 ? 'below 2 m' : 'from 2 m'}, noise ${(100 * noise).toFixed(1)} % of the launch`;
    const [of, sum] = right.get(group) ?? [0, 0];
    right.set(group, [of + 1, sum + Number(good)]);
    if (!good) continue;
    const [first, last] = [events[0], events.at(-1)] as [TraceEvent, TraceEvent];
    ends.push((last.delayS.value - delayS) / last.delayS.u);
    if (events.length > 1)
      firsts.push((first.delayS.value - delayOf(scene.firstM)) / first.delayS.u);
  }
  for (const [group, [of, sum]] of [...right].sort())
    console.log(`All kinds right, ${group}: ${sum} of ${of}`);
  took.sort((a, b) => a - b);
  const atShare = (share: number) =>
    (took[Math.min(runs - 1, Math.floor(share * runs))] as number).toFixed(2);
  console.log(
    `Half of them took less than ${atShare(0.5)} s, nine tenths less than ${atShare(0.9)} s, the slowest ${atShare(1)} s`,
  );
  console.log(`The 95 % interval of the far end holds in ${summary(ends)}`);
  console.log(`That of the place before it in ${summary(firsts)}`);
}

/** The spread of a delay beside the least that any estimate can have (Cramér and Rao). */
function bound(): void {
  const clean = simulate(
    {
      segments: [{ ...piece(15), loss: { a0: 0, a1: 0, a2: 0 } }],
      joints: [],
      termination: { kind: 'open' },
      probe: probe(1200, 0.25e-9),
      noise: 0,
      quantumV: 0,
    },
    normalFrom(1),
  );
  if (clean.kind !== 'trace') return;
  const { volts, intervalS } = clean.trace;
  let slopes = 0;
  for (let n = 1; n + 1 < volts.length; n += 1)
    slopes += (((volts[n + 1] as number) - (volts[n - 1] as number)) / (2 * intervalS)) ** 2;
  // Launch and echo are alike here, and each has half of the slopes: the delay is their difference.
  const perEdge = slopes / 2;
  for (const decibel of [20, 30, 40, 50]) {
    const sd = 10 ** (-decibel / 20);
    const least = Math.sqrt((2 * sd * sd) / perEdge);
    const delays: number[] = [];
    for (let run = 0; run < 200; run += 1) {
      const normal = normalFrom(1000 * decibel + run);
      const noisy = volts.map((volt) => volt + sd * normal());
      const analysed = analyse(
        { ...clean, trace: { ...clean.trace, volts: noisy } },
        // A known pulse on a line of known loss: none.
        told({ riseS: 1e-9, pulseWidthS: 5e-9, skin: { value: 0, u: 0 } }),
      );
      const first = analysed.ok ? analysed.analysis.events[0] : undefined;
      if (first) delays.push(first.delayS.value);
    }
    const mean = delays.reduce((sum, one) => sum + one, 0) / delays.length;
    const spread = Math.sqrt(
      delays.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (delays.length - 1),
    );
    console.log(
      `One echo at ${decibel} dB: the delay spreads by ${(spread * 1e12).toFixed(1)} ps, ` +
        `${(spread / least).toFixed(2)} times the bound`,
    );
  }
}

/** Damaged captures: none may crash or hang, none may be told a place that is not a number. */
function fuzz(count: number): void {
  const random = seeded(100);
  const rows = Array.from(
    { length: 60 },
    (_, n) => `${(n * 0.5e-9).toExponential(3)},${n > 12 ? 1 : 0}`,
  );
  const files = [
    `Time,CH1\n${rows.join('\n')}\n`,
    `Zeit [ns];U [mV]\n${rows.map((row) => row.replace(',', ';').replaceAll('.', ',')).join('\n')}\n`,
    `# MHz S RI R 50\n${rows.map((_, n) => `${n + 1} 0.5 ${(n % 7) / 10}`).join('\n')}\n`,
  ];
  let [read, told_, slowest] = [0, 0, 0];
  for (let round = 0; round < count; round += 1) {
    const text = damaged(random.pick(files), random, 4);
    const took = once(() => {
      const parsed = parseCapture(text, random.pick(['', 'a.csv', 'a.s1p', 'a.s2p']));
      if (!parsed.ok) return;
      read += 1;
      // Every tenth is analysed too.
      if (read % 10 > 0) return;
      const analysed = analyse(parsed.capture, NOTHING_TOLD);
      if (!analysed.ok) return;
      told_ += 1;
      for (const { distanceM } of analysed.analysis.events)
        if (!Number.isFinite(distanceM.value) || !Number.isFinite(distanceM.u))
          throw new Error(`A place that is no number:\n${text}`);
    });
    slowest = Math.max(slowest, took);
  }
  console.log(
    `${count.toLocaleString('en')} damaged captures: ${read} could be read, ${told_} of the analysed told something, the slowest took ${slowest.toFixed(2)} s`,
  );
}

export function benchReflect(): void {
  speed();
  bound();
  coverage(400);
  fuzz(100_000);
}
