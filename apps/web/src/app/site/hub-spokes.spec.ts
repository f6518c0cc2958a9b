import { LINK_STATES } from '@near-spoke/core/record';
import { testLink } from '../testing/links';
import { countStates, hubSpokes, nextLink } from './hub-spokes';

describe('the overview', () => {
  const links = [
    testLink('K1', { state: 'pass' }),
    testLink('K2', { state: 'planned' }),
    testLink('G1', { hub: 'G2', state: 'fail' }),
  ];

  it('counts every link once, by hub and by state', () => {
    const hubs = hubSpokes(links);
    expect(hubs.map(({ hub, links: own, proven }) => [hub, own.length, proven])).toEqual([
      ['C1', 2, 1],
      ['G2', 1, 0],
    ]);
    expect(countStates(links).reduce((sum, { count }) => sum + count, 0)).toBe(3);
  });

  it('takes up what is broken before what is new, and stops when all is proven', () => {
    expect(nextLink(links)?.link.label).toBe('G1');
    expect(nextLink(links.filter(({ state }) => state !== 'fail'))?.link.label).toBe('K2');
    expect(nextLink(links.filter(({ state }) => state === 'pass'))).toBeNull();
  });

  it('finds work, with a reason, in every state but proven', () => {
    for (const state of LINK_STATES) {
      const next = nextLink([testLink('X', { state })]);
      expect(next === null)
        .withContext(state)
        .toBe(state === 'pass');
      if (next) expect(next.why.length).toBeGreaterThan(10);
    }
  });
});
