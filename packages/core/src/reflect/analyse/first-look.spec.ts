import { inEnglish } from '../../testing/in-english';
import { sweepCase, traceCase, type FieldCase } from '../../testing/field/cases';
import { toldOf } from '../../testing/field/told-of';
import { LIGHT_M_S, WITHIN_95 } from '../../units';
import { analyse } from './analyse';
import { compareLooks, tellFirstLook } from './compare-looks';
import { firstLook } from './first-look';
import type { FirstLook } from './first-place';

function lookAt(one: FieldCase): FirstLook {
  const look = firstLook(one.capture, toldOf(one));
  if (!look) throw new Error('nothing to look at');
  return look;
}
const KINDS = ['sweep', 'pulse', 'step'] as const;
const caseOf = (kind: (typeof KINDS)[number], seed: number): FieldCase =>
  kind === 'sweep' ? sweepCase(seed) : traceCase(seed, kind);

describe('A first look', () => {
  for (const kind of KINDS)
    it(`at a ${kind} of another model tells delays no better than it knows them`, () => {
      const off = Array.from({ length: 40 }, (_, n) => caseOf(kind, 6001 + n)).flatMap((one) => {
        const { places } = lookAt(one);
        const speed = one.cable.velocityFactor * LIGHT_M_S;
        return one.places.flatMap(({ atM, mustBeTold }) => {
          if (!mustBeTold) return [];
          const offs = places.map(
            ({ delayS: { value, u } }) => Math.abs(value - (2 * atM) / speed) / u,
          );
          return [Math.min(Infinity, ...offs)];
        });
      });
      const within = (us: number) => off.filter((one) => one < us).length / off.length;
      expect(within(WITHIN_95)).toBeGreaterThan(0.92);
      expect(within(2 * WITHIN_95)).toBeGreaterThan(0.97);
    }, 60_000);

  it('says where something comes back from, and not what it is', () => {
    expect(inEnglish(tellFirstLook(lookAt(traceCase(9009, 'step'))))).toMatch(
      /^At first look something comes back from 7\.\d+ m ± 0\.\d+ m\. What it is, and which are echoes of echoes, a first look can’t tell\.$/,
    );
    expect(inEnglish(tellFirstLook({ places: [], launchAtS: 0, rangeS: 1e-6 }))).toBe(
      'At first look nothing comes back.',
    );
  });

  it('is answered for once all is explained: an echo of an echo is no place', () => {
    // A short at 9.49 m behind a source that does not match: its echo comes back again from 19 m.
    const one = traceCase(9018, 'pulse');
    const answer = analyse(one.capture, toldOf(one));
    if (!answer.ok) throw new Error(answer.reason.code);
    const said = compareLooks(lookAt(one), answer.analysis).map((message) => inEnglish(message));
    expect(said).toEqual([
      jasmine.stringMatching(
        /^Of 2 seen at first look, 1 is a place, moved by 0\.\d+ m at most\.$/,
      ),
      jasmine.stringMatching(/^No place of its own, though seen at first look: 1[89]\.\d+ m\./),
    ]);
  }, 60_000);

  it('refuses what can’t be analysed', () => {
    const flat = {
      kind: 'trace' as const,
      trace: { volts: new Float64Array(100), intervalS: 1e-9, fromS: 0 },
      hints: { scopeOhm: null, velocityFactor: null },
      notes: [],
      firstLine: 1,
    };
    expect(firstLook(flat, toldOf(traceCase(1, 'step')))).toBeNull();
    const sweep = sweepCase(6001);
    if (sweep.capture.kind !== 'sweep') throw new Error('no sweep');
    const { network } = sweep.capture;
    const points = network.points.filter((_, k) => k !== 20);
    expect(
      firstLook({ ...sweep.capture, network: { ...network, points } }, toldOf(sweep)),
    ).toBeNull();
  });
});
