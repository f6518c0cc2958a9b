import { PLAIN_JOB } from '../link';
import { fixingKeys, planTermination } from '../terminate';
import { PLAIN_LINK } from '../testing/plain-link';
import { taskOf } from './link-state';
import { remakesOf, type CausedTick } from './remakes';

describe('An end that was made again', () => {
  const link = PLAIN_LINK;
  const keys = fixingKeys(planTermination(taskOf(link, 'far', PLAIN_JOB), PLAIN_JOB.catalogue));
  let minute = 0;
  const tick = (key: string, more: Partial<CausedTick> = {}): CausedTick => ({
    end: 'far',
    key,
    done: true,
    at: new Date(Date.UTC(2026, 4, 4, 8, (minute += 1))).toISOString(),
    cause: '',
    ...more,
  });
  const whole = () => keys.map((key) => tick(key));

  it('is told once each time, with or without a reason', () => {
    expect(keys.length).toBeGreaterThan(0);
    const first = whole();
    expect(remakesOf(link, first, PLAIN_JOB)).toEqual([]);
    const again = whole();
    expect(remakesOf(link, [...first, ...again], PLAIN_JOB)).toEqual(again.slice(0, 1));
    const why = tick(keys[0] ?? '', { done: false, cause: 'test' });
    const known = [...first, why, ...whole()];
    expect(remakesOf(link, known, PLAIN_JOB)).toEqual([why]);
    const third = whole();
    expect(remakesOf(link, [...known, ...third], PLAIN_JOB)).toEqual([why, third[0] as CausedTick]);
  });

  it('is not one whose tick was taken back, nor the other end', () => {
    const [key = ''] = keys;
    const near = whole().map((one) => ({ ...one, end: 'near' as const }));
    expect(
      remakesOf(link, [tick(key), tick(key, { done: false }), tick(key), ...near], PLAIN_JOB),
    ).toEqual([]);
  });
});
