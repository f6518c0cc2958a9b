import type { CUTS_PAGE as ENGLISH } from '../../en/pages/cuts';
import type { Same } from '../../same';
import { list } from '../list';

const boxes = (count: number): string => (count === 1 ? '1 Karton' : `${count} Kartons`);
const runs = (count: number): string => (count === 1 ? '1 Strecke' : `${count} Strecken`);

/** Was die Seite der Rollen und Schnitte von sich sagt. */
export const CUTS_PAGE: Same<typeof ENGLISH> = {
  title: 'Schnitte',
  adding: 'Strecken werden aufgeteilt',
  buy: (bought, runCount) =>
    `${list(bought.map(({ count, length }) => `${boxes(count)} mit je ${length}`))} für ${runs(runCount)} kaufen.`,
  enough: (runCount) => `Was da ist, reicht für ${runs(runCount)}.`,
  nothing: 'Kein Kabel ist mehr zu ziehen.',
  whyNothing: 'Jede Strecke hat ein begonnenes Ende oder noch keine Länge.',
  counted: (slack) => `Jede Strecke mit ${slack} für ihre zwei Enden.`,
  waste: (length) => `${length} bleiben übrig und sind zu kurz, um zu nützen.`,
  noWaste: 'Was übrig bleibt, ist lang genug, um zu nützen.',
  least: (length) => `Bewiesen: kein Weg lässt weniger als ${length} übrig.`,
  best: 'Kein Weg lässt weniger übrig.',
  unproven: 'Ein besserer Weg wurde nicht bis zum Ende gesucht.',
  cantServe: 'Das lässt sich jetzt nicht ausrechnen.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal',
  print: 'Drucken',
  given: 'Gegeben',
  fields: {
    box: 'Ein neuer Karton hat',
    slack: 'Für beide Enden einer Strecke',
    rest: 'Nützlich ab',
  },
  hints: {
    box: 'nichts: keiner zu kaufen',
    slack: 'neben ihrer Länge',
    rest: 'was von einer Rolle bleibt',
  },
  begun: 'Begonnene Rollen',
  begunHint: (cable) => `${cable}; mehrere mit ; dazwischen`,
  toBuy: (count) => (count === 0 ? 'nichts zu kaufen' : `${boxes(count)} kaufen`),
  cantRead: (text) => `${text} ist keine Länge.`,
  ownBox: 'Sein Karton hat',
  ownBoxHint: 'wie oben, wenn leer',
  newBox: (number) => `Neuer Karton ${number}`,
  begunReel: (number) => `Begonnene Rolle ${number}`,
  left: (length, rest) => `${length}, ${rest} bleiben`,
  from: 'Von',
  to: 'Bis',
  run: 'Strecke',
  ends: 'Zwischen',
  unknown: (count) =>
    `${count === 1 ? '1 Strecke' : `${count} Strecken`} ohne Länge ${count === 1 ? 'ist' : 'sind'} nicht gezählt.`,
  tooLong: (label, needs) => `${label} braucht ${needs}: keine Rolle und kein Karton ist so lang.`,
  noRoom: (label, needs) => `${label} braucht ${needs}: dafür bleibt nichts.`,
};
