import { v7 } from 'uuid';
import { openSite, settle } from '../../testing/store';
import { testLink } from '../../testing/links';
import { factsActions } from '../facts/facts';
import { kept } from '../facts/kept';
import { linksFeature } from './links';

const PART_ON_ITS_WAY = `cable-${v7()}`;

async function stateAfterTick(cable: string) {
  const link = testLink('K1', { cable, state: 'pass' });
  const { store } = await openSite([link]);
  store.dispatch(
    factsActions.added({
      kept: kept('tick', { of: 'link', id: link.id })({
        id: v7(),
        linkId: link.id,
        end: 'near',
        key: 'cut-to-length',
        done: true,
        measuredMm: null,
        cause: '',
        at: '2026-05-04T08:00:00.000Z',
        author: 'tech 1',
        device: '',
      }),
    }),
  );
  await settle();
  return store.selectSignal(linksFeature.selectOpened)()[link.id]?.state;
}

describe('A link to which a fact has come', () => {
  it('stands by its facts', async () =>
    expect(await stateAfterTick('cat6-uutp-solid')).not.toBe('pass'));

  it('stands as the server said while a part that it names is still on its way', async () =>
    expect(await stateAfterTick(PART_ON_ITS_WAY)).toBe('pass'));
});
