import type { KIT_PAGE as ENGLISH } from '../../en/pages/kit';
import type { Same } from '../../same';
import { written } from '../number';

const ends = (count: number): string => (count === 1 ? '1 Ende' : `${count} Enden`);

/** Was die Seite der Teile und des Werkzeugs von sich sagt. */
export const KIT_PAGE: Same<typeof ENGLISH> = {
  title: 'Teile und Werkzeug',
  adding: 'Wird zusammengezählt',
  site: 'dieser Baustelle',
  link: 'dieser Strecke',
  nothing: (what) => `An ${what} ist nichts mehr zu machen.`,
  bring: (count, what, time) =>
    `Das für ${ends(count)} an ${what} mitbringen: etwa ${time} Arbeit.`,
  time: (seconds) => {
    const minutes = Math.max(1, Math.round(seconds / 60));
    if (seconds >= 3600) return `${written((seconds / 3600).toFixed(1))} Stunden`;
    return minutes === 1 ? '1 Minute' : `${minutes} Minuten`;
  },
  pace: (person) =>
    `Zeiten so, wie ${person} arbeitet, wo das bekannt ist; Wege sind nicht gezählt.`,
  refused: (count) =>
    count === 1
      ? '1 weiteres kann nicht gemacht werden wie beschrieben und ist nicht gezählt.'
      : `${count} weitere können nicht gemacht werden wie beschrieben und sind nicht gezählt.`,
  print: 'Drucken',
  parts: 'Teile',
  needed: 'Nötig',
  withSpares: 'Mit Ersatz',
  part: 'Teil',
  packs: (bring, packs, pack) =>
    `${bring} (${packs === 1 ? '1 Packung' : `${packs} Packungen`} zu ${pack})`,
  whose: 'Wessen Nacharbeit zählt',
  everybody: 'Alle hier',
  bare: 'Nur was nötig ist, ohne Ersatz.',
  spares: (share, failed, made, person) =>
    `Mit Ersatz hält der Tag in ${share} von 100 Fällen nicht an: ${failed} von ${made} Enden wie diesen wurden hier${person === '' ? '' : ` von ${person}`} neu gemacht; wo nichts bekannt ist, wird mit einem von zwanzig gerechnet. Eine Buchse, die neu aufgelegt wird, braucht vielleicht keine andere.`,
  cable: 'Kabel, das noch nicht gezogen ist',
  none: 'Keines.',
  unknown: (count) => `und ${count} von unbekannter Länge`,
  tools: 'Werkzeug',
  cost: 'Was es kostet',
  whole: 'Dasselbe für die ganze Baustelle',
  cantRead: 'Die Liste kann jetzt nicht gelesen werden.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal versuchen',
};
