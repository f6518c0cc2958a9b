import type { VERIFY_PAGE as ENGLISH } from '../../en/pages/verify';
import type { Same } from '../../same';
import { written } from '../number';

const END = { near: 'nahe', far: 'ferne' } as const;

/** What the pages say of themselves, around what testing a link tells. */
export const VERIFY_PAGE: Same<typeof ENGLISH> = {
  chooseTester: 'Den Prüfer in der Hand wählen.',
  chooseWhy:
    'Ein Ergebnis gilt für das, was dieser Prüfer sehen kann. Zuerst sicherstellen, dass nichts Speisung oder Rufspannung auf dieses Kabel gibt.',
  keepIf: 'Diese Anzeige aufbewahren, wenn der Prüfer sie zeigt.',
  keepWhy: 'Sie wird sofort gedeutet und lässt sich einige Sekunden lang zurücknehmen.',
  keep: 'Diese Anzeige aufbewahren',
  testAndEnter: 'Die Strecke prüfen und eingeben, was der Prüfer zeigt.',
  liveStaysOn: 'Was die Leitung speist, bleibt an. Diesen Prüfer nur am fernen Ende einstecken.',
  nothingFeeds:
    'Zuerst sicherstellen, dass nichts Speisung oder Rufspannung auf dieses Kabel gibt.',
  notRead: (problem) => `Was getippt ist, lässt sich nicht lesen. ${problem}`,
  nothingYet: 'Noch ist nichts eingegeben.',
  allGood: (key) => `Noch ist nichts eingegeben. Alles gut: ${key}.`,

  proven: 'Diese Strecke ist geprüft. Ihr Protokoll drucken.',
  openRecord: 'Das Protokoll öffnen',
  pairingTest: 'Eine Paarungsprüfung eingeben',
  wireMap: 'Einen Verdrahtungsplan eingeben',
  testAgain: 'Noch einmal prüfen',
  below: 'Was es erklärt, und was als Nächstes, steht darunter.',

  verdicts: { pass: 'Gut', fail: 'Fehler', unproven: 'Zum Teil geprüft' },
  wrong: 'Was falsch ist',
  toDo: 'Was zu tun ist',
  notWhere: 'Diese Prüfung sagt nicht, wo am Kabel ein Fehler liegt.',
  cantTell: 'Was diese Prüfung nicht sagen kann',
  ends: { near: 'Nahes Ende', far: 'Fernes Ende' },
  remake: (end) => `Das ${END[end]} Ende neu machen`,
  tests: (count) => (count === 1 ? 'Eine Prüfung' : `${count} Prüfungen`),

  explains: 'Was es erklärt',
  nothingWrong: 'Nichts ist falsch.',
  notWorkedOut: 'Das ließ sich hier nicht ausrechnen. Das Ergebnis darüber gilt.',
  workingOut: 'Was es erklärt, wird ausgerechnet…',
  next: 'Was als Nächstes',
  shows: 'Was er zeigt',
  bits: (bits) => `Sagt voraussichtlich ${written(bits)} Bit darüber, wo zu reparieren ist.`,
  since: 'Seither',
  takeBack: 'Das Letzte zurücknehmen',
  somethingElse: 'Etwas anderes wurde getan',
  wasDone: 'Was getan wurde',
  atHand: 'Was zur Hand ist',
  testersAtHand: 'Prüfer zur Hand',
  walk: 'Weg zum anderen Ende',
  whereYouStand: 'Wo du stehst',
  stand: { near: 'Ich stehe nah', far: 'Ich stehe fern' },
  places: { near: 'nahes Ende', cable: 'im Kabel', far: 'fernes Ende' },
  atPlaces: { near: 'Am nahen Ende.', cable: 'Im Kabel.', far: 'Am fernen Ende.' },
  lessLikely: (rest, upTo, own) => {
    const most = ['einem', 'einem', 'zwei', 'drei'][upTo] ?? 'drei';
    const rates = own > 0 ? `allgemein, verfeinert durch ${own} eigene Strecken` : 'allgemein';
    return `Auch ${rest} weniger wahrscheinliche Deutungen mit bis zu ${most} Fehler${upTo < 2 ? '' : 'n'} stimmen überein. Die Anteile gelten unter diesen; ihre Häufigkeiten sind ${rates}.`;
  },
  proveIt: (tester) => `Danach nachweisen: ${tester}.`,
  noProof: 'Kein Prüfer zur Hand zeigt so einen Fehler: ein gutes Ergebnis bewiese davon nichts.',
  mended: 'Was geraten wird, ist getan',
  lastAnswer: 'Die letzte Antwort zurücknehmen',
};
