import { countCords, nextLabel, type CordSeen } from './cords';

describe('A batch of cords', () => {
  const seen = (
    label: string,
    verdict: CordSeen['verdict'],
    second: number,
    summary = '',
  ): CordSeen => ({
    label,
    verdict,
    at: new Date(Date.UTC(2026, 4, 4, 8, 0, second)).toISOString(),
    author: 'tech 1',
    tester: 'pairing',
    entered: 'by-hand',
    summary,
  });

  it('counts each label once, by its last result', () => {
    const { rows, passed, failed } = countCords([
      seen('P1', 'fail', 0, '4 open'),
      seen('P2', 'pass', 5),
      seen('P1', 'pass', 30),
    ]);
    expect(rows.map(({ label, verdict, times }) => [label, verdict, times])).toEqual([
      ['P1', 'pass', 2],
      ['P2', 'pass', 1],
    ]);
    expect([passed, failed]).toEqual([2, 0]);
  });

  it('tells the rate without pauses', () => {
    expect(countCords([seen('P1', 'pass', 0)]).perMinute).toBeNull();
    const steady = Array.from({ length: 30 }, (_, index) => seen(`P${index}`, 'pass', index * 5));
    expect(countCords(steady).perMinute).toBeCloseTo(12, 6);
    const lunch = [...steady, seen('Q1', 'pass', 4000), seen('Q2', 'pass', 4005)];
    expect(countCords(lunch).perMinute).toBeCloseTo(12, 6);
  });

  it('knows the next label', () => {
    const labels = ['P-009', 'A1/99', '7', 'kiosk 3b', 'blue', 'X99999999999999999999'];
    expect(labels.map(nextLabel)).toEqual([
      'P-010',
      'A1/100',
      '8',
      'kiosk 4b',
      '',
      'X100000000000000000000',
    ]);
  });
});
