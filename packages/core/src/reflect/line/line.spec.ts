import { LIGHT_M_S } from '../../units';
import { lossOf } from '../simulate';
import { besselRatio } from '../../testing/field/cable';
import { mul, real, root } from '../../testing/field/complex';
import { attenuationOf } from './attenuation';
import { LOSSLESS, type Joint, type Line, type Termination } from './line';
import { inputImpedance, type InputImpedance } from './input-impedance';
import { keepMedia } from './medium';
import { frequencies } from './plane';
import { reflectionAgainst, valueOf, type Tee } from './ratio';
import { traceOf } from './respond';
import { throughOf } from './through-line';

const TEE: Tee = { sourceOhm: 50, scopeOhm: 1e9, scopeF: 0 };
const BASE = { samples: 2400, intervalS: 0.25e-9, fromS: -50e-9 };
const RISE = 1e-9;

const stepInto = (line: Line, tee = TEE) => {
  const volts = traceOf(
    line,
    { kind: 'step', amplitudeV: 1, atS: 0, widthS: null, rampS: RISE, bellS: 0.2e-9, poleS: 0 },
    tee,
    BASE,
    RISE,
  );
  return (timeS: number) => volts[Math.round((timeS - BASE.fromS) / BASE.intervalS)] as number;
};
const piece = (impedanceOhm: number, delayS: number, loss = LOSSLESS) => ({
  impedanceOhm,
  delayS,
  loss,
});

/** Echoes by following every wave through a lattice of pieces of equal delay: another road than ours. */
function lattice(ohms: readonly number[], endOhm: number, tee: Tee, steps: number): number[] {
  const teeOhm = 1 / (1 / tee.sourceOhm + 1 / tee.scopeOhm);
  const first = ohms[0] as number;
  const count = ohms.length;
  let right = ohms.map(() => 0);
  let left = ohms.map(() => 0);
  // What set out from the far end of the first piece reaches the tee one step later.
  let back = 0;
  const volts: number[] = [];
  const teeBack = (teeOhm - first) / (teeOhm + first);
  // Thévenin of source and scope, into the first piece.
  const drive = (tee.scopeOhm / (tee.scopeOhm + tee.sourceOhm)) * (first / (first + teeOhm));
  for (let step = 0; step < steps; step += 1) {
    // `right` has just set out from the near end of its piece, `left` from the far end.
    const arrived = back;
    back = left[0] as number;
    const sent = drive + teeBack * arrived;
    volts.push(sent + arrived);
    const before = ohms.map((_, i) => (i === 0 ? sent : (right[i] as number)));
    const [nextRight, nextLeft] = [ohms.map(() => 0), ohms.map(() => 0)];
    for (let i = 0; i < count; i += 1) {
      const here = ohms[i] as number;
      const there = i + 1 < count ? (ohms[i + 1] as number) : endOhm;
      const thrown = there === Infinity ? 1 : (there - here) / (there + here);
      const fromBehind = i + 1 < count ? (left[i + 1] as number) : 0;
      nextLeft[i] = thrown * (before[i] as number) + (1 - thrown) * fromBehind;
      if (i + 1 < count)
        nextRight[i + 1] = (1 + thrown) * (before[i] as number) - thrown * fromBehind;
    }
    [right, left] = [nextRight, nextLeft];
  }
  return volts;
}

describe('A line', () => {
  it('shows the levels that every textbook has', () => {
    const end = (termination: Termination) =>
      stepInto({ sections: [piece(50, 50e-9)], joints: [], termination });
    expect(end({ kind: 'open' })(60e-9)).toBeCloseTo(0.5, 4);
    expect(end({ kind: 'open' })(150e-9)).toBeCloseTo(1, 4);
    expect(end({ kind: 'short' })(150e-9)).toBeCloseTo(0, 4);
    expect(end({ kind: 'matched' })(150e-9)).toBeCloseTo(0.5, 4);
    expect(end({ kind: 'resistor', ohm: 150 })(150e-9)).toBeCloseTo(0.75, 4);
  });

  it('goes to and fro as a lattice of waves does', () => {
    const ohms = [75, 110, 40, 75];
    const tee = { sourceOhm: 30, scopeOhm: 600, scopeF: 0 };
    for (const endOhm of [Infinity, 0, 20]) {
      const at = stepInto(
        {
          sections: ohms.map((ohm) => piece(ohm, 20e-9)),
          joints: ohms.slice(1).map((): Joint => ({ kind: 'plain' })),
          termination:
            endOhm === Infinity ? { kind: 'open' } : { kind: 'resistor', ohm: endOhm || 1e-9 },
        },
        tee,
      );
      lattice(ohms, endOhm, tee, 24).forEach((volt, step) => {
        if (step % 2 === 0)
          expect(at(step * 20e-9 + 10e-9))
            .withContext(`${step}`)
            .toBeCloseTo(volt, 3);
      });
    }
  });

  it('loses what its sheet tells, and smears before it delays', () => {
    const loss = lossOf({ a0: 0.2, a1: 2, a2: 0.02 }, 0.7);
    const delayS = 100 / (0.7 * LIGHT_M_S);
    const hz = [1e6, 1e7, 1e8];
    const { s21 } = throughOf(
      { sections: [piece(100, delayS, loss)], joints: [], termination: { kind: 'matched' } },
      frequencies(hz),
      100,
    );
    hz.forEach((one, k) => {
      const mhz = one / 1e6;
      const db = -20 * Math.log10(Math.hypot(s21[k]?.re ?? 0, s21[k]?.im ?? 0));
      const told = (attenuationOf(loss, [one])[0] ?? 0) * delayS * (20 / Math.LN10);
      // Of what it loses at direct current, a quarter stays where the skin conducts.
      expect(told / (0.2 / 4 + 2 * Math.sqrt(mhz) + 0.02 * mhz)).toBeCloseTo(1, 2);
      // At low frequency the resistance is no small part of the reactance.
      expect(Math.abs(db / told - 1)).toBeLessThan(one < 2e6 ? 0.08 : 0.025);
    });
    const at = stepInto({
      sections: [piece(50, 100e-9, lossOf({ a0: 0, a1: 2, a2: 0 }, 0.7))],
      joints: [],
      termination: { kind: 'open' },
    });
    // Nothing before its time, a slow rise after it.
    expect(at(198e-9) - at(190e-9)).toBeLessThan(0.002);
    expect(at(215e-9)).toBeGreaterThan(at(205e-9) + 0.02);
  });

  it('has wires like round ones from direct current to where only their skin conducts', () => {
    // R′ / L′ of a thin cable.
    const resistance = 4e5;
    for (const depths of [0.3, 1, 2, 4, 6, 7, 10, 30]) {
      // Well above, a wire of d depths has R d / √2 at 45 degrees, which is 2 skin √ω.
      const radians = 1e7;
      const skin = (resistance * depths) / Math.sqrt(8 * radians);
      const ka = mul(root([0, 2]), real(depths));
      const exact = mul(mul(ka, real(resistance / 2)), besselRatio(ka));
      const media = keepMedia(frequencies([radians / (2 * Math.PI)]));
      const { wave } = media.of({ resistance, skin, dielectric: 0 });
      // γ² = s (s + Z / L′) of a lossless dielectric.
      const gamma = root(mul([0, radians], [exact[0], radians + exact[1]]));
      expect((wave.re[0] ?? 0) / gamma[0])
        .withContext(`${depths} depths`)
        .toBeCloseTo(1, 4);
      const [neper = 0] = attenuationOf({ resistance, skin, dielectric: 0 }, [
        radians / (2 * Math.PI),
      ]);
      expect(neper / (exact[0] / 2))
        .withContext(`${depths} depths`)
        .toBeCloseTo(1, 4);
    }
  });

  it('of kilometres loses more than numbers hold, and is still itself at its ends', () => {
    const loss = lossOf({ a0: 0.2, a1: 2, a2: 0.02 }, 0.7);
    const delayS = 20_000 / (0.7 * LIGHT_M_S);
    const { s11, s21, s22 } = throughOf(
      {
        sections: [piece(100, delayS, loss), piece(75, delayS, loss)],
        joints: [{ kind: 'plain' }],
        termination: { kind: 'matched' },
      },
      frequencies([1e9]),
      100,
    );
    // Far ends don’t show: each end is its own cable against the reference.
    expect(Math.hypot(s11[0]?.re ?? 9, s11[0]?.im ?? 9)).toBeLessThan(0.01);
    expect(s22[0]?.re).toBeCloseTo((75 - 100) / (75 + 100), 2);
    expect(s21[0]).toEqual({ re: 0, im: 0 });
  });

  it('without loss keeps all power, and is the same from both sides', () => {
    const hz = Array.from({ length: 60 }, (_, k) => 1e6 + 7.3e6 * k);
    const line: Line = {
      sections: [piece(50, 11e-9), piece(90, 7e-9), piece(35, 3e-9)],
      joints: [{ kind: 'plain' }, { kind: 'tap', stub: piece(60, 4e-9) }],
      termination: { kind: 'matched' },
    };
    const { s11, s21, s22 } = throughOf(line, frequencies(hz), 50);
    const power = (one?: { re: number; im: number }) => (one ? one.re ** 2 + one.im ** 2 : 0);
    hz.forEach((_, k) => {
      expect(power(s11[k]) + power(s21[k])).toBeCloseTo(1, 9);
      expect(power(s22[k])).toBeCloseTo(power(s11[k]), 9);
    });
  });

  it('looks the same by impedances and by chain matrices', () => {
    const hz = [3e6, 41e6, 333e6];
    const loss = lossOf({ a0: 0.1, a1: 1, a2: 0.01 }, 0.66);
    const line: Line = {
      sections: [piece(50, 20e-9, loss), piece(75, 30e-9, loss)],
      joints: [{ kind: 'series', ohm: 20 }],
      termination: { kind: 'resistor', ohm: 50 },
    };
    const plane = frequencies(hz);
    const back = valueOf(
      reflectionAgainst(50),
      inputImpedance(line, keepMedia(plane)).near[0] as InputImpedance,
      plane,
    );
    const { s11 } = throughOf(line, plane, 50);
    hz.forEach((_, k) => {
      expect(back.re[k]).toBeCloseTo(s11[k]?.re ?? 9, 9);
      expect(back.im[k]).toBeCloseTo(s11[k]?.im ?? 9, 9);
    });
  });
});
