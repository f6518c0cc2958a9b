import { routeProblems } from './route';

const point = (name: string, atM: number, extraM?: number) => ({ name, atM, extraM });
const told = (lengthM: number | null, ...route: ReturnType<typeof point>[]) =>
  routeProblems({ route, lengthM }).map(
    ({ index, field, reason }) => `${index} ${field} ${reason}`,
  );

describe('A route', () => {
  it('that runs along the cable to its end is right', () => {
    expect(told(24, point('Tray T1', 4.5), point('Loop', 21, 3), point('Wall', 24))).toEqual([]);
    expect(told(null, point('Tray T1', 900))).toEqual([]);
  });

  it('does not go on beyond the far end, what is wound up there counted', () => {
    expect(told(20, point('Wall', 21))[0]).toContain('0 atM ‘Wall’ lies beyond the far end');
    expect(told(23, point('Tray', 2), point('Loop', 21, 3))).toEqual([
      '1 atM ‘Loop’ lies beyond the far end of the cable',
    ]);
  });

  it('does not turn back, nor begin a point within what is wound up', () => {
    expect(told(null, point('Wall', 9), point('Tray', 4))[0]).toContain('comes before ‘Wall’');
    expect(told(null, point('Loop', 9, 3), point('Tray', 11))[0]).toContain('wound up at ‘Loop’');
    expect(told(null, point('Loop', 9, 3), point('Tray', 12))).toEqual([]);
  });

  it('has names that can be told from places', () => {
    expect(told(null, point('Tray T1 @ 4.5 m; Wall', 9))[0]).toContain('0 name');
    expect(told(null, point('Gate @ north', 9))).toEqual([]);
    expect(told(null, point('Tray | Wall', 9))[0]).toContain('write | between waypoints');
  });
});
