import { soughtOf } from './sought';

/** A Tuesday. */
const NOW = Date.UTC(2026, 11, 1, 23, 30);
const spanOf = (text: string, offsetMin = 0) => {
  const { words, from, until } = soughtOf(text, NOW, offsetMin);
  const at = (ms: number | null) => (ms === null ? '' : new Date(ms).toISOString().slice(0, 16));
  return [words.join(' '), at(from), at(until)].join('|');
};

describe('What a search asks for', () => {
  it('is words, and the days that are named among them in whatever order', () => {
    expect(spanOf('Łódź  splice')).toBe('łódź splice||');
    expect(spanOf('splice last year K05')).toBe('splice k05|2025-01-01T00:00|2026-01-01T00:00');
    expect(spanOf('2025-11 open')).toBe('open|2025-11-01T00:00|2025-12-01T00:00');
    expect(spanOf('november 2025')).toBe('|2025-11-01T00:00|2025-12-01T00:00');
    expect(spanOf('3.11.2025 tech 2')).toBe('tech 2|2025-11-03T00:00|2025-11-04T00:00');
    expect(spanOf('gestern')).toBe('|2026-11-30T00:00|2026-12-01T00:00');
    expect(spanOf('last week')).toBe('|2026-11-23T00:00|2026-11-30T00:00');
    expect(spanOf('last month')).toBe('|2026-11-01T00:00|2026-12-01T00:00');
  });

  it('takes months over the end of a year, and leap days', () => {
    const january = soughtOf('last month', Date.UTC(2026, 0, 15));
    expect(january.from).toBe(Date.UTC(2025, 11, 1));
    expect(spanOf('2024-02-29')).toBe('|2024-02-29T00:00|2024-03-01T00:00');
  });

  it('is of the person’s own days', () => {
    // Half past eleven in UTC is the next day already, an hour further east.
    expect(spanOf('today', 60)).toBe('|2026-12-01T23:00|2026-12-02T23:00');
    expect(spanOf('today', -300)).toBe('|2026-12-01T05:00|2026-12-02T05:00');
  });

  it('reads nothing as a day that is none: a name, a number of a room, a second day', () => {
    expect(spanOf('may')).toBe('may||');
    expect(spanOf('2025-13')).toBe('2025-13||');
    expect(spanOf('2023-02-29')).toBe('2023-02-29||');
    expect(spanOf('room 1204')).toBe('room 1204||');
    expect(spanOf('2024 2025')).toBe('2025|2024-01-01T00:00|2025-01-01T00:00');
  });
});
