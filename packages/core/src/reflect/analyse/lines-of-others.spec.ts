import { FIELD_CABLES } from '../../testing/field/cable';
import { sweepCase, traceCase, type FieldCase } from '../../testing/field/cases';
import { toldOf } from '../../testing/field/told-of';
import { traceAt, type FieldSet } from '../../testing/field/trace';
import { metresOf } from '../hand';
import { normalFrom } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { analyse } from './analyse';
import type { TraceEvent } from './event';

const analysed = (one: FieldCase) => {
  const answer = analyse(one.capture, toldOf(one));
  if (!answer.ok) throw new Error(answer.reason.code);
  return answer.analysis;
};
const near = (atM: number, places: readonly TraceEvent[]) =>
  places.filter(({ distanceM: { value } }) => Math.abs(value - atM) < Math.max(0.3, 0.012 * atM));

/** Sweeps of lines by another model, seed by seed; what each was once told as. */
const FAR_ENDS = [
  [1016, 'open end of 137 m of stranded pair, once nothing'],
  [1176, 'short end of 51 m of thin coaxial cable to 1 GHz, once nothing'],
  [1193, 'cut at 68 m of stranded pair to 1 GHz, once nothing'],
  [1224, 'open end of 122 m of stranded pair, once nothing'],
  [1012, 'short end behind a leak, once a step and two more places'],
  [1228, 'open end behind a leak, once a step and one more place'],
  [60027, 'short end behind a resistance two resolutions from the port, once three places more'],
  [60214, 'open end behind a branch, once two ends behind it'],
  [1046, 'open end behind a branch, once a branch and an end'],
] as const;

describe('A sweep of a lossy line that another model made', () => {
  for (const [seed, what] of FAR_ENDS)
    it(`shows its ${what}`, () => {
      const one = sweepCase(seed);
      const end = one.places.find((place) => place.end);
      if (!end) throw new Error('no end');
      const places = analysed(one).events.filter(({ kind }) => kind !== 'ghost');
      expect(
        near(end.atM, places).some((event) => event.end && event.kind === end.kind),
      ).toBeTrue();
      for (const event of places)
        expect(one.places.some(({ atM }) => near(atM, [event]).length > 0))
          .withContext(`${event.kind} at ${event.distanceM.value.toFixed(2)} m`)
          .toBeTrue();
    }, 60_000);

  it('says where more is there than its events explain, and then that none of them is sure', () => {
    // Besides its line it has an echo that comes the later, the higher the frequency: no cable does that.
    const one = sweepCase(1182);
    if (one.capture.kind !== 'sweep') throw new Error('no sweep');
    const { network } = one.capture;
    const points = network.points.map(({ hz, s }) => {
      const turned = -2 * Math.PI * hz * 90e-9 * (1 + hz / 400e6);
      const more = { re: 0.2 * Math.cos(turned), im: 0.2 * Math.sin(turned) };
      const whole = { re: (s[0]?.[0]?.re ?? 0) + more.re, im: (s[0]?.[0]?.im ?? 0) + more.im };
      return { hz, s: [[whole]] };
    });
    const { events, problems } = analysed({
      ...one,
      capture: { ...one.capture, network: { ...network, points } },
    });
    expect(problems.map(({ kind }) => kind)).toContain('unexplained');
    for (const { kind, confidence } of events.filter((event) => event.kind !== 'ghost'))
      expect(confidence).withContext(kind).toBeLessThanOrEqual(0.5);
  }, 60_000);

  it('does not call an end for sure what a joint before a matched line would look like', () => {
    for (const [seed, sureness] of [
      [1003, 0.5],
      [60179, 0.55],
    ] as const) {
      const one = sweepCase(seed);
      expect(one.places.map(({ kind }) => kind)).toEqual(['series', 'matched']);
      const [joint] = near(one.places[0]?.atM ?? 0, analysed(one).events);
      expect(joint?.confidence).toBeLessThanOrEqual(sureness);
    }
  }, 60_000);
});

/** Steps into lines by another model, looked at by an input with 5 to 18 pF; what each was once told as. */
const STEPS = [
  [6, 'a branch and the open end behind it, once nothing'],
  [17, 'a cut, once nothing'],
  [18, 'a short, once a drop and two more places'],
  [24, 'an open end, once a short far behind it'],
  [9002, 'a short behind 52 m of a pair that resists, once an open end at 118 m'],
  [9064, 'a short behind 84 m of stranded pair, once nothing'],
  [4041, 'a cut, once a launch that the range cut off'],
  [4011, 'a resistance, once a launch that begins the record'],
] as const;

describe('A step that a scope with a capacitance looked at', () => {
  for (const [seed, what] of STEPS)
    it(`shows ${what}`, () => {
      const one = traceCase(seed, 'step');
      const places = analysed(one).events.filter(({ kind }) => kind !== 'ghost');
      for (const { atM, mustBeTold } of one.places)
        if (mustBeTold) expect(near(atM, places).length).withContext(`${atM} m`).toBe(1);
      const end = one.places.find((place) => place.end);
      const told = near(end?.atM ?? 0, places)[0];
      expect([told?.kind, told?.end]).toEqual([end?.kind, true]);
    }, 60_000);
});

describe('Echoes that lie so near that one hides where another begins', () => {
  for (const [seed, kind] of [
    [70054, 'pulse'],
    [70214, 'pulse'],
    [70118, 'step'],
    [80071, 'step'],
  ] as const)
    it(`are told one by one: an end behind a branch and its repeats, by a ${kind} (${seed})`, () => {
      const one = traceCase(seed, kind);
      const { events, problems } = analysed(one);
      expect(problems.map((problem) => problem.kind)).not.toContain('unexplained');
      const places = events.filter((event) => event.kind !== 'ghost');
      expect(places.length).toBe(one.places.length);
      const end = one.places.find((place) => place.end);
      expect(near(end?.atM ?? 0, places)[0]?.kind).toBe(end?.kind ?? 'open');
    }, 60_000);
});

describe('A branch', () => {
  it('is told with its length, where its open end is seen too', () => {
    for (const seed of [6, 14, 22, 9006]) {
      const one = traceCase(seed, 'step');
      const branchM = one.places.find(({ kind }) => kind === 'tap')?.branchM ?? Infinity;
      const branchS = analysed(one).events.find(({ kind }) => kind === 'tap')?.branchS;
      const toldM = metresOf(branchS?.value ?? 0, one.cable.velocityFactor);
      const uM = metresOf(branchS?.u ?? 0, one.cable.velocityFactor);
      expect(Math.abs(toldM - branchM))
        .withContext(`${toldM.toFixed(3)} of ${branchM.toFixed(3)} m`)
        .toBeLessThan(3 * uM + 0.005);
      expect(uM).toBeLessThan(0.05);
    }
  }, 60_000);
});

describe('A pulse into a branch that ends, and a line that is matched', () => {
  it('is as well one into a line that ends, and a branch that is matched: it says so', () => {
    const one = traceCase(9014, 'pulse');
    expect(one.places.map(({ kind }) => kind)).toEqual(['tap', 'matched']);
    const { events, problems } = analysed(one);
    expect(problems.map(({ kind }) => kind)).toContain('branch-or-end');
    const end = events.find((event) => event.end);
    expect(end?.kind).toBe('open');
    expect(end?.confidence).toBeLessThanOrEqual(0.5);
  }, 60_000);
});

describe('A thin cable, whose resistance is no part of its skin effect', () => {
  const [, thin] = FIELD_CABLES;
  if (!thin) throw new Error('no thin cable');
  const set: FieldSet = {
    kind: 'step',
    volts: 2,
    riseS: 1.5e-9,
    edge: 'bell',
    widthS: 0,
    sourceOhm: thin.ohm,
    scopeOhm: 1e6,
    scopeF: 10e-12,
    intervalS: 3e-10,
    samples: 3000,
    beforeS: 20e-9,
  };
  // Once 56, 51 and 23 ohm, and 1.15 of what was sent from the short.
  for (const [wireMm, lengthM, endOhm, share] of [
    [0.29, 60, 0, 0.05],
    [0.29, 30, Infinity, 0.01],
    [0.2, 40, null, 0.1],
  ] as const)
    it(`of ${wireMm} mm is told as one of ${thin.ohm} ohm for ${lengthM} m`, () => {
      const cable = { ...thin, wireMm, strands: false };
      const line = { cable, parts: [{ kind: 'cable' as const, lengthM }], endOhm };
      const noise = normalFrom(5);
      const volts = traceAt(line, set).map((volt) => volt + 0.002 * noise());
      const answer = analyse(
        {
          kind: 'trace',
          trace: { volts, intervalS: set.intervalS, fromS: -set.beforeS },
          hints: { scopeOhm: null, velocityFactor: null },
          notes: [],
          firstLine: 1,
        },
        {
          ...NOTHING_TOLD,
          velocityFactor: { value: thin.velocityFactor, u: 0.003 },
          impedanceOhm: thin.ohm,
          sourceOhm: set.sourceOhm,
          scopeOhm: set.scopeOhm,
          pulse: 'step',
        },
      );
      if (!answer.ok) throw new Error(answer.reason.code);
      const { cable: fitted, events } = answer.analysis;
      expect(Math.abs(fitted.impedanceOhm.value / thin.ohm - 1)).toBeLessThan(share);
      expect(events.length).toBe(endOhm === null ? 0 : 1);
      for (const { reflection } of events) expect(Math.abs(reflection.value)).toBeLessThan(1.06);
    }, 60_000);
});
