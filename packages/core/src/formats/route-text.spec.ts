import { parseRoute, writeRoute } from './route-text';

describe('A route in words', () => {
  const route = (text: string) => {
    const parsed = parseRoute(text);
    return parsed.ok ? parsed.route : parsed.reason;
  };

  it('is points along the cable, and what is wound up at them', () => {
    expect(route('Tray T1 @ 4.5 m | Slack loop @ 21 m + 3 m | Wall W3 @ 80 ft')).toEqual([
      { name: 'Tray T1', atM: 4.5 },
      { name: 'Slack loop', atM: 21, extraM: 3 },
      { name: 'Wall W3', atM: 24.384 },
    ]);
    expect(route('')).toEqual([]);
    expect(route('Riser @ 2 m + 0 m')).toEqual([{ name: 'Riser', atM: 2 }]);
  });

  it('comes back as it was written', () => {
    const text = 'Gate @ north @ 1 m | Drop @ 2.25 m + 1.5 m';
    expect(writeRoute(route(text) as never)).toBe(text);
  });

  it('is refused where it can’t be one cable', () => {
    expect(route('Tray T1')).toContain("'Tray T1' is not a waypoint");
    expect(route('Tray @ far')).toContain('far');
    expect(route('Loop @ 3 m + some')).toContain("What is wound up at 'Loop'");
    expect(route('Wall @ 9 m | Tray @ 4 m')).toContain('‘Tray’ comes before ‘Wall’');
    expect(route('Loop @ 9 m + 3 m | Tray @ 11 m')).toContain('lies within the cable');
    expect(route('Tray T1 @ 4.5 m; Wall @ 9 m')).toContain('write | between waypoints');
  });
});
