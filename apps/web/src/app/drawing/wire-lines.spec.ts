import { conductorGraph, fourPairWiring, joinedGroups } from '@near-spoke/core/link';
import { wireLines } from './wire-lines';

describe('wireLines', () => {
  const wiring = fourPairWiring('T568A', 'T568B', true);
  const bare = fourPairWiring('T568A', 'T568B');
  const good = joinedGroups(conductorGraph(wiring));

  it('are all right on a good link, crossover and shield too', () => {
    const lines = wireLines(good, wiring);
    expect(lines.length).toBe(9);
    expect(lines.every((line) => line.right)).toBeTrue();
    expect(lines[0]).toEqual(
      jasmine.objectContaining({ near: '1', reached: ['3'], wanted: '3', letters: 'W-G' }),
    );
    expect(lines[8]).toEqual(jasmine.objectContaining({ near: 'S', letters: 'shield' }));
  });

  it('mark opens and shorts, and draw a conductor that should not be there', () => {
    const nets = [{ near: ['4', '5'], far: ['4', '5'] }] as const;
    const lines = wireLines(nets, bare);
    expect(lines.length).toBe(8);
    expect(lines.filter((line) => line.reached.length > 0).map((line) => line.near)).toEqual([
      '4',
      '5',
    ]);
    expect(lines.some((line) => line.right)).toBeFalse();
    const extra = wireLines([{ near: ['S'], far: ['S'] }], bare);
    expect(extra.at(-1)).toEqual(jasmine.objectContaining({ near: 'S', right: false }));
  });
});
