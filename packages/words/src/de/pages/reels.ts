import type { REELS_PAGE as ENGLISH } from '../../en/pages/reels';
import type { Same } from '../../same';
import { written } from '../number';

const reels = (count: number): string => (count === 1 ? '1 Rolle' : `${count} Rollen`);

/** Was die Seite der Rollen von sich sagt. */
export const REELS_PAGE: Same<typeof ENGLISH> = {
  title: 'Rollen',
  none: 'Noch ist keine Rolle eingetragen.',
  whyNone:
    'Jede bekommt einen Namen, und was von ihr geschnitten wird, wird gezählt: Schnitte rechnen mit ihr.',
  sentence: (count, length) => `${reels(count)}, ${written(length)} sind sicher da.`,
  disagree: (names) => `${names}: Etikett und Reflektometrie passen nicht zusammen.`,
  whyDisagree:
    'Schnitte rechnen mit dem kleineren. Fehlt ein Schnitt, oder stimmt der Verkürzungsfaktor nicht?',
  add: (name) => (name === '' ? 'Eintragen' : `${name} eintragen`),
  addTitle: 'Eine Rolle, die kam',
  taken: (name) =>
    `${name} gibt es schon: ein anderer Name, oder sie beginnt neu mit ihrem Etikett.`,
  fields: { name: 'Name', length: 'Länge', mark: 'Marke' },
  hints: {
    name: 'wie er auf dem Karton steht',
    length: 'wie sie auf dem Etikett steht',
    mark: 'auf dem Mantel, am losen Ende',
  },
  cable: 'Kabel',
  marks: 'Die Marken laufen beim Abziehen',
  up: 'Aufwärts',
  down: 'Abwärts',
  list: 'Was da ist',
  left: (length) => `${written(length)} sind sicher da`,
  leftUnknown: 'niemand weiß, was noch da ist',
  ofLabel: (got, cut) => `${written(got)} laut Etikett, ${written(cut)} abgeschnitten.`,
  read: (length, when) =>
    `Reflektometrie, ${when}: ${written(length)}, ohne was seither geschnitten wurde.`,
  mark: (mark) => `Am losen Ende: ${written(mark)}.`,
  doubt: 'Das passt nicht zusammen.',
  gone: 'nützt nicht mehr',
  cut: (length, label, marks) => `${written(length)} für ${label}${marks && `, ${marks}`}`,
  elsewhere: 'etwas anderes',
  between: (from, to) => `${written(from)} bis ${written(to)}`,
  takeBack: 'Zurücknehmen',
  tookBack: 'Schnitt zurückgenommen',
  useUp: 'Nützt nicht mehr',
  printLabel: 'Schild',
  labelSaved: (name) => `${name} liegt bei den Downloads.`,
  failed: 'Das Schild ließ sich nicht machen.',
  deed: {
    got: (name) => `Neue Rolle ${name}`,
    cut: (label, name) => `${label} von ${name} geschnitten`,
    gone: (name) => `${name} nützt nicht mehr`,
  },
  cutNow: 'Schneiden',
  cutTitle: (label, name) => `${label} von ${name}`,
  cutLength: 'Abgeschnitten',
  cutMark: 'Marke am Schnitt',
  cutHint: 'wie geschnitten; der Rest wird neu geplant',
  markHint: (mark) => `${written(mark)} nach Plan`,
  cutDone: 'Ist geschnitten',
  cancel: 'Noch nicht',
};
