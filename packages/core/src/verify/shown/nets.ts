import { canonicalReading, wireRows } from '../../link';
import { tell } from '../messages';
import { few, shownForm } from './form';

/** Which contacts are joined, and which pairs are split. */
export const NETS = shownForm({
  method: 'nets',
  gives: { nets: 'nets', splitPairs: 'splitPairs' },
  key: ({ nets, splitPairs }) =>
    `${JSON.stringify(canonicalReading(nets))}${(splitPairs ?? [])
      .map((pair) => pair.join('-'))
      .sort()
      .join()}`,
  words({ nets, splitPairs }, _, wiring) {
    const wrong = wireRows(nets, wiring).filter(({ right }) => !right);
    const rows = wrong.map(({ near, reached, shortedTo }) =>
      tell('shows-net', { near, reached, shortedTo }),
    );
    return few([...rows, ...(splitPairs ?? []).map((pair) => tell('shows-split', { pair }))]);
  },
});
