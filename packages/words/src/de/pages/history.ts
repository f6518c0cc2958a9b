import type { HISTORY_PAGE as ENGLISH } from '../../en/pages/history';
import type { Same } from '../../same';

const entries = (count: number): string => (count === 1 ? '1 Eintrag' : `${count} Einträge`);

/** Was die Seite von allem, was getan wurde, von sich sagt. */
export const HISTORY_PAGE: Same<typeof ENGLISH> = {
  title: 'Verlauf',
  dates: 'de-DE',
  find: 'Nach Strecke, Ort, Teil, Fehler, Person oder Tag suchen',
  hint: 'Spleiß letztes Jahr; K05 2026-05; tech 2 gestern',
  here: 'Dieser Standort',
  everywhere: 'Alle Standorte',
  looking: 'Es wird gesucht',
  found: (count, more, newest, oldest) =>
    newest === oldest
      ? `${more ? 'Bisher ' : ''}${entries(count)} vom ${newest}.`
      : `${more ? 'Bisher ' : ''}${entries(count)}, vom ${newest} zurück bis zum ${oldest}.`,
  nothing: 'Hier wurde noch nichts getan.',
  nothingSought: (sought) => `Kein Eintrag hat alles von „${sought}“.`,
  whyNothing:
    'Jedes Wort muss da sein, wie es beginnt; ein Tag ist 2026-05-04, 2026-05 oder letzte Woche.',
  whole: 'Das ist alles.',
  earlier: 'Frühere zeigen',
  together: 'Haken an einem Ende, gleich nacheinander, stehen zusammen.',
  ofLink: (label) => `Nur von ${label}`,
  ofAll: 'Von allen Strecken',
  links: 'Strecken',
  taken: 'zurückgenommen',
  open: 'Öffnen',
  by: (who, device) => (device === '' ? who : `${who} an ${device}`),
  cantServe: 'Das kann jetzt nicht nachgesehen werden.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal versuchen',
};
