import { normalFrom, simulate, type Simulation } from '../simulate';
import { NOTHING_TOLD } from '../told';
import { analyse } from './analyse';
import { throughDelay } from './through';

const LOSS = { a0: 0, a1: 1.9, a2: 0.02 };
const piece = (lengthM: number, impedanceOhm = 50) => ({
  lengthM,
  velocityFactor: 0.66,
  impedanceOhm,
  loss: LOSS,
});
const line = (
  segments: Simulation['segments'],
  joints: Simulation['joints'] = [],
  from = 1e6,
): Simulation => ({
  segments,
  joints,
  termination: { kind: 'matched' },
  probe: { kind: 'two-port', fromHz: from, toHz: 400e6, points: 400, referenceOhm: 50 },
  noise: 0.0005,
  quantumV: 0,
});
function analysed(simulation: Simulation, seed: number, impedanceOhm = 50) {
  const answer = analyse(simulate(simulation, normalFrom(seed)), {
    ...NOTHING_TOLD,
    velocityFactor: { value: 0.66, u: 0 },
    impedanceOhm,
  });
  if (!answer.ok) throw new Error(answer.reason.code);
  return answer.analysis;
}
/** dB of 100 m as the sheet has it. */
const sheetDb = (mhz: number) => LOSS.a1 * Math.sqrt(mhz) + LOSS.a2 * mhz;

describe('A line measured through', () => {
  for (const lengthM of [2, 25.3, 90])
    it(`is as long as its phase tells: ${lengthM} m`, () => {
      const { kind, events, through } = analysed(line([piece(lengthM)]), 3);
      const [end, ...more] = events;
      expect(kind).toBe('two-port');
      expect(more).toEqual([]);
      expect(end?.kind).toBe('matched');
      expect(end?.end).toBeTrue();
      const { value = 0, u = 0 } = end?.distanceM ?? {};
      expect(Math.abs(value - lengthM)).toBeLessThan(3 * u);
      expect(u).toBeLessThan(0.005 * lengthM);
      const db = new Map(through?.lossDb.map((row) => [row.hz, row.db]));
      // The cable is not quite of the ports' impedance, the less so the lower the frequency.
      for (const mhz of [10, 100]) {
        const told = (sheetDb(mhz) * lengthM) / 100;
        const off = Math.abs((db.get(mhz * 1e6) ?? 0) - told);
        expect(off).toBeLessThan(0.03 + 0.025 * told);
      }
      // No figure outside of what was swept.
      expect(db.has(500e6)).toBeFalse();
    });

  it('has what lies in its way told before its end, which is the other port', () => {
    const { events } = analysed(line([piece(8), piece(17.3)], [{ kind: 'series', ohm: 40 }]), 5);
    const places = events.filter(({ kind }) => kind !== 'ghost');
    expect(places.map(({ kind, end }) => [kind, end])).toEqual([
      ['series', false],
      ['matched', true],
    ]);
    expect(places[0]?.distanceM.value).toBeCloseTo(8, 1);
    expect(places[1]?.distanceM.value).toBeCloseTo(25.3, 1);
  });

  it('has the far port’s own reflection told, where it does not match the cable', () => {
    // A port of 50 ohm on a cable of 75: (50 - 75) / (50 + 75).
    const end = analysed(line([piece(25.3, 75)]), 9, 75).events.findLast((event) => event.end);
    expect(end?.kind).toBe('drop');
    expect(Math.abs((end?.reflection.value ?? 0) + 0.2)).toBeLessThan(0.03);
    expect(Math.abs((end?.distanceM.value ?? 0) - 25.3)).toBeLessThan(0.1);
  });

  it('counts the turns of the phase below where the sweep begins', () => {
    const { events } = analysed(line([piece(60)], [], 30e6), 7);
    expect(events.at(-1)?.distanceM.value).toBeCloseTo(60, 0);
  });

  it('tells nothing from a few points', () => {
    const few = [1, 2, 3, 4];
    expect(throughDelay({ hz: few, re: few, im: few })).toBeNull();
  });
});
