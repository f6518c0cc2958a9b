import { few, shownForm } from './form';

const WHERE = {
  near: 'at the near end',
  cable: 'on its way',
  far: 'at the far end',
} as const;

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
        .map(({ pair, place, shows }) =>
          place === null ? `Pair ${pair} ${shows}` : `Pair ${pair} ends ${shows} ${WHERE[place]}`,
        ),
    ),
  told(there, told) {
    const named = new Set(told.pairs.map(({ pair }) => pair));
    return { ...there, pairs: there.pairs.filter(({ pair }) => named.has(pair)) };
  },
});
