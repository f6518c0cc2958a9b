import type { Message } from '../../message';
import { tell } from '../messages';
import { shownForm } from './form';

const keyOf = (ohms: readonly (number | null)[]): string =>
  ohms.map((ohm) => (ohm === null ? 'open' : ohm.toPrecision(2))).join();
const wordsFor = (ohms: readonly (number | null)[]): Message => tell('shows-ohms', { ohms });

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
