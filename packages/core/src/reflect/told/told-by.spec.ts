import { NOTHING_TOLD, toldBy, velocityTold } from '.';

const CABLE = {
  velocityFactor: { value: 0.7, u: 0.03 },
  impedanceOhm: 100,
  skin: { value: 200, u: 100 },
};

describe('What an analysis is told', () => {
  it('is nothing where nobody tells anything', () => {
    expect(toldBy({}, 'auto', null)).toEqual(NOTHING_TOLD);
  });

  it('is what a person tells, over what is known of the cable', () => {
    const told = toldBy({ impedanceOhm: 95, pulseWidthS: 5e-9, riseS: null }, 'pulse', CABLE);
    expect(told).toEqual({
      ...NOTHING_TOLD,
      velocityFactor: CABLE.velocityFactor,
      impedanceOhm: 95,
      pulse: 'pulse',
      pulseWidthS: 5e-9,
      skin: CABLE.skin,
    });
  });

  it('takes a factor that is told alone for good to a hundredth', () => {
    const alone = velocityTold({ velocityFactor: 0.66 }, CABLE);
    expect(alone?.value).toBe(0.66);
    expect(alone?.u).toBeCloseTo(0.0066, 9);
    expect(velocityTold({ velocityFactor: 0.66, velocityFactorU: 0.002 }, null)?.u).toBe(0.002);
    expect(velocityTold({ velocityFactorU: 0.01 }, CABLE)).toEqual({ value: 0.7, u: 0.01 });
    expect(velocityTold({}, null)).toBeNull();
  });

  it('takes the velocity factor of what is between the conductors, where none is told', () => {
    const foam = velocityTold({ dielectric: 'foam-polyethylene' }, CABLE);
    expect(foam).toEqual({ value: 0.82, u: 0.025 });
    expect(velocityTold({ dielectric: 'solid-ptfe', velocityFactor: 0.7 }, CABLE)?.value).toBe(0.7);
    // Of what is solid, one over the root of its permittivity.
    for (const [kind, permittivity] of [
      ['solid-polyethylene', 2.3],
      ['solid-ptfe', 2.1],
    ] as const) {
      const { value, u } = velocityTold({ dielectric: kind }, null) ?? { value: 0, u: 0 };
      expect(Math.abs(value - 1 / Math.sqrt(permittivity))).toBeLessThan(2 * u);
    }
  });
});
