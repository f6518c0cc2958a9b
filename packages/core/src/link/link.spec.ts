import type { SchemeId } from '../catalogue';
import { conductorGraph, joinedGroups } from './conductor-graph';
import { PLAIN_JOB } from './link';
import { fourPairWiring, turnedContact, wiringOf } from './wiring';
import { hubOf } from './hub';
import { canonicalReading } from './reading';

const shown = (near: SchemeId, far: SchemeId, shielded = false): string =>
  canonicalReading(joinedGroups(conductorGraph(fourPairWiring(near, far, shielded))))
    .map((net) => `${net.near.join('')}-${net.far.join('')}`)
    .join(' ');

describe('conductorGraph', () => {
  it('joins like with like when both ends follow one scheme', () => {
    const straight = '1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8';
    expect(shown('T568A', 'T568A')).toBe(straight);
    expect(shown('T568B', 'T568B')).toBe(straight);
  });

  it('is a crossover when the ends follow different schemes', () => {
    expect(shown('T568A', 'T568B')).toBe('1-3 2-6 3-1 4-4 5-5 6-2 7-7 8-8');
    expect(shown('T568B', 'T568A')).toBe(shown('T568A', 'T568B'));
  });

  it('carries the shield as a conductor of its own', () => {
    expect(shown('T568B', 'T568B', true)).toMatch(/ S-S$/);
  });

  it('takes the shield through only where cable and both connectors have one', () => {
    const end = (connector: string) => ({ place: '', connector, scheme: 'T568B' as const });
    const shielded = (cable: string, near: string, far: string) =>
      conductorGraph(
        wiringOf({ cable, near: end(near), far: end(far), schools: {} }, PLAIN_JOB),
      ).some(({ from }) => from.contact === 'S');
    const plug = 'plug-8p8c-shielded';
    expect(shielded('cat6-futp-solid', plug, plug)).toBeTrue();
    expect(shielded('cat6-uutp-solid', plug, plug)).toBeFalse();
    expect(shielded('cat6-futp-solid', plug, 'plug-8p8c')).toBeFalse();
  });
});

describe('joinedGroups', () => {
  it('merges nets that share a contact, in any order of edges', () => {
    const node = (end: 'near' | 'far', contact: '1' | '2') => ({ end, contact });
    const edges = [
      { from: node('near', '1'), to: node('far', '1') },
      { from: node('near', '2'), to: node('far', '2') },
      { from: node('far', '1'), to: node('near', '2') },
    ];
    const expected = [{ near: ['1', '2'], far: ['1', '2'] }];
    expect(canonicalReading(joinedGroups(edges))).toEqual(expected as never);
    expect(canonicalReading(joinedGroups([...edges].reverse()))).toEqual(expected as never);
  });
});

describe('hubOf', () => {
  const rows: [string, string][] = [
    ['C1/A/01', 'C1'],
    ['C1-A01', 'C1'],
    ['C1 panel A port 1', 'C1'],
    ['Comms room C1, rack 2', 'Comms room C1'],
    ['Comms room C1 port 4', 'Comms room C1'],
    ['G2:12', 'G2'],
    ['Gatehouse', 'Gatehouse'],
    ['Comms room C1', 'Comms room C1'],
    [' L3 ', 'L3'],
  ];
  for (const [place, hub] of rows)
    it(`finds ${hub} in ${place.trim()}`, () => expect(hubOf(place)).toBe(hub));
});

describe('A cord that is turned over', () => {
  it('has the first contact where the last one was, and so on to the middle', () => {
    const { near } = fourPairWiring('T568B', 'T568B', false);
    expect(['1', '2', '4', '5', '8'].map((name) => turnedContact(near, name))).toEqual([
      '8',
      '7',
      '5',
      '4',
      '1',
    ]);
    expect(turnedContact(near, 'S')).toBe('S');
  });
});
