import { LIGHT_M_S } from '../../units';
import { traceCase, type FieldCase } from '../../testing/field/cases';
import { benchTrace } from './bench-trace';
import { lookAtTrace, type Looked } from './look-at-trace';
import { survey } from './survey';

/** What a plain look sees of a case, and where, m. */
function lookedAt(one: FieldCase): readonly (Looked & { readonly atM: number })[] {
  const { capture, cable, set } = one;
  if (capture.kind !== 'trace' || !set) throw new Error('no trace');
  const surveyed = survey(capture.trace);
  if (!surveyed.ok) throw new Error(surveyed.reason.code);
  const { riseS, atS, widthS, baselineV } = surveyed.survey;
  const bench = benchTrace(capture.trace, surveyed.survey, riseS);
  return lookAtTrace(bench, { kind: set.kind, atS: atS - bench.fromS, widthS, baselineV }).map(
    (looked) => ({ ...looked, atM: (looked.delayS * cable.velocityFactor * LIGHT_M_S) / 2 }),
  );
}

const SEEDS = Array.from({ length: 24 }, (_, n) => 7001 + n);

describe('A plain look at a trace', () => {
  for (const kind of ['pulse', 'step'] as const)
    it(`sees every place that a ${kind} shows, within its edge and what smears it`, () => {
      for (const seed of SEEDS) {
        const one = traceCase(seed, kind);
        const seen = lookedAt(one);
        for (const { atM, mustBeTold } of one.places)
          if (mustBeTold)
            expect(
              seen.some(
                (place) =>
                  Math.abs(place.atM - atM) < Math.max(0.3, 0.012 * atM, one.resolutionM / 2),
              ),
            )
              .withContext(
                `${seed} ${one.name}: ${atM.toFixed(2)} of ${seen.map((p) => p.atM.toFixed(2)).join()}`,
              )
              .toBeTrue();
      }
    });

  it('sees the size of an open and a short with what skin effect took undone, and which way round', () => {
    const open = lookedAt(traceCase(9009, 'step'))[0];
    const short = lookedAt(traceCase(9010, 'pulse'))[0];
    expect(open?.size).toBeCloseTo(1, 1);
    expect(short?.size).toBeCloseTo(-0.95, 1);
  });
});
