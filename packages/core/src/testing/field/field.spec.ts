import { besselRatio, FIELD_CABLES, lineAt, type FieldCable } from './cable';
import { by, div, mul, root, type C } from './complex';
import { sweepCase } from './cases';
import { seenAt } from './line';

/** Of a round wire, its resistance over what it has at direct current, by its radius over the skin depth. */
function resistanceRatio(radiusOverDepth: number): number {
  const ka = by(root([0, 2]), radiusOverDepth);
  return mul(by(ka, 0.5), besselRatio(ka))[0];
}

const LOSSLESS: FieldCable = {
  name: 'of nothing but its sizes',
  kind: 'coax',
  ohm: 50,
  velocityFactor: 0.66,
  wireMm: 1e4,
  strands: false,
  shieldMm: 1e5,
  lossAngle: 0,
};

const reflection = (seen: C): C => div([seen[0] - 50, seen[1]], [seen[0] + 50, seen[1]]);

describe('The lines of another model', () => {
  it('have round wires: 1.02, 1.27 and 2.27 times direct current’s resistance at 1, 2 and 4 skin depths', () => {
    for (const [depths, ratio] of [
      [1, 1.02],
      [2, 1.27],
      [4, 2.27],
    ] as const)
      expect(resistanceRatio(depths)).withContext(String(depths)).toBeCloseTo(ratio, 1);
    // Power series and asymptotic series are one function.
    const [near, far] = [24.9, 25.1].map((size) => resistanceRatio(size / Math.SQRT2));
    expect((far ?? 0) / (near ?? 1)).toBeCloseTo(25.1 / 24.9, 3);
  });

  it('turn a wave by its delay, and throw all of it back from an open end', () => {
    const line = {
      cable: LOSSLESS,
      parts: [{ kind: 'cable', lengthM: 10 }] as const,
      endOhm: Infinity,
    };
    const delayS = 20 / (0.66 * 299_792_458);
    for (const hz of [3e6, 47e6, 210e6]) {
      const [re, im] = reflection(seenAt(line, hz));
      expect(Math.hypot(re, im)).toBeCloseTo(1, 2);
      expect(re).toBeCloseTo(Math.cos(2 * Math.PI * hz * delayS), 1);
      expect(im).toBeCloseTo(-Math.sin(2 * Math.PI * hz * delayS), 1);
    }
    expect(reflection(seenAt({ ...line, endOhm: 150 }, 1e6))[0]).toBeGreaterThan(0);
    expect(
      seenAt(
        {
          ...line,
          parts: [
            { kind: 'series', ohm: 20 },
            { kind: 'shunt', ohm: 30 },
          ],
          endOhm: 60,
        },
        1e6,
      )[0],
    ).toBeCloseTo(40, 6);
  });

  it('lose about what such cables lose: 20 dB in 100 m of a pair at 100 MHz', () => {
    const pair = FIELD_CABLES.find(({ name }) => name === 'pair, solid, 100 ohm');
    if (!pair) throw new Error('no pair');
    const { wave, impedance } = lineAt(pair, 100e6);
    expect(100 * wave[0] * 8.686).toBeGreaterThan(15);
    expect(100 * wave[0] * 8.686).toBeLessThan(27);
    expect(impedance[0]).toBeCloseTo(100, -1);
  });

  it('are the same for the same seed, and no two seeds are', () => {
    const file = (seed: number) => JSON.stringify(sweepCase(seed).capture);
    expect(file(7)).toBe(file(7));
    expect(file(7)).not.toBe(file(15));
  });
});
