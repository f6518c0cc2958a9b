import type { Entry } from './deed';
import { overlay } from './overlay';

interface Row {
  readonly id: string;
  readonly version: number;
  readonly away?: boolean;
  readonly name: string;
}

const entry = (deed: Entry['deed']): Entry => ({
  id: 'e',
  deed,
  what: '',
  holdUntil: 0,
  refused: null,
  failures: 0,
});
const change = (version: number, name: string) =>
  entry({ kind: 'change', of: 'site', id: 'S', patch: { version, name } });
const away = (version: number) => entry({ kind: 'away', of: 'site', id: 'S', version });

describe('What people edit, as it will be', () => {
  const after = (stored: Row, ...waiting: Entry[]) =>
    overlay<'site', Row>([stored], waiting, 'site', () => stored)[0];
  const stored = (version: number, name = 'Berth'): Row => ({ id: 'S', version, name });

  it('has the version that the server will have given it', () => {
    expect(after(stored(1), change(1, 'A'), change(2, 'B'))).toEqual({ ...stored(3, 'B') });
    expect(after(stored(1), change(1, 'A'), away(2))).toEqual({ ...stored(3, 'A'), away: true });
  });

  it('counts nothing twice that the server has already, while its answer is on its way', () => {
    expect(after(stored(2, 'A'), change(1, 'A'))?.version).toBe(2);
    expect(after(stored(2, 'A'), change(1, 'A'), change(2, 'B'))?.version).toBe(3);
    expect(after(stored(3, 'B'), change(1, 'A'), change(2, 'B'), away(3))).toEqual({
      ...stored(4, 'B'),
      away: true,
    });
  });
});
