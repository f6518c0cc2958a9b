import {
  canonicalReading,
  conductorGraph,
  fourPairWiring,
  joinedGroups,
  type ContactNode,
  type Net,
} from '@near-spoke/core/link';
import { parseWireMap } from '@near-spoke/core/verify';
import { entryOf, goodEntry, toggleJoint } from './wire-entry';

const node = (text: string): ContactNode => ({
  end: text.startsWith('n') ? 'near' : 'far',
  contact: text.slice(1),
});
const shown = (nets: readonly Net[]) =>
  canonicalReading(nets)
    .map(({ near, far }) => `${near.join('')}-${far.join('')}`)
    .join(' ');

describe('a wire entry', () => {
  it('is a good link by one key', () => {
    const wiring = fourPairWiring('T568B', 'T568B', true);
    expect(shown(joinedGroups(goodEntry(wiring)))).toBe(
      shown(joinedGroups(conductorGraph(wiring))),
    );
  });

  it('joins by a first touch and parts by a second, from either side', () => {
    const once = toggleJoint([], node('n3'), node('f4'));
    expect(shown(joinedGroups(once))).toBe('3-4');
    expect(toggleJoint(once, node('f4'), node('n3'))).toEqual([]);
    expect(toggleJoint(once, node('n3'), node('n3'))).toBe(once);
  });

  it('takes shorts at one end, that no far contact shows', () => {
    const entry = toggleJoint([], node('n1'), node('n2'));
    expect(shown(joinedGroups(entry))).toBe('12-');
  });

  it('gives back what was typed, whatever it is', () => {
    for (const text of [
      '12345678',
      '87654321',
      '123(45)(45)6-8',
      '1(23)(23)(23)567-S',
      '--------',
    ]) {
      const parsed = parseWireMap(text);
      if (!parsed.ok) throw new Error(parsed.reason);
      expect(shown(joinedGroups(entryOf(parsed.nets))))
        .withContext(text)
        .toBe(shown(parsed.nets));
    }
  });
});
