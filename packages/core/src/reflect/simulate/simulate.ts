import type { Capture, Complex, Touchstone } from '../../formats/captures';
import { smoothLaunch } from '../line/launch';
import type { Joint, Line, Termination } from '../line/line';
import { inputImpedance, type InputImpedance } from '../line/input-impedance';
import { keepMedia } from '../line/medium';
import { frequencies } from '../line/plane';
import { reflectionAgainst, valueOf, type Tee } from '../line/ratio';
import { traceOf } from '../line/respond';
import { throughOf } from '../line/through-line';
import { sectionOf, type Segment } from './segment';

/** What lies between two segments. A branch is told by its length; it is of the segment's own cable. */
export type SimulatedJoint =
  | { readonly kind: 'plain' }
  | { readonly kind: 'series' | 'shunt'; readonly ohm: number }
  | { readonly kind: 'tap'; readonly lengthM: number };

/** How the line is looked at. */
export type Probe =
  | {
      readonly kind: 'pulse' | 'step';
      readonly volts: number;
      readonly riseS: number;
      /** Of a step it does not count. */
      readonly widthS: number;
      readonly sourceOhm: number;
      readonly scopeOhm: number;
      readonly intervalS: number;
      readonly samples: number;
      /** Quiet line before the launch. */
      readonly beforeS: number;
    }
  | {
      readonly kind: 'one-port' | 'two-port';
      readonly fromHz: number;
      readonly toHz: number;
      readonly points: number;
      readonly referenceOhm: number;
    };

export interface Simulation {
  readonly segments: readonly Segment[];
  /** One fewer than there are segments. */
  readonly joints: readonly SimulatedJoint[];
  readonly termination: Termination;
  readonly probe: Probe;
  /** Standard deviation of a sample, V; of a sweep, of each part of a value. */
  readonly noise: number;
  /** Least step of the converter, V; 0 for none. */
  readonly quantumV: number;
}

/** The line of a simulation. */
export function simulatedLine({ segments, joints, termination }: Simulation): Line {
  return {
    sections: segments.map(sectionOf),
    joints: joints.map((joint, index): Joint => {
      if (joint.kind !== 'tap') return joint;
      const { velocityFactor, impedanceOhm, loss } = segments[index] as Segment;
      const { lengthM } = joint;
      return { kind: 'tap', stub: sectionOf({ lengthM, velocityFactor, impedanceOhm, loss }) };
    }),
    termination,
  };
}

/**
 * What an instrument would measure of a line: a trace at a tee, or a sweep.
 *
 * @param normal draws from the normal distribution of mean 0 and deviation 1; called for each sample
 */
export function simulate(simulation: Simulation, normal: () => number): Capture {
  const { probe, noise, quantumV } = simulation;
  const line = simulatedLine(simulation);
  if ('sourceOhm' in probe) {
    const { samples, intervalS, beforeS, riseS } = probe;
    const tee: Tee = { ...probe, scopeF: 0 };
    const clean = traceOf(
      line,
      smoothLaunch(probe.volts, riseS, probe.kind === 'pulse' ? probe.widthS : null),
      tee,
      { samples, intervalS, fromS: -beforeS },
      riseS,
    );
    const volts = clean.map((volt) => {
      const noisy = volt + (noise > 0 ? noise * normal() : 0);
      return quantumV > 0 ? quantumV * Math.round(noisy / quantumV) : noisy;
    });
    return {
      kind: 'trace',
      trace: { volts, intervalS, fromS: -beforeS },
      hints: { scopeOhm: tee.scopeOhm, velocityFactor: null },
      notes: [],
      firstLine: 1,
    };
  }
  return { kind: 'sweep', network: sweepOf(line, probe, noise, normal), notes: [] };
}

function sweepOf(
  line: Line,
  probe: Extract<Probe, { readonly kind: 'one-port' | 'two-port' }>,
  noise: number,
  normal: () => number,
): Touchstone {
  const { fromHz, toHz, points, referenceOhm, kind } = probe;
  const hz = Array.from(
    { length: points },
    (_, k) => fromHz + ((toHz - fromHz) * k) / Math.max(1, points - 1),
  );
  const plane = frequencies(hz);
  const noisy = (re: number, im: number): Complex =>
    noise > 0 ? { re: re + noise * normal(), im: im + noise * normal() } : { re, im };
  if (kind === 'one-port') {
    const back = valueOf(
      reflectionAgainst(referenceOhm),
      inputImpedance(line, keepMedia(plane)).near[0] as InputImpedance,
      plane,
    );
    return {
      ports: 1,
      referenceOhm,
      points: hz.map((one, k) => ({
        hz: one,
        s: [[noisy(back.re[k] as number, back.im[k] as number)]],
      })),
    };
  }
  const { s11, s21, s12, s22 } = throughOf(line, plane, referenceOhm);
  return {
    ports: 2,
    referenceOhm,
    points: hz.map((one, k) => ({
      hz: one,
      s: [
        [noisy(s11[k]?.re ?? 0, s11[k]?.im ?? 0), noisy(s12[k]?.re ?? 0, s12[k]?.im ?? 0)],
        [noisy(s21[k]?.re ?? 0, s21[k]?.im ?? 0), noisy(s22[k]?.re ?? 0, s22[k]?.im ?? 0)],
      ],
    })),
  };
}
