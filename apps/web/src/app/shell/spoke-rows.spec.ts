import { testLink } from '../testing/links';
import type { Thing } from './find/thing';
import { rowsFound, spokeRows, type SpokeRow } from './spoke-rows';

const told = (rows: readonly SpokeRow[]) =>
  rows
    .map((row) =>
      row.kind === 'hub'
        ? `${row.hub}:${row.count}`
        : row.kind === 'link'
          ? row.link.label
          : row.thing.name,
    )
    .join(' ');

describe('spokeRows', () => {
  const links = [
    testLink('K1', { state: 'fail' }),
    testLink('G1', { hub: 'G2', state: 'pass' }),
    testLink('K2', { state: 'pass', note: 'behind the vending machine' }),
  ];

  it('groups links by hub, hubs as they first come', () => {
    expect(told(spokeRows(links, ''))).toBe('C1:2 K1 K2 G2:1 G1');
  });

  it('finds labels, places, notes and states, every word somewhere', () => {
    expect(told(spokeRows(links, 'kiosk k2'))).toBe('C1:1 K2');
    expect(told(spokeRows(links, 'FAULT'))).toBe('C1:1 K1');
    expect(told(spokeRows(links, 'proven g2'))).toBe('G2:1 G1');
    expect(told(spokeRows(links, 'vending'))).toBe('C1:1 K2');
    expect(spokeRows(links, 'kiosk nowhere')).toEqual([]);
  });

  describe('with what else has a name', () => {
    const thing = (name: string, kind: Thing['kind'] = 'Page', about = ''): Thing => ({
      id: name,
      name,
      kind,
      about,
      open: () => undefined,
    });
    const things = [
      thing('Kit'),
      thing('Settings', 'Page', 'units and schools'),
      thing('Kiosk plug', 'Part'),
      thing('Bus lead', 'Adapter', 'to the kiosk'),
    ];
    const found = (search: string) => told(rowsFound(links, things, search));

    it('shows the links alone while nothing is sought', () => {
      expect(found(' ')).toBe('C1:2 K1 K2 G2:1 G1');
    });

    it('puts what begins with the search before links that only have it somewhere', () => {
      expect(found('kiosk')).toBe('Found:1 Kiosk plug C1:2 K1 K2 G2:1 G1 Also:1 Bus lead');
      expect(found('sett')).toBe('Found:1 Settings');
    });

    it('puts links first where the search begins a label', () => {
      expect(found('k')).toBe('C1:2 K1 K2 G2:1 G1 Also:3 Kit Kiosk plug Bus lead');
    });

    it('finds by kind and by what it is for, every word somewhere', () => {
      expect(found('adapter kiosk')).toBe('Also:1 Bus lead');
      expect(found('schools page')).toBe('Also:1 Settings');
      expect(found('schools part')).toBe('');
    });
  });

  it('keeps every link exactly once, however many', () => {
    const many = Array.from({ length: 5000 }, (_, i) => testLink(`S${i}`, { hub: `C${i % 9}` }));
    const rows = spokeRows(many, '');
    expect(new Set(rows.map(({ id }) => id)).size).toBe(5009);
  });
});
