import { tell } from '../messages';
import { shownForm } from './form';

/** At which far contacts a tone is heard. */
export const TONE = shownForm({
  method: 'tone',
  gives: { heard: 'heard' },
  key: ({ heard }) => [...heard].sort().join(),
  words: ({ heard }) => tell('shows-tone', { heard }),
});
