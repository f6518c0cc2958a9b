import { formatOhm } from '../../units';
import { shownForm } from './form';

const keyOf = (ohms: readonly (number | null)[]): string =>
  ohms.map((ohm) => (ohm === null ? 'open' : ohm.toPrecision(2))).join();
const wordsFor = (ohms: readonly (number | null)[]): string =>
  ohms.map((ohm) => (ohm === null ? 'open' : formatOhm(Number(ohm.toPrecision(2))))).join(', ');

/** One resistance. */
export const OHMS = shownForm({
  method: 'ohms',
  gives: { ohm: 'ohm' },
  key: ({ ohm }) => keyOf([ohm]),
  words: ({ ohm }) => wordsFor([ohm]),
  ohms: ({ ohm }) => [ohm],
});

/** Of a coaxial cable, its far end open, shorted and terminated. */
export const TRIO = shownForm({
  method: 'trio',
  gives: { ohms: 'trio' },
  key: ({ ohms }) => keyOf(ohms),
  words: ({ ohms }) => wordsFor(ohms),
  ohms: ({ ohms }) => ohms,
});
