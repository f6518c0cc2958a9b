import { BUILT_IN, CONNECTORS } from '../catalogue';
import { NOTHING } from '../message';
import { inEnglish } from '../testing/in-english';
import type { UnitSystem } from '../units';
import { judgeMeasure, measureFor, measureSaid, type Measure } from './measure';
import { MEASURE_KINDS, type MeasureKind } from './measure-kind';

describe('judgeMeasure', () => {
  it('is in tolerance just from the least to the most, for every connector', () => {
    for (const part of CONNECTORS)
      for (const kind of MEASURE_KINDS) {
        const measure = measureFor(kind, part);
        if (!measure) continue;
        const { minMm, maxMm } = measure;
        expect(minMm).toBeLessThanOrEqual(maxMm);
        for (const mm of [minMm, (minMm + maxMm) / 2, maxMm])
          expect(judgeMeasure(measure, mm).fits).withContext(`${part.id} ${kind} ${mm}`).toBe('in');
        expect(judgeMeasure(measure, maxMm + 0.1)).toEqual(
          jasmine.objectContaining({ fits: 'over', offMm: 0.1 }),
        );
        if (minMm > 0)
          expect(judgeMeasure(measure, minMm - 0.1)).toEqual(
            jasmine.objectContaining({ fits: 'under', offMm: 0.1 }),
          );
      }
  });

  it('says by how much, and whether to recut or go on', () => {
    const [plug, jack, bnc] = ['plug-8p8c', 'keystone-punch-down', 'bnc-crimp-50-rg-58'].map((id) =>
      BUILT_IN.connector(id),
    );
    const told = (kind: MeasureKind, mm: number, part = plug, units: UnitSystem = 'metric') =>
      inEnglish(judgeMeasure(measureFor(kind, part as never) as Measure, mm).sentence, units);
    expect(told('exposed', 13)).toBe('In tolerance: go on.');
    expect(told('exposed', 15.5)).toContain('Trim 1.5 mm more off');
    expect(told('exposed', 10)).toContain('begin this end again');
    expect(told('jacket', 20)).toContain('strip 5 mm more');
    expect(told('jacket', 38)).toContain('go on');
    expect(told('untwist', 14, jack)).toContain('1 mm too much');
    expect(told('dielectric', 5, bnc)).toContain('0.5 mm too long');
    expect(told('braid', 8, bnc)).toContain('trim the braid 0.5 mm more');
    expect(told('exposed', 15.5, plug, 'imperial')).toContain('Trim 1/16 in (1.5 mm) more off');
    const [exposed] = ['exposed' as const].map((kind) => measureFor(kind, plug as never));
    expect(inEnglish(measureSaid(exposed as Measure))).toBe('12 mm to 14 mm');
    expect(inEnglish(measureSaid(exposed as Measure), 'imperial')).toBe(
      '0.472 in (12 mm) to 9/16 in (14 mm)',
    );
  });

  it('does not trip over the last digit of a sum', () => {
    const measure = { kind: 'exposed', what: NOTHING, minMm: 0.1 + 0.2, maxMm: 0.7 + 0.1 } as const;
    expect(judgeMeasure(measure, 0.3).fits).toBe('in');
    expect(judgeMeasure(measure, 0.8).fits).toBe('in');
  });
});
