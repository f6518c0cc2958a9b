import { v7 } from 'uuid';
import { openSite, settle } from '../../testing/store';
import { testLink } from '../../testing/links';
import { linksFeature } from '../links/links';
import { outboxActions } from '../outbox/outbox';
import { factsActions } from './facts';

describe('What is known of a link', () => {
  it('is asked for again where something of it was sent meanwhile: what was read before is older', async () => {
    const link = testLink('K1');
    const { store, http } = await openSite([link]);
    /** What is asked of the server, as soon as it is: what asks comes as a part of its own. */
    const asked = async () => {
      for (let turn = 0; turn < 400; turn += 1) {
        const found = http.match(({ url }) => url.endsWith('/along'));
        if (found.length > 0) return found;
        await settle();
      }
      return [];
    };
    store.dispatch(factsActions.load({ about: { of: 'link', id: link.id } }));
    const [before] = await asked();
    const entry = {
      id: v7(),
      deed: {
        kind: 'change',
        of: 'link',
        id: link.id,
        patch: { version: 1, note: 'new' },
      } as const,
      what: '',
      holdUntil: 0,
      refused: null,
      failures: 0,
    };
    const changed = { ...link, note: 'new', version: 2 };
    store.dispatch(outboxActions.sent({ entry, answer: changed }));
    const [after] = await asked();
    expect(before?.cancelled).toBeTrue();
    after?.flush({
      links: [{ link: changed, stamp: 1, facts: [] }],
    });
    await settle();
    expect(store.selectSignal(linksFeature.selectOpened)()[link.id]?.note).toBe('new');
  });
});
