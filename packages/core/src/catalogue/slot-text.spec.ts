import { CONNECTORS } from './connectors';
import { WIRE_CONTACTS } from './scheme';
import { parseSlots, writeSlots } from './slot-text';

describe('parseSlots', () => {
  it('reads back the card of every jack', () => {
    for (const { id, slots, contacts } of CONNECTORS.filter((part) => part.slots.length > 0))
      expect(parseSlots(writeSlots(slots), contacts))
        .withContext(id)
        .toEqual({ ok: true, slots });
  });

  it('takes another order, with or without spaces, in one row or two', () => {
    const places = (text: string) => {
      const parsed = parseSlots(text, WIRE_CONTACTS);
      return parsed.ok
        ? parsed.slots.map(({ row, contact }) => row.charAt(0) + contact).join(' ')
        : '';
    };
    expect(places('1236/4578')).toBe('u1 u2 u3 u6 l4 l5 l7 l8');
    expect(places('1 2 3 6 4 5 7 8')).toBe('s1 s2 s3 s6 s4 s5 s7 s8');
  });

  const refused: [string, RegExp][] = [
    ['1236/457', /look at 8/],
    ['1236/4577', /look at 7, 8/],
    ['1239/4578', /no contact 9/],
    ['12/36/4578', /one row or two/],
    ['', /Write each contact once/],
  ];
  for (const [text, reason] of refused)
    it(`refuses "${text}"`, () => {
      const parsed = parseSlots(text, WIRE_CONTACTS);
      expect(parsed.ok ? '' : parsed.reason).toMatch(reason);
    });
});
