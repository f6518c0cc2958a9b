import type { Complex } from '../../formats/captures';
import type { Line } from './line';
import { inputImpedance } from './input-impedance';
import { keepMedia, type Medium } from './medium';
import type { Plane } from './plane';

export interface ScatteringOfTwo {
  readonly s11: readonly Complex[];
  readonly s21: readonly Complex[];
  readonly s12: readonly Complex[];
  readonly s22: readonly Complex[];
}

const plus = (a: Complex, b: Complex): Complex => ({ re: a.re + b.re, im: a.im + b.im });
const times = (a: Complex, b: Complex): Complex => ({
  re: a.re * b.re - a.im * b.im,
  im: a.re * b.im + a.im * b.re,
});
const over = (a: Complex, b: Complex): Complex => {
  const size = b.re * b.re + b.im * b.im;
  return { re: (a.re * b.re + a.im * b.im) / size, im: (a.im * b.re - a.re * b.im) / size };
};
const by = (a: Complex, factor: number): Complex => ({ re: a.re * factor, im: a.im * factor });
const ONE: Complex = { re: 1, im: 0 };
const NONE: Complex = { re: 0, im: 0 };

type Chain = readonly [a: Complex, b: Complex, c: Complex, d: Complex];

const chained = ([a, b, c, d]: Chain, [e, f, g, h]: Chain): Chain => [
  plus(times(a, e), times(b, g)),
  plus(times(a, f), times(b, h)),
  plus(times(c, e), times(d, g)),
  plus(times(c, f), times(d, h)),
];

/**
 * Scattering of a line between two ports of one reference impedance; what it ends in does not count.
 *
 * Source: chain matrices of the textbook line, and their conversion to scattering parameters.
 */
export function throughOf(line: Line, plane: Plane, referenceOhm: number): ScatteringOfTwo {
  const kept = keepMedia(plane);
  const media = line.sections.map(({ loss }) => kept.of(loss));
  const out: { [name in keyof ScatteringOfTwo]: Complex[] } = {
    s11: [],
    s21: [],
    s12: [],
    s22: [],
  };
  // A branch, as what it lets across: looked into on its own.
  const stubs = line.joints.map((joint) =>
    joint.kind === 'tap'
      ? inputImpedance({ sections: [joint.stub], joints: [], termination: { kind: 'open' } }, kept)
          .near[0]
      : null,
  );
  for (let k = 0; k < plane.re.length; k += 1) {
    let chain: Chain = [ONE, NONE, NONE, ONE];
    // What a wave loses stays out of the chain, which would grow past all numbers on kilometres.
    let lost = 0;
    for (const [index, { impedanceOhm, delayS }] of line.sections.entries()) {
      const { wave, impedance } = media[index] as Medium;
      const z = by({ re: impedance.re[k] as number, im: impedance.im[k] as number }, impedanceOhm);
      const x = delayS * (wave.re[k] as number);
      const y = delayS * (wave.im[k] as number);
      lost += x;
      // Both times e^−x.
      const back = Math.exp(-2 * x);
      const [more, less] = [(1 + back) / 2, (1 - back) / 2];
      const cosh = { re: more * Math.cos(y), im: less * Math.sin(y) };
      const sinh = { re: less * Math.cos(y), im: more * Math.sin(y) };
      chain = chained(chain, [cosh, times(z, sinh), over(sinh, z), cosh]);
      const joint = line.joints[index];
      const stub = stubs[index];
      if (joint?.kind === 'series')
        chain = chained(chain, [ONE, { re: joint.ohm, im: 0 }, NONE, ONE]);
      if (joint?.kind === 'shunt')
        chain = chained(chain, [ONE, NONE, { re: 1 / joint.ohm, im: 0 }, ONE]);
      if (stub)
        chain = chained(chain, [
          ONE,
          NONE,
          over(
            { re: stub.den.re[k] as number, im: stub.den.im[k] as number },
            { re: stub.num.re[k] as number, im: stub.num.im[k] as number },
          ),
          ONE,
        ]);
    }
    const [a, b, c, d] = chain;
    const [bOver, cTimes] = [by(b, 1 / referenceOhm), by(c, referenceOhm)];
    const sum = plus(plus(a, d), plus(bOver, cTimes));
    out.s11.push(over(plus(plus(a, by(d, -1)), plus(bOver, by(cTimes, -1))), sum));
    out.s22.push(over(plus(plus(d, by(a, -1)), plus(bOver, by(cTimes, -1))), sum));
    // Reciprocal: the determinant of the whole chain is one.
    const through = over(by(ONE, 2 * Math.exp(-lost)), sum);
    out.s21.push(through);
    out.s12.push(through);
  }
  return out;
}
