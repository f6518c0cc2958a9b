import { testLink } from '../testing/links';
import { spokeRows } from './spoke-rows';

const told = (rows: ReturnType<typeof spokeRows>) =>
  rows.map((row) => (row.kind === 'hub' ? `${row.hub}:${row.count}` : row.link.label)).join(' ');

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

  it('keeps every link exactly once, however many', () => {
    const many = Array.from({ length: 5000 }, (_, i) => testLink(`S${i}`, { hub: `C${i % 9}` }));
    const rows = spokeRows(many, '');
    expect(new Set(rows.map(({ id }) => id)).size).toBe(5009);
  });
});
