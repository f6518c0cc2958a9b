import type { Capture } from '../../formats/captures';
import { evenDraws } from '../../units';
import { FIELD_CABLES, type FieldCable } from './cable';
import { by, div, add, exp, real, sub, type C } from './complex';
import { seenAt, type FieldLine, type FieldPart } from './line';
import { traceAt, type FieldSet } from './trace';

/** A place that is there, and what a person must be told of. */
export interface TruePlace {
  readonly atM: number;
  readonly kind: 'open' | 'short' | 'rise' | 'drop' | 'series' | 'tap' | 'matched';
  /** Of a branch, which ends open. */
  readonly branchM?: number;
  readonly end: boolean;
  /** Whether anybody with the same capture would see it. */
  readonly mustBeTold: boolean;
}

export interface FieldCase {
  readonly name: string;
  readonly capture: Capture;
  readonly cable: FieldCable;
  /** Of a trace: what was sent and what looked. */
  readonly set?: FieldSet;
  readonly places: readonly TruePlace[];
  /** What two places must be apart to be two. */
  readonly resolutionM: number;
}

const LIGHT = 299_792_458;
const FAULTS = ['none', 'cut', 'short', 'series', 'shunt', 'piece', 'tap', 'two'] as const;
export type FieldFault = (typeof FAULTS)[number];

interface Draw {
  readonly next: () => number;
  readonly pick: <T>(items: readonly T[]) => T;
}

function drawsOf(seed: number): Draw {
  const next = evenDraws(seed);
  return {
    next,
    pick: (items) => items[Math.floor(next() * items.length)] as (typeof items)[number],
  };
}

function between(draw: Draw, least: number, most: number): number {
  return least + (most - least) * draw.next();
}
const evenly = (draw: Draw, least: number, most: number): number =>
  Math.exp(between(draw, Math.log(least), Math.log(most)));
function normal(draw: Draw): number {
  return (
    Math.sqrt(-2 * Math.log(Math.max(1e-12, draw.next()))) * Math.cos(2 * Math.PI * draw.next())
  );
}

const plain = (lengthM: number): FieldPart => ({ kind: 'cable', lengthM });

/** What is on a line, and where. */
function lineWith(
  fault: FieldFault,
  cable: FieldCable,
  lengthM: number,
  draw: Draw,
): { readonly line: FieldLine; readonly places: readonly Omit<TruePlace, 'mustBeTold'>[] } {
  const atM = lengthM * between(draw, 0.25, 0.75);
  const endOhm = draw.pick([Infinity, Infinity, 0, null] as const);
  const end = (at: number, ohm: number | null): Omit<TruePlace, 'mustBeTold'> => ({
    atM: at,
    kind: ohm === null ? 'matched' : ohm === 0 ? 'short' : 'open',
    end: true,
  });
  const line = (parts: readonly FieldPart[], ohm: number | null = endOhm) => ({
    cable,
    parts,
    endOhm: ohm,
  });
  const rest = plain(lengthM - atM);
  switch (fault) {
    case 'none':
      return { line: line([plain(lengthM)]), places: [end(lengthM, endOhm)] };
    case 'cut':
      return { line: line([plain(atM)], Infinity), places: [end(atM, Infinity)] };
    case 'short':
      return { line: line([plain(atM)], 0), places: [end(atM, 0)] };
    case 'series': {
      const ohm = cable.ohm * evenly(draw, 0.2, 1.5);
      return {
        line: line([plain(atM), { kind: 'series', ohm }, rest]),
        places: [{ atM, kind: 'series', end: false }, end(lengthM, endOhm)],
      };
    }
    case 'shunt': {
      const ohm = cable.ohm * evenly(draw, 0.7, 5);
      return {
        line: line([plain(atM), { kind: 'shunt', ohm }, rest]),
        places: [{ atM, kind: 'tap', end: false }, end(lengthM, endOhm)],
      };
    }
    case 'piece': {
      const wideM = between(draw, 0.08, 0.2) * lengthM;
      const ohm = cable.ohm * draw.pick([0.7, 0.8, 1.25, 1.45] as const);
      const up = ohm > cable.ohm;
      return {
        line: line([
          plain(atM),
          { kind: 'cable', lengthM: wideM, ohm },
          plain(lengthM - atM - wideM),
        ]),
        places: [
          { atM, kind: up ? 'rise' : 'drop', end: false },
          { atM: atM + wideM, kind: up ? 'drop' : 'rise', end: false },
          end(lengthM, endOhm),
        ],
      };
    }
    case 'tap': {
      const stubM = between(draw, 0.05, 0.15) * lengthM;
      return {
        line: line([plain(atM), { kind: 'tap', lengthM: stubM }, rest]),
        places: [{ atM, kind: 'tap', end: false, branchM: stubM }, end(lengthM, endOhm)],
      };
    }
    case 'two': {
      const secondM = atM + (lengthM - atM) * between(draw, 0.3, 0.7);
      const ohm = cable.ohm * evenly(draw, 0.3, 1);
      return {
        line: line([
          plain(atM),
          { kind: 'series', ohm },
          plain(secondM - atM),
          { kind: 'shunt', ohm: cable.ohm * evenly(draw, 1, 3) },
          plain(lengthM - secondM),
        ]),
        places: [
          { atM, kind: 'series', end: false },
          { atM: secondM, kind: 'tap', end: false },
          end(lengthM, endOhm),
        ],
      };
    }
  }
}

const reflectionOf = (seen: C, referenceOhm: number): C =>
  div(sub(seen, real(referenceOhm)), add(seen, real(referenceOhm)));

/** Share of the band, from below, in which an echo is looked for by whoever wants to see it. */
const BANDS = [1, 1 / 2, 1 / 4, 1 / 8, 1 / 16, 1 / 32];
/** So many times the noise an echo must stand out to be one that must be told, and this size. */
const [SEEN, LEAST_SEEN] = [12, 0.012];

/**
 * A one-port sweep of a line with a fault: a port that is not quite what its calibration says, with a
 * pad of its own, and noise.
 */
export function sweepCase(seed: number): FieldCase {
  const draw = drawsOf(seed);
  const fault = FAULTS[seed % FAULTS.length] as FieldFault;
  const cable = draw.pick(FIELD_CABLES);
  const lengthM = evenly(draw, 6, 140);
  const { line, places } = lineWith(fault, cable, lengthM, draw);
  const speed = cable.velocityFactor * LIGHT;
  const topHz = draw.pick([100e6, 250e6, 500e6, 1000e6] as const);
  // As many points as see twice the cable at least.
  const spacingHz = speed / (2 * lengthM * between(draw, 1.6, 4));
  const count = Math.min(3201, Math.max(201, Math.ceil(topHz / spacingHz)));
  const hz = Array.from({ length: count }, (_, k) => ((k + 1) * topHz) / count);
  const noise = evenly(draw, 2e-4, 2e-3);
  const stray = by(exp([0, between(draw, -3, 3)]), between(draw, 0, 0.003));
  const strayS = between(draw, 0, 2e-10);
  const all = hz.map((one) => reflectionOf(seenAt(line, one), cable.ohm));
  const points = hz.map((one, k) => {
    const [re, im] = add(
      all[k] as C,
      by(exp([0, -2 * Math.PI * one * strayS]), Math.hypot(...stray)),
    );
    return { hz: one, s: [[{ re: re + noise * normal(draw), im: im + noise * normal(draw) }]] };
  });
  return {
    name: `${fault}, ${cable.name}, ${lengthM.toFixed(1)} m, ${topHz / 1e6} MHz, ${count} points`,
    capture: { kind: 'sweep', network: { points, ports: 1, referenceOhm: cable.ohm }, notes: [] },
    cable,
    places: places.map((place) => ({
      ...place,
      mustBeTold: place.kind !== 'matched' && stands(line, place.atM, hz, noise, speed),
    })),
    resolutionM: speed / (2 * topHz),
  };
}

/** Bits of a scope. */
const LEVELS = 256;

/**
 * A pulse or a step into a line with a fault, as a scope keeps it: a third of the sources don't match, its
 * input has a capacitance, noise and the mains ride on it, and its converter has so many levels.
 */
export function traceCase(seed: number, kind: FieldSet['kind']): FieldCase {
  const draw = drawsOf(seed);
  const fault = FAULTS[seed % FAULTS.length] as FieldFault;
  const cable = draw.pick(FIELD_CABLES);
  const lengthM = evenly(draw, 6, 100);
  const { line, places } = lineWith(fault, cable, lengthM, draw);
  const speed = cable.velocityFactor * LIGHT;
  const riseS = evenly(draw, 0.4e-9, 3e-9);
  const wholeS = (2 * lengthM) / speed;
  const intervalS = Math.max(riseS / 5, (wholeS * 1.6) / 6000);
  const beforeS = Math.max(20 * intervalS, 10e-9);
  const set: FieldSet = {
    kind,
    volts: draw.pick([1, 2, 3.3] as const),
    riseS,
    edge: draw.pick(['bell', 'cosine', 'poles'] as const),
    widthS: Math.max(3 * riseS, wholeS * between(draw, 0.03, 0.08)),
    sourceOhm: draw.pick([cable.ohm, cable.ohm, 50] as const),
    scopeOhm: 1e6,
    scopeF: between(draw, 5e-12, 18e-12),
    intervalS,
    samples: Math.ceil((beforeS + wholeS * between(draw, 1.3, 1.8)) / intervalS),
    beforeS,
  };
  const clean = traceAt(line, set);
  const noiseV = set.volts * evenly(draw, 3e-4, 4e-3);
  const [offsetV, humV, phase] = [between(draw, -0.1, 0.1), noiseV * draw.next(), 6 * draw.next()];
  const quantumV = (1.4 * set.volts) / LEVELS / draw.pick([1, 4, 16] as const);
  const volts = clean.map((volt, n) => {
    const hum = humV * Math.sin(2 * Math.PI * 50 * n * intervalS + phase);
    return quantumV * Math.round((volt + offsetV + hum + noiseV * normal(draw)) / quantumV);
  });
  const seen = (atM: number): boolean => {
    const [through, before] = [upTo(line, atM + 0.02), upTo(line, atM - 0.02)].map((some) =>
      traceAt(some, set),
    );
    const most = (through as Float64Array).reduce(
      (high, volt, n) => Math.max(high, Math.abs(volt - ((before as Float64Array)[n] as number))),
      0,
    );
    return most > Math.max(SEEN * noiseV, 4 * quantumV, LEAST_SEEN * set.volts);
  };
  return {
    name: `${fault}, ${kind}, ${cable.name}, ${lengthM.toFixed(1)} m, rise ${(riseS * 1e9).toFixed(1)} ns, source ${set.sourceOhm}`,
    capture: {
      kind: 'trace',
      trace: { volts, intervalS, fromS: -beforeS },
      hints: { scopeOhm: null, velocityFactor: null },
      notes: [],
      firstLine: 1,
    },
    cable,
    set,
    places: places.map((place) => ({
      ...place,
      mustBeTold: place.kind !== 'matched' && seen(place.atM),
    })),
    resolutionM: (speed * (kind === 'pulse' ? set.widthS : riseS)) / 2,
  };
}

/**
 * Whether the echo of a place stands out in some lower part of the band: what the line shows with all that
 * is there, less what it shows with everything from just before it on left matched.
 */
function stands(
  line: FieldLine,
  atM: number,
  hz: readonly number[],
  noise: number,
  speed: number,
): boolean {
  const before = upTo(line, atM - 0.02);
  const through = upTo(line, atM + 0.02);
  const delayS = (2 * atM) / speed;
  const echo = hz.map((one) => {
    const [with_, without] = [through, before].map((some) =>
      reflectionOf(seenAt(some, one), line.cable.ohm),
    );
    const [re, im] = sub(with_ as C, without as C);
    const turn = 2 * Math.PI * one * delayS;
    return re * Math.cos(turn) - im * Math.sin(turn);
  });
  return BANDS.some((share) => {
    const some = echo.slice(0, Math.max(8, Math.round(share * echo.length)));
    const height = Math.abs(some.reduce((sum, one) => sum + one, 0)) / some.length;
    return height > Math.max(LEAST_SEEN, (SEEN * noise) / Math.sqrt(some.length));
  });
}

/** The line up to a distance, and matched from there on. */
function upTo(line: FieldLine, atM: number): FieldLine {
  const parts: FieldPart[] = [];
  let here = 0;
  for (const part of line.parts) {
    if (here >= atM) return { ...line, parts, endOhm: null };
    if (part.kind !== 'cable') parts.push(part);
    else {
      parts.push({ ...part, lengthM: Math.min(part.lengthM, atM - here) });
      here += part.lengthM;
    }
  }
  return here >= atM ? { ...line, parts, endOhm: null } : { ...line, parts };
}
