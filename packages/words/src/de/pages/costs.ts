import type { COSTS_PAGE as ENGLISH } from '../../en/pages/costs';
import type { Same } from '../../same';
import { written } from '../number';

const cords = (count: number): string => (count === 1 ? '1 Kabel' : `${count} Kabel`);

/** Was die Seite der Preise und des Machens oder Kaufens von sich sagt. */
export const COSTS_PAGE: Same<typeof ENGLISH> = {
  title: 'Kosten',
  which: 'Was gerechnet wird',
  kinds: { cord: 'Ein Kabel', left: 'Was hier noch fehlt' },
  left: (link, ends, hasCable, cost) =>
    `Was ${link === null ? '' : `an ${link} `}noch fehlt, kostet ${written(cost)}: ${[
      ...(ends > 0 ? [ends === 1 ? '1 Ende' : `${ends} Enden`] : []),
      ...(hasCable ? ['Kabel'] : []),
    ].join(' und ')}.`,
  leftNothing: (link) => `${link === null ? 'Hier' : `An ${link}`} ist nichts mehr zu machen.`,
  ofLink: (label) => `Was von ${label}`,
  ofSite: 'Was an der ganzen Baustelle noch fehlt',
  bothEnds: 'Beide Enden',
  leftMinutes: (minutes) => `${written(minutes)} Arbeit, mit dem, was neu gemacht wird.`,
  leftUnknown: (count) => `${count} Kabel ohne Länge: nicht gezählt.`,
  leftRefused: (count) =>
    `${count === 1 ? '1 Ende, dessen' : `${count} Enden, deren`} Teile nicht passen: nicht gezählt.`,
  leftTakes: 'Es braucht',
  asking: 'Wird gerechnet',
  make: (made, count, bought) =>
    `Selbst machen: je ${written(made)} bei ${count} Stück, gekauft ${written(bought)}.`,
  buy: (bought, made, count) =>
    `Kaufen: je ${written(bought)}, selbst gemacht ${written(made)} bei ${count} Stück.`,
  close: (made, bought) =>
    `Kein Unterschied: ${written(made)} gemacht, ${written(bought)} gekauft.`,
  breakEven: (count) =>
    `Mit dem Werkzeug, das dafür gekauft wird, lohnt es sich ab ${cords(count)}.`,
  never: 'Selbst gemachte bezahlen ihr Werkzeug nie.',
  fails: (share) =>
    `${written(share)} haben ein Ende, das neu gemacht wird, nach den Nacharbeiten hier.`,
  unpriced: (names) => `Ohne Preis und nicht gezählt: ${names}.`,
  cantServe: 'Das lässt sich nicht rechnen.',
  cantRead: 'Eine Zahl fehlt oder lässt sich nicht lesen.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal',
  cord: 'Das Kabel',
  near: 'Ein Ende',
  far: 'Das andere',
  cable: 'Kabel',
  fields: {
    length: 'Länge',
    count: 'Wie viele',
    bought: 'Eines gekauft kostet',
    wage: 'Eine Stunde kostet',
    tools: 'Werkzeug kostet',
    uses: 'Es hält für',
  },
  hints: {
    length: 'von jedem',
    count: 'auf einmal',
    bought: 'wie im Laden',
    wage: 'mit allem, was daran hängt',
    tools: 'leer: es ist da',
    uses: 'Kabel',
  },
  parts: 'Eines braucht',
  piece: (count) => `${count} ×`,
  noPrice: 'kein Preis',
  work: 'Arbeit',
  minutes: (minutes) => `${written(minutes)} min`,
  list: 'Preisliste',
  listHint:
    'CSV mit Teil oder Name, Preis, Packung, Währung, Datum. Eine für die Firma; eine neue ersetzt die vorige.',
  from: (count, when) => `${count === 1 ? '1 Preis' : `${count} Preise`}, vom ${when}.`,
  noList: 'Noch wurde keine Liste gebracht.',
  unknown: (names) => `Nicht im Katalog und nicht gezählt: ${names}.`,
  bring: 'Liste bringen',
  template: 'Teile dieser Baustelle als Liste zum Ausfüllen',
  refused: 'Die Liste wurde nicht genommen; die vorige bleibt.',
  cell: (line, reason) => `Zeile ${line}: ${reason}`,
};
