import { tell } from '../messages';
import { shownForm } from './form';

/** Whether it sounds. */
export const BEEP = shownForm({
  method: 'beep',
  gives: { beeps: 'flag' },
  key: ({ beeps }) => (beeps ? 'beeps' : 'silent'),
  words: ({ beeps }) => tell('shows-beep', { beeps }),
  ownWords: true,
});
