import { shownForm } from './form';

/** Whether it sounds. */
export const BEEP = shownForm({
  method: 'beep',
  gives: { beeps: 'flag' },
  key: ({ beeps }) => (beeps ? 'beeps' : 'silent'),
  words: ({ beeps }) => (beeps ? 'It beeps' : 'Silent'),
  ownWords: true,
});
