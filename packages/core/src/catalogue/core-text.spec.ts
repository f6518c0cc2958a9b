import { CABLES } from './cables';
import { parseCores, writeCores } from './core-text';

describe('parseCores', () => {
  it('reads back the cores of every cable', () => {
    for (const { id, cores, family } of CABLES) {
      if (family === 'coax') continue;
      const parsed = parseCores(writeCores(cores));
      const ids = parsed.ok ? parsed.cores.map((core) => core.id) : [parsed.reason];
      expect([...ids].sort())
        .withContext(id)
        .toEqual(cores.map((core) => core.id).sort());
    }
  });

  it('numbers pairs as they are written, tip first', () => {
    const parsed = parseCores('r, w-bl/bl bk w-o/o');
    expect(parsed.ok && parsed.cores).toEqual([
      { id: 'R', pair: null, member: null },
      { id: 'W-BL', pair: 1, member: 'tip' },
      { id: 'BL', pair: 1, member: 'ring' },
      { id: 'BK', pair: null, member: null },
      { id: 'W-O', pair: 2, member: 'tip' },
      { id: 'O', pair: 2, member: 'ring' },
    ]);
  });

  const refused: [string, RegExp][] = [
    ['', /Write the cores/],
    ['R RED', /‘RED’ is not a colour/],
    ['R/BK/W', /is not a colour/],
    ['R BK R', /‘R’ stands twice. Write R.2/],
  ];
  for (const [text, reason] of refused)
    it(`refuses "${text}"`, () => {
      const parsed = parseCores(text);
      expect(parsed.ok ? '' : parsed.reason).toMatch(reason);
    });
});
