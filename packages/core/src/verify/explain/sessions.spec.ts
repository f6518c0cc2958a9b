import { session, spoiled, type SessionEnd } from '../../testing/repair-session';
import { seeded } from '../../testing/seeded';
import { SESSION_LINKS } from '../../testing/session-links';

/** So many here, for each kind of link and kit; `npm run sessions` plays two thousand. */
const SESSIONS = { few: 4, many: 2 };

describe('Repair sessions on links that were simulated apart', () => {
  for (const { name, wiring, kits } of SESSION_LINKS)
    it(`of ${name} all end, nothing is advised again that has just failed, and what passes unseen is told`, () => {
      const ends: SessionEnd[] = [];
      const sessions = wiring.near.contacts.length < 8 ? SESSIONS.few : SESSIONS.many;
      for (const [index, kit] of kits.entries()) {
        const random = seeded(100 + index);
        for (let count = 0; count < sessions; count += 1)
          ends.push(session(spoiled(wiring, random), kit, random, kit[0] === 'beeper' ? 0 : 3));
      }
      const of = (end: SessionEnd['end']) => ends.filter((row) => row.end === end);
      expect(of('loop').map(({ sentences }) => sentences)).toEqual([]);
      expect(of('doubt').map(({ sentences }) => sentences)).toEqual([]);
      expect(of('passed-untold').map(({ sentences }) => sentences)).toEqual([]);
      expect(ends.filter(({ repeated }) => repeated).map(({ sentences }) => sentences)).toEqual([]);
      expect(of('mended').length).toBeGreaterThan(ends.length / 2);
    }, 120_000);
});
