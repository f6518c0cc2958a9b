import { experienceOf } from './experience';
import { NO_EXPERIENCE, priorOf } from './prior';

describe('A firm’s own experience', () => {
  const split = { kind: 'split-pair' } as const;
  const open = { kind: 'open' } as const;

  it('counts each remade end by what the test before it had found', () => {
    const { links, faults } = experienceOf(40, [
      { end: 'far', faults: [split] },
      { end: 'far', faults: [split, open] },
      { end: 'near', faults: [split] },
      { end: 'near', faults: [] },
    ]);
    expect(links).toBe(40);
    expect(faults).toEqual([
      { kind: 'split-pair', end: 'far', count: 2 },
      { kind: 'open', end: 'far', count: 1 },
      { kind: 'split-pair', end: 'near', count: 1 },
    ]);
  });

  it('moves what is expected toward what was seen, the more the more was seen', () => {
    const rate = (links: number) =>
      priorOf(
        experienceOf(
          links,
          Array.from({ length: links / 10 }, () => ({ end: 'far' as const, faults: [split] })),
        ),
      ).rate['split-pair'];
    const table = priorOf(NO_EXPERIENCE).rate['split-pair'];
    const [few, many] = [rate(50), rate(5000)];
    expect(few).toBeGreaterThan(table);
    expect(many).toBeGreaterThan(few);
    expect(many).toBeCloseTo(0.1, 2);
    const places = priorOf(experienceOf(9, [{ end: 'far', faults: [split] }])).places;
    expect(places.far).toBeGreaterThan(priorOf(NO_EXPERIENCE).places.far);
    expect(places.near + places.cable + places.far).toBeCloseTo(1, 9);
  });

  it('of links that were tested and never remade lowers what is expected', () => {
    expect(priorOf(experienceOf(500, [])).rate.open).toBeLessThan(priorOf(NO_EXPERIENCE).rate.open);
  });
});
