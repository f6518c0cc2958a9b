import { conductorGraph, fourPairWiring, joinedGroups, wireRows, type Net } from './index';

describe('wireRows', () => {
  const wiring = fourPairWiring('T568A', 'T568B', true);
  const good = joinedGroups(conductorGraph(wiring));

  it('are all right on a good link', () => {
    const rows = wireRows(good, wiring);
    expect(rows.length).toBe(9);
    expect(rows.every((row) => row.right && row.reached.join() === row.wanted)).toBeTrue();
    expect(rows[8]).toEqual(jasmine.objectContaining({ near: 'S', conductor: 'shield' }));
  });

  it('show an open shield, and a short at either contact', () => {
    const nets: Net[] = [
      ...good.filter(({ near }) => !/[45S]/.test(near.join(''))),
      { near: ['4', '5'], far: ['4', '5'] },
    ];
    const wrong = wireRows(nets, wiring).filter((row) => !row.right);
    expect(
      wrong.map(({ near, reached, shortedTo }) => [near, reached.join(''), shortedTo.join('')]),
    ).toEqual([
      ['4', '45', '5'],
      ['5', '45', '4'],
      ['S', '', ''],
    ]);
  });

  it('show a shield that should not be there as wrong, and leave it out where there is none', () => {
    const bare = fourPairWiring('T568A', 'T568B');
    expect(
      wireRows(good, bare)
        .filter((row) => !row.right)
        .map((row) => [row.near, row.wanted]),
    ).toEqual([['S', null]]);
    expect(wireRows([], bare).length).toBe(8);
  });
});
