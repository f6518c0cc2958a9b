import type {
  LIMITS_PAGE as ENGLISH_LIMITS,
  LINE_PAGE as ENGLISH_LINE,
  OHMS_PAGE as ENGLISH_OHMS,
} from '../../en/pages/sums';
import type { Same } from '../../same';
import { written } from '../number';
import { PARAMETERS } from '../verify/parameters';

const FIELDS = { loop: 'Schleife', tip: 'a-Ader allein', ring: 'b-Ader allein' } as const;

/** What the page of loops and power says of itself. */
export const OHMS_PAGE: Same<typeof ENGLISH_OHMS> = {
  whatNow: {
    'as-expected': '',
    'over-limit':
      'Die Strecke kürzen oder ein dickeres Kabel nehmen: Speisung und Klassengrenzen rechnen mit weniger.',
    joint:
      'An seinen Enden wackeln und dabei das Messgerät beobachten; dann das Ende neu machen, das es bewegt.',
    'other-metal':
      'Keine Speisung darüber geben, bevor es klar ist: kupferkaschiertes Aluminium wird heißer und bricht an Verbindungen.',
    longer: 'Mit der Länge aus der Reflektometrie vergleichen, bevor etwas neu gemacht wird.',
    shorter:
      'Mit der Länge aus der Reflektometrie vergleichen: vielleicht ist es nicht das Kabel, an das du denkst.',
    open: 'Auf der Seite Prüfen sehen, welche Ader offen ist und an welchem Ende.',
    short: 'Mit Reflektometrie sehen, wie weit entfernt sich seine Leiter berühren.',
  },
  about: (length, awg, degrees) =>
    `${length} Kupfer von ${awg} AWG bei ${degrees} °C, die fernen Enden eines Paars verbunden.`,
  enterLength: 'Die Länge dieser Strecke eingeben: der Widerstand geht mit ihr.',
  whyLength: 'Länge, Aderstärke und Temperatur zusammen sagen, was ein Messgerät anzeigen soll.',
  changeLink: 'Diese Strecke ändern',
  allAsExpected: (should) => `Alle gemessenen Schleifen sind wie erwartet: ${written(should)}.`,
  shouldShow: (should) => `Die Schleife jedes Paars soll ${written(should)} zeigen.`,
  measured: 'Gemessen',
  how: (should) =>
    `Erwartet: ${written(should)} je Schleife. Die Strecke von allem nehmen, was speist. Zuerst die Messleitungen kurzschließen und ihren Widerstand abziehen.`,
  pair: 'Paar',
  fields: { loop: `${FIELDS.loop}, Ω`, tip: `${FIELDS.tip}, Ω`, ring: `${FIELDS.ring}, Ω` },
  box: (pair, field) => `Paar ${pair}, ${FIELDS[field]}, Ohm`,
  temperature: 'Temperatur des Kabels',
  power: 'Speisung über das Kabel',
  needsPairs: (wired) =>
    `Sie braucht mindestens zwei Paare, manche Klassen vier. Hier ist ${wired === 1 ? 'ein Paar' : 'kein Paar'} durchverbunden.`,
  byMeasured: 'Nach der höchsten gemessenen Schleife.',
  byExpected: 'Nach der erwarteten Schleife, ihrem oberen Ende: noch nicht gemessen.',
  atDevice: 'Am Gerät, während es alles nimmt, was es darf. IEEE 802.3, Abschnitte 33 und 145.',
  columns: {
    source: 'Quelle',
    volt: 'Volt',
    ampere: 'Ampere',
    lost: 'Verlust, W',
    most: 'Höchstens, W',
    device: 'Für ihr Gerät',
  },
  enough: 'genug',
  notEnough: 'nicht genug',
  bundles:
    'Speisung über das Kabel wärmt ein Bündel. Wie viele Kabel beisammen liegen dürfen, sagen örtliche Vorschriften und der Hersteller des Kabels.',
};

/** What the page of limits says of itself. */
export const LIMITS_PAGE: Same<typeof ENGLISH_LIMITS> = {
  kinds: { 'permanent-link': 'Feste Strecke', channel: 'Übertragungsstrecke' },
  parameters: PARAMETERS,
  unknownLength:
    'Die Länge dieser Strecke ist nicht bekannt: wie viel Rangierkabel sie haben darf, ist nicht zu sagen.',
  tooLong: (degrees, length) =>
    `Bei ${degrees} °C ist diese Strecke von ${length} zu lang, um Rangierkabel zu haben.`,
  mayHave: (awg, length, cord, degrees) =>
    `Mit Rangierkabeln von ${awg} AWG darf diese Strecke von ${length} zusammen ${cord} davon haben, bei ${degrees} °C.`,
  give: 'Einen gemessenen Frequenzgang geben: eine Touchstone-Datei oder eine Tabelle.',
  giveHow: (standard) =>
    `Eine Datei .s2p oder .s4p, oder CSV mit einer Spalte der Frequenz und Spalten, die insertion loss, NEXT, PSNEXT, ACR-F, PSACR-F oder return loss heißen. Grenzwerte: ${standard}.`,
  choose: 'Datei wählen',
  chooseOther: 'Andere Datei wählen',
  unread: (name, line, reason) => `${name}, Zeile ${line}: ${reason}.`,
  tooLarge: (name, megabytes) => `${name} ist größer als ${megabytes} MB. Weniger Punkte ausgeben.`,
  fails: (limit) => `Erfüllt ${limit} nicht`,
  unproven: (limit) => `Nicht nachgewiesen für ${limit}`,
  meets: (limit) => `Erfüllt ${limit}`,
  inWhatWasMeasured: ' in dem, was gemessen ist',
  cantJudge: 'Nichts in dieser Datei ist zu beurteilen.',
  beyond: (failed, judged) => `${failed} von ${judged} Kurven liegen jenseits ihrer Grenze.`,
  missing: (names) => `Nicht in dieser Datei: ${names}.`,
  standard: 'Norm',
  class: 'Klasse',
  whatWasMeasured: 'Was gemessen ist',
  parameter: 'Messgröße',
  file: 'Ein gemessener Frequenzgang',
  states: {
    meets: 'Erfüllt',
    fails: 'Nicht erfüllt',
    unproven: 'Nicht nachgewiesen',
    unjudged: 'Nicht beurteilt',
  },
  limitsAlone: 'Die Grenzwerte allein',
  upTo: (mhz, delayNs, skewNs, loopOhm) =>
    `Bis ${mhz} MHz. Längste Laufzeit ${delayNs} ns bei 10 MHz, größter Unterschied ${skewNs} ns, Schleife eines Paars höchstens ${loopOhm} Ω.`,
  measuredAt: 'Gemessen bei',
  hottest: 'Heißester Betrieb',
  cords: 'Rangierkabel dazu',
  cordsOf: 'Rangierkabel von',
  stranded: (awg) => `${awg} AWG, Litze`,
  limit: 'Grenze',
  leastToSpare: (name) => `Am wenigsten Reserve, ${name}`,
  point: (name, decibels, mhz) => written(`${name}: ${decibels} dB bei ${mhz} MHz`),
};

/** What the page of a telephone line says of itself. */
export const LINE_PAGE: Same<typeof ENGLISH_LINE> = {
  sides: {
    ours: 'Unserer',
    theirs: 'Der des Anbieters',
    set: 'Ein Apparat, oder was eingesteckt ist',
    nobody: 'Niemandes: die Leitung ist gut',
  },
  whose: (side) => `Wessen Fehler: ${side}.`,
  noVoltage: (text) => `„${text}“ ist keine Spannung. Schreibe -48 oder 9,5.`,
  noLoads: 'Den Wert jedes Apparats schreiben, etwa 1 1 0,3.',
  enter: 'Eingeben, was es zeigt',
  overAgain: 'Von vorn messen',
  backToStep: 'Zurück zum Schritt: wessen Seite das ist',
  ringingBites:
    'Rufstrom beißt: 90 V Wechselspannung über Gleichspannung. Keinen Kontakt berühren, während es läuten kann, und auf der Seite des Anbieters nur arbeiten, wenn es erlaubt ist.',
  measure: 'Messen',
  usual: 'Üblich',
  shown: 'Gezeigt',
  generic:
    'Die üblichen Spannungen sind allgemein; ein Adapter vor Ort oder eine lange Leitung kann weniger zeigen. Das Vorzeichen schreiben, das das Messgerät mit seiner roten Leitung an Kontakt 2 zeigt.',
  ringerLoad: 'Läutlast',
  numbers: 'Wert unter jedem Apparat',
  such: 'etwa 1 1 0,3',
  drives: 'Eine Leitung treibt',
  bellWire: 'Läuten: Kondensator oder Weckerader',
  bellWireHow:
    'Ein Weckerkondensator, in der Hauptdose, speist Kontakt 3; oder jeder Apparat hat seinen eigenen, und Kontakt 3 bleibt frei. Nie beides: zwei nebeneinander belasten die Leitung, ohne einen bleiben alte Wecker stumm.',
};
