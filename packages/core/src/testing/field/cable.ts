import { add, by, div, mul, real, root, type C } from './complex';

// A cable by its own physics, written apart from the analysis: round wires by Bessel functions, a
// dielectric by Debye terms. Nothing here is shared with src/reflect.

export interface FieldCable {
  readonly name: string;
  readonly kind: 'coax' | 'pair';
  /** As its external inductance and its capacitance at 100 MHz make it. */
  readonly ohm: number;
  readonly velocityFactor: number;
  readonly wireMm: number;
  /** Strands carry current on a longer way than a round wire. */
  readonly strands: boolean;
  /** Inside of a shield. */
  readonly shieldMm: number;
  /** About, from 1 MHz to 1 GHz. */
  readonly lossAngle: number;
}

/** Kinds that are met at a site, by round figures of their sizes. */
export const FIELD_CABLES: readonly FieldCable[] = [
  {
    name: 'coax, solid, 50 ohm',
    kind: 'coax',
    ohm: 50,
    velocityFactor: 0.66,
    wireMm: 0.9,
    strands: true,
    shieldMm: 2.95,
    lossAngle: 3e-4,
  },
  {
    name: 'coax, thin, 50 ohm',
    kind: 'coax',
    ohm: 50,
    velocityFactor: 0.695,
    wireMm: 0.48,
    strands: true,
    shieldMm: 1.5,
    lossAngle: 4e-4,
  },
  {
    name: 'coax, foam, 75 ohm',
    kind: 'coax',
    ohm: 75,
    velocityFactor: 0.82,
    wireMm: 1.02,
    strands: false,
    shieldMm: 4.6,
    lossAngle: 2e-4,
  },
  {
    name: 'coax, solid, 75 ohm',
    kind: 'coax',
    ohm: 75,
    velocityFactor: 0.66,
    wireMm: 0.58,
    strands: false,
    shieldMm: 3.7,
    lossAngle: 3e-4,
  },
  {
    name: 'pair, solid, 100 ohm',
    kind: 'pair',
    ohm: 100,
    velocityFactor: 0.68,
    wireMm: 0.51,
    strands: false,
    shieldMm: 0,
    lossAngle: 1e-3,
  },
  {
    name: 'pair, stranded, 100 ohm',
    kind: 'pair',
    ohm: 100,
    velocityFactor: 0.67,
    wireMm: 0.45,
    strands: true,
    shieldMm: 0,
    lossAngle: 2e-3,
  },
];

const LIGHT = 299_792_458;
const MU_0 = 4e-7 * Math.PI;
const COPPER_OHM_M = 1.7241e-8;
/** Two wires beside each other crowd their currents together. */
const PROXIMITY = 1.15;
const STRANDED = 1.2;
const BRAID = 1.5;

/** I0(x) / I1(x) of a complex x: by their power series, and for large x by its own asymptotic series. */
export function besselRatio(x: C): C {
  if (Math.hypot(...x) > 25) {
    const inverse = div(real(1), x);
    const square = mul(inverse, inverse);
    return add(
      add(real(1), by(inverse, 0.5)),
      add(by(square, 0.375), by(mul(square, inverse), 0.375)),
    );
  }
  const quarter = by(mul(x, x), 0.25);
  let [zero, one, term, first]: C[] = [real(1), real(1), real(1), real(1)];
  for (let k = 1; k < 90; k += 1) {
    term = by(mul(term as C, quarter), 1 / (k * k));
    first = by(mul(first as C, quarter), 1 / (k * (k + 1)));
    zero = add(zero as C, term);
    one = add(one as C, first);
  }
  return div(zero as C, mul(by(x, 0.5), one as C));
}

/** Impedance of a metre of a round wire: k rho / (2 pi a) I0(ka) / I1(ka), k = sqrt(j w mu / rho). */
function wireOhm(radians: number, radiusM: number): C {
  const k = root([0, (radians * MU_0) / COPPER_OHM_M]);
  return by(mul(k, besselRatio(by(k, radiusM))), COPPER_OHM_M / (2 * Math.PI * radiusM));
}

/** Debye terms whose loss angle stays about the same over four decades. */
const RELAXATIONS_S = [3e-7, 3e-8, 3e-9, 3e-10, 3e-11];

function permittivity(radians: number, lossAngle: number): C {
  return RELAXATIONS_S.reduce<C>(
    (sum, tauS) => add(sum, div(real(1.45 * lossAngle), [1, radians * tauS])),
    real(1),
  );
}

/** Sheets tell of a dielectric at this frequency. */
const TOLD_AT = 2 * Math.PI * 100e6;
const relativeOf = (radians: number, lossAngle: number): C =>
  by(permittivity(radians, lossAngle), 1 / permittivity(TOLD_AT, lossAngle)[0]);

/** Of a metre: the exponent of a wave, and the impedance that it meets. */
export function lineAt(cable: FieldCable, hz: number, ohm = cable.ohm): { wave: C; impedance: C } {
  const radians = 2 * Math.PI * hz;
  const speed = cable.velocityFactor * LIGHT;
  const wire = wireOhm(radians, cable.wireMm / 2000);
  const more = cable.strands ? STRANDED : 1;
  const metal =
    cable.kind === 'pair'
      ? by(wire, 2 * PROXIMITY * more)
      : add(
          by(wire, more),
          by(root([0, radians * MU_0 * COPPER_OHM_M]), BRAID / (Math.PI * (cable.shieldMm / 1000))),
        );
  const series = add(metal, [0, (radians * ohm) / speed]);
  const across = mul([0, radians / (ohm * speed)], relativeOf(radians, cable.lossAngle));
  return { wave: root(mul(series, across)), impedance: root(div(series, across)) };
}
