import { tell } from '../messages';
import { few, shownForm } from './form';

/** Where each pair ends; not every pair need be told. */
export const LENGTHS = shownForm({
  method: 'lengths',
  gives: { pairs: 'pairEnds' },
  key: ({ pairs }) =>
    pairs
      .map(({ pair, place, shows }) => `${pair}${place ?? ''}${shows}`)
      .sort()
      .join(),
  words: ({ pairs }) =>
    few(
      pairs
        .filter(({ place, shows }) => place !== 'far' || shows !== 'open')
        .map(({ pair, place, shows }) => tell('shows-length', { pair, place, shows })),
    ),
  told(there, told) {
    const named = new Set(told.pairs.map(({ pair }) => pair));
    return { ...there, pairs: there.pairs.filter(({ pair }) => named.has(pair)) };
  },
});
