import { clock, minuteOfDay } from './clock';
import { timesOf, type TimeRow } from './time-rows';

const row = (from: string, to: string, more: Partial<TimeRow> = {}): TimeRow => ({
  bar: 'in',
  place: 'Kiosk',
  from,
  to,
  ...more,
});
const spans = (begin: string, ...rows: TimeRow[]) =>
  timesOf(rows, minuteOfDay(begin)).map((time) =>
    time.spans.map(({ fromMinute, toMinute }) => [fromMinute, toMinute]),
  );

describe('Times by the clock', () => {
  it('are read as people type them', () => {
    const read = ['8', '8:30', ' 8.30 ', '8h05', '8 pm', '12 am', '12:15 PM', '0:00', '24:00'];
    expect(read.map(minuteOfDay)).toEqual([480, 510, 510, 485, 1200, 0, 735, 0, 0]);
    for (const text of ['', 'noon', '8:60', '25', '13 pm', '8:5', '-3', '0 am'])
      expect(minuteOfDay(text)).withContext(text).toBeNaN();
    expect([clock(485), clock(1439.7), clock(1500)]).toEqual(['8:05', '0:00', '1:00']);
  });

  it('count from when the day begins: open already, over until tomorrow, past midnight', () => {
    expect(spans('8', row('9:30', '12'))).toEqual([[[90, 240]]]);
    expect(spans('10', row('9:30', '12'))).toEqual([[[0, 120]]]);
    expect(spans('13', row('9:30', '12'))).toEqual([[[1230, 1380]]]);
    expect(spans('22', row('23', '2'))).toEqual([[[60, 240]]]);
    expect(spans('1', row('23', '2'))).toEqual([[[0, 60]]]);
    expect(spans('8', row('', '12'))).toEqual([[[0, 240]]]);
    expect(spans('8', row('12', ''))).toEqual([[[240, 1440]]]);
    expect(spans('8', row('', ''))).toEqual([]);
  });

  it('are one or the other of the same thing, and all of different things', () => {
    const rows = [row('9', '10'), row('14', '15'), row('9', '12', { bar: 'off' })];
    expect(spans('8', ...rows)).toEqual([
      [
        [60, 120],
        [360, 420],
      ],
      [[60, 240]],
    ]);
  });
});
