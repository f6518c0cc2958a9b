import { headline } from './sentences';

describe('headline', () => {
  const rows: [string, string, string][] = [
    ['Test the link again.', 'Test the link again.', ''],
    ['Read both ends. Remake one.', 'Read both ends.', 'Remake one.'],
    ['Crushed or pierced: find the place.', 'Crushed or pierced.', 'find the place.'],
    ['Trim to 13.5 mm and go on', 'Trim to 13.5 mm and go on', ''],
    ['', '', ''],
  ];
  for (const [text, first, rest] of rows)
    it(`parts "${text}"`, () => expect(headline(text)).toEqual({ first, rest }));
});
