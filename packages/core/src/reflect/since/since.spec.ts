import type { Trace } from '../../formats/captures';
import { FIELD_CABLES } from '../../testing/field/cable';
import type { FieldPart } from '../../testing/field/line';
import { traceAt, type FieldSet } from '../../testing/field/trace';
import { LIGHT_M_S } from '../../units';
import { metresOf } from '../hand';
import { normalFrom } from '../simulate';
import { since } from '.';

const [, , , , PAIR] = FIELD_CABLES;
if (!PAIR) throw new Error('no pair');
const VELOCITY = { value: PAIR.velocityFactor, u: 0.01 };
const SET: FieldSet = {
  kind: 'step',
  volts: 2,
  riseS: 1.2e-9,
  edge: 'poles',
  widthS: 6e-9,
  sourceOhm: 100,
  scopeOhm: 1e6,
  scopeF: 10e-12,
  intervalS: 2.5e-10,
  samples: 2400,
  beforeS: 20e-9,
};
const backS = (metres: number) => (2 * metres) / (VELOCITY.value * LIGHT_M_S);

function taken(parts: readonly FieldPart[], seed: number, more: Partial<FieldSet> = {}): Trace {
  if (!PAIR) throw new Error('no pair');
  const set = { ...SET, ...more };
  const noise = normalFrom(seed);
  const volts = traceAt({ cable: PAIR, parts, endOhm: Infinity }, set);
  return {
    volts: volts.map((volt) => volt + 0.003 * noise()),
    intervalS: set.intervalS,
    fromS: -set.beforeS,
  };
}
const cable = (lengthM: number): FieldPart => ({ kind: 'cable', lengthM });

describe('Two traces of one line, laid over each other', () => {
  for (const [kind, what] of [
    ['step', 'steps'],
    ['pulse', 'pulses'],
  ] as const)
    it(`tell by millimetres how far the end has moved: ${what}`, () => {
      const offs = [0.001, 0.026, -0.4].flatMap((byM, index) =>
        [1, 2, 3, 4].map((seed) => {
          // The second is triggered a little later: only what lies between launch and echo counts.
          const before = taken([cable(30)], 10 * seed + index, { kind });
          const now = taken([cable(30 + byM)], 100 * seed + index, { kind, beforeS: 20.07e-9 });
          const shift = since(before, now, VELOCITY)?.shiftOf(backS(30), backS(30 + byM) + 1e-10);
          if (!shift) throw new Error('not laid over');
          expect(metresOf(shift.u, VELOCITY.value)).toBeLessThan(0.002 + 0.03 * Math.abs(byM));
          console.log(
            kind,
            byM,
            metresOf(shift.value, VELOCITY.value),
            metresOf(shift.u, VELOCITY.value),
          );
          return Math.abs(shift.value - backS(byM)) / shift.u;
        }),
      );
      expect(offs.filter((off) => off < 2).length).toBeGreaterThanOrEqual(10);
      expect(Math.max(...offs)).toBeLessThan(4);
    });

  it('tell a barrel of an inch and nothing else where nothing else changed', () => {
    const before = taken([cable(12), cable(18)], 1);
    const same = taken([cable(12), cable(18)], 2);
    expect(since(before, same, VELOCITY)?.changed).toEqual([]);
    const joined = taken([cable(12), { kind: 'series', ohm: 6 }, cable(18)], 3);
    const [place, ...others] = since(before, joined, VELOCITY)?.changed ?? [];
    expect(place?.kind).toBe('rise');
    expect(Math.abs((place?.distanceM.value ?? 0) - 12)).toBeLessThan(0.1);
    // 6 of 206 ohm come back; what goes on to the end is less by as much.
    expect(place?.size).toBeCloseTo(6 / 206, 2);
    for (const { distanceM } of others) expect(distanceM.value).toBeGreaterThan(29);
  });

  it('tell nothing of an echo that is another one now, or of a record without launch', () => {
    const before = taken([cable(30)], 1);
    const gone = taken([cable(60)], 2);
    expect(since(before, gone, VELOCITY)?.shiftOf(backS(30), backS(30))).toBeNull();
    const flat = { ...before, volts: new Float64Array(2400) };
    expect(since(flat, before, VELOCITY)).toBeNull();
  });

  it('are compared by time, whatever their intervals', () => {
    const before = taken([cable(30)], 1, { intervalS: 4e-10, samples: 1500 });
    const now = taken([cable(30.026)], 2);
    const shift = since(before, now, VELOCITY)?.shiftOf(backS(30), backS(30.026));
    expect(metresOf(shift?.value ?? 0, VELOCITY.value)).toBeCloseTo(0.026, 2);
  });
});
