import { deleteDB, openDB } from 'idb';
import { openDevice } from './device-db';

const NAME = 'near-spoke-earlier';

describe('A device that an earlier program has used', () => {
  afterEach(() => deleteDB(NAME));

  for (const layout of [1, 2])
    it(`keeps what waits to be sent, and takes links along anew: layout ${layout}`, async () => {
      const before = await openDB(NAME, layout, {
        upgrade(db) {
          db.createObjectStore('unsent');
          db.createObjectStore('answers', { keyPath: 'url' });
          db.createObjectStore('links', { keyPath: 'id' }).createIndex('site', 'siteId');
        },
      });
      await before.put('unsent', { what: 'Reading of Łódź' }, 'one');
      await before.put('answers', { url: '/api/adapters', at: 1, body: {} });
      await before.put('links', { id: 'L', siteId: 'S', facts: ['of an earlier form'] });
      before.close();
      const now = await openDevice(NAME, () => undefined);
      expect(await now.get('unsent', 'one')).toEqual({ what: 'Reading of Łódź' });
      expect((await now.get('answers', '/api/adapters'))?.at).toBe(1);
      expect(await now.getAllFromIndex('links', 'site', 'S')).toEqual([]);
      now.close();
    });
});
