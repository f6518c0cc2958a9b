import type { TRACE_PAGE as ENGLISH } from '../../en/pages/trace';
import type { Same } from '../../same';
import { formatOhm } from '@near-spoke/core/units';
import { list } from '../list';
import { written } from '../number';

const dayOf = (at: string): string => at.slice(0, 10).split('-').reverse().join('.');

/** What the page of a trace says of itself, around what the trace tells. */
export const TRACE_PAGE: Same<typeof ENGLISH> = {
  kinds: {
    open: {
      name: 'Unterbrechung',
      what: 'Das Kabel endet hier ohne etwas daran, oder es ist durchtrennt.',
    },
    short: {
      name: 'Kurzschluss',
      what: 'Hier berühren sich beide Leiter, oder das Ende ist kurzgeschlossen.',
    },
    rise: {
      name: 'Wellenwiderstand steigt',
      what: 'Gespreiztes oder aufgedrehtes Paar, anderes Kabel, schlechte Verbindung.',
    },
    drop: { name: 'Wellenwiderstand fällt', what: 'Wasser, eine Quetschung oder anderes Kabel.' },
    series: { name: 'Widerstand im Weg', what: 'Eine korrodierte oder lose Verbindung.' },
    tap: {
      name: 'Etwas querüber',
      what: 'Ein Abzweig, oder ein Nebenschluss zwischen den Leitern.',
    },
    matched: { name: 'Angepasstes Ende', what: 'Das ferne Ende gibt nichts zurück.' },
    hand: { name: 'Von Hand gesetzt', what: 'Du hast es mit einer Marke hierher gesetzt.' },
    ghost: { name: 'Wiederholung', what: 'Ein Echo, das hin und her lief: keine Stelle am Kabel.' },
  },
  ofBothEnds: 'Die Stelle',
  sure: 'sicher',
  likely: 'wahrscheinlich',
  untold: 'von anderen Arten nicht zu trennen',
  back: (percent) => `${percent} % zurück`,
  isEnd: 'Ende',
  branchEnd: 'Ende des Abzweigs',
  branch: (length) => `Ein Abzweig von ${length}, der offen endet.`,

  giveTrace: 'Eine Kurve geben: die Tabelle eines Oszilloskops oder eine Touchstone-Datei.',
  giveHow:
    'Hier ablegen, einfügen oder von einem Reflektometer holen. CSV jeder Art, .s1p, .s2p, auch mit gzip.',
  choose: 'Datei wählen',
  chooseOther: 'Andere Datei wählen',
  working: 'Wird ausgewertet.',
  onlySeen: 'Es ist nicht ausgewertet: nur ein erster Blick.',
  atFirstLook: 'Auf den ersten Blick',
  sinceFirstLook: 'Was aus dem ersten Blick wurde',
  nothing: 'Nichts kommt zurück.',
  keep: 'Diese Stelle behalten',
  kept: (why) => `Im Protokoll behalten. ${why}`,
  openRecord: 'Protokoll öffnen',
  takeSo: 'So nehmen',
  stop: 'Anhalten',
  done: 'Fertig',
  file: 'Eine Kurve oder ein Frequenzgang',
  cantBe: (names) => `${names}: ein Wert, der nicht sein kann.`,
  tooLarge: (name, megabytes) =>
    `${name} ist größer als ${megabytes} MB. Weniger Abtastwerte ausgeben.`,
  refused: (name, line, reason) => `${name}${line === null ? '' : `, Zeile ${line}`}: ${reason}.`,
  notWorkedOut: (name) =>
    `${name} ließ sich auf diesem Gerät nicht ausrechnen. Weniger Abtastwerte ausgeben oder einen anderen Browser nehmen.`,
  keptAt: (name, at) => `${name} bei ${at}.`,
  keptFromBoth: (name, at) => `${name} bei ${at}, von beiden Enden.`,

  whatFarEnd: 'Was ist am fernen Ende?',
  farEnd: {
    unsaid: 'Nicht gesagt',
    open: 'Nichts, offen',
    terminated: 'Sein Abschluss',
    short: 'Ein Kurzschluss',
  },
  fromLaunch: 'vom gesendeten Signal',
  thereAndBack: 'hin und zurück',
  clickForCursor: 'klicken setzt eine Marke',
  cursorAt: 'Marke bei',
  cursor: (number) => `Marke ${number}`,
  makeAPlace: 'Zur Stelle machen',
  cursorsAway: (count) => (count > 1 ? 'Marken wegnehmen' : 'Marke wegnehmen'),
  outside: (end) => `Die Aufnahme reicht von 0 bis ${end}: dahinter steht keine Marke.`,
  laidOver: (name) => `Darübergelegt: ${name}`,
  wholeLink: 'Eine ganze Strecke',
  measured: 'Gemessen',
  explained: 'Erklärt',
  shareBack: 'Anteil, der zurückkommt',
  ofVelocity: (give) => `${give} vom Verkürzungsfaktor`,
  ofDelay: (give) => `${give} von der Laufzeit des Echos`,
  budget: (parts) => `Seine Unsicherheit: ${list(parts)}.`,
  onTheCable: 'Am Kabel',
  takeOut: 'Diese herausnehmen',
  repeats: (count) =>
    count === 1
      ? 'Eine Wiederholung ist keine Stelle:'
      : `${count} Wiederholungen sind keine Stellen:`,
  beforeAWall:
    'Bevor eine Wand geöffnet wird: wissen, was sonst darin verläuft. Netzspannung, Gas und Wasser sind Sache von zugelassenen Fachleuten und örtlichen Vorschriften.',
  fromReflectometer: 'Von einem Reflektometer',
  measuredWith: 'Gemessen mit',
  again: (count) =>
    `${count === 1 ? 'Die behaltene Kurve' : `Alle ${count} behaltenen Kurven`} neu auswerten, mit dem, was jetzt gilt`,
  againLeft: (count) => `Noch ${count}.`,
  againNot: 'Sie ist jetzt nicht zu lesen.',
  trace: 'Kurve',
  asKept: 'Wie sie behalten wurde',
  asNow: 'Wie sie jetzt gelesen wird',
  plotHelp: (more) =>
    `Mit Rad, zwei Fingern oder + und − vergrößern, ziehen oder Pfeiltasten zum Verschieben${more}.`,
  wholeRange: 'Ganzer Bereich',
  impedanceAlong: 'Wellenwiderstand entlang der Leitung',
  impedanceLabel: 'Wellenwiderstand entlang der Leitung, in Ohm über Metern',
  impedanceHow: (smear) =>
    `Als hätte das Kabel keinen Verlust. Was kürzer ist als ${smear}, ist verschmiert. Ein langsames Steigen oder Fallen kann vom Verlust kommen, den die Kurve davon nicht trennt.`,
  impedance: 'Wellenwiderstand',
  atMost: 'Höchstens, zu 95 %',
  atLeast: 'Mindestens, zu 95 %',
  keepPlace: 'Diese Stelle im Protokoll behalten',
  onPlan: 'Auf dem Grundriss zeigen',
  keptOfLink: 'Von dieser Strecke behalten',
  takeBack: 'Zurücknehmen',
  keepTrace: 'Diese Kurve mit der Strecke behalten',
  tracesOfLink: 'Kurven dieser Strecke',
  openNow: 'jetzt offen',
  openIt: 'Öffnen',
  layOver: 'Darüberlegen',
  layOff: 'Wegnehmen',
  theFile: 'Die Datei',
  against: (when) => `Gegen ${when}`,
  neither: 'Keine von beiden zeigt eine Stelle.',
  workingOut: 'Wird ausgewertet.',
  sameLaunch:
    'Nur Kurven mit demselben Signal, denselben Leitungen und Einstellungen lassen sich vergleichen.',
  tooLargeToKeep: (name, megabytes) =>
    `${name} ist größer als ${megabytes} MB und wird nicht behalten. Weniger Abtastwerte ausgeben.`,
  notHere: (name) => `${name} ist nicht auf diesem Gerät, und der Server gibt sie jetzt nicht.`,
  take: 'Eine Kurve holen',
  taking: 'Wird geholt',
  takeFields: { width: 'Pulsbreite', averages: 'Mittelungen', span: 'Spanne' },
  takeNeeds: 'Pulsbreite, Mittelungen und Spanne werden alle gebraucht.',
  notRead: 'Sie war nicht zu lesen.',
  instrument: 'Messgerät',
  usualInstrument: 'Das übliche',
  anotherInstrument: 'Anderes Messgerät',
  instrumentName: 'Wie es heißt',
  instrumentHow: 'Was es ist, wird unter seinem Namen auf diesem Gerät behalten.',
  dielectric: 'Zwischen den Leitern',
  dielectrics: {
    'solid-polyethylene': 'Volles Polyethylen',
    'foam-polyethylene': 'Geschäumtes Polyethylen',
    'air-spaced': 'Luft und Stege',
    'solid-ptfe': 'Volles PTFE',
  },
  launch: 'Gesendet',
  launches: { auto: 'Herausfinden', pulse: 'Puls', step: 'Sprung' },
  fields: {
    vf: 'Verkürzungsfaktor',
    vfU: 'Mehr oder weniger',
    ohm: 'Wellenwiderstand',
    source: 'Quelle',
    scope: 'Eingang des Oszilloskops',
    width: 'Pulsbreite',
    rise: 'Anstieg',
  },
  fieldsHow:
    'Sein Mehr oder weniger ist eine Standardunsicherheit. Pulsbreite und Anstieg werden gefunden, wenn sie leer bleiben.',
  sourceUnlike: (sourceOhm, cableOhm, { shown, back }) =>
    `Eine Quelle von ${written(formatOhm(sourceOhm))} an einem Kabel von ${written(formatOhm(cableOhm))} zeigt ein Echo mit ${(100 * shown).toFixed(0)} % seiner Größe und wirft ${(100 * back).toFixed(0)} % davon wieder hinein; die Größen hier sind davon befreit. Wäre die Quelle doch angepasst, so wären sie ${(100 * shown).toFixed(0)} % des Gesagten: das sicher wissen.`,
  velocityFrom: ({ from, count, at }) =>
    from === 'catalogue'
      ? 'Der Verkürzungsfaktor ist der allgemeine des Katalogs: hier ist er noch nicht gemessen.'
      : `Der Verkürzungsfaktor ist ${count === 1 ? 'einmal' : `${count}-mal`} ${from === 'reel' ? 'an dieser Rolle' : 'an diesem Kabel'} gemessen, zuletzt am ${dayOf(at ?? '')}.`,
};
