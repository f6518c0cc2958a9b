import { CONNECTORS, connector } from '../catalogue';
import { judgeMeasure, measureFor, type MeasureKind } from './measure';

const KINDS: readonly MeasureKind[] = ['strip', 'exposed', 'untwist'];

describe('judgeMeasure', () => {
  it('is in tolerance just from the least to the most, for every connector', () => {
    for (const part of CONNECTORS)
      for (const kind of KINDS) {
        const measure = measureFor(kind, part);
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
    const plug = connector('plug-8p8c');
    const told = (kind: MeasureKind, mm: number) =>
      judgeMeasure(measureFor(kind, plug), mm).sentence;
    expect(told('exposed', 13)).toBe('In tolerance: go on.');
    expect(told('exposed', 15.5)).toContain('Trim 1.5 mm more off');
    expect(told('exposed', 10)).toContain('begin this end again');
    expect(told('strip', 20)).toContain('strip 5 mm more');
    expect(told('strip', 38)).toContain('go on');
    expect(told('untwist', 14)).toContain('1 mm too much');
  });

  it('does not trip over the last digit of a sum', () => {
    const measure = { kind: 'exposed', what: '', minMm: 0.1 + 0.2, maxMm: 0.7 + 0.1 } as const;
    expect(judgeMeasure(measure, 0.3).fits).toBe('in');
    expect(judgeMeasure(measure, 0.8).fits).toBe('in');
  });
});
