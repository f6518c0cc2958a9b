import { list } from '../faults/fault-words';
import { shownForm } from './form';

/** At which far contacts a tone is heard. */
export const TONE = shownForm({
  method: 'tone',
  gives: { heard: 'heard' },
  key: ({ heard }) => [...heard].sort().join(),
  words: ({ heard }) => (heard.length > 0 ? `Heard at far ${list(heard)}` : 'Heard nowhere'),
});
