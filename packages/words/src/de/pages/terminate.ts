import type { End } from '@near-spoke/core/link';
import type { TERMINATE_PAGE as ENGLISH } from '../../en/pages/terminate';
import type { Same } from '../../same';

const END: Readonly<Record<End, string>> = { near: 'nahe', far: 'ferne' };

/** What the page says of itself, around what the work on an end tells. */
export const TERMINATE_PAGE: Same<typeof ENGLISH> = {
  ends: { near: 'Nahes Ende', far: 'Fernes Ende' },
  states: {
    'does-not-fit': 'passt nicht',
    bare: 'nicht begonnen',
    begun: 'begonnen',
    made: 'gemacht',
  },
  whichEnd: 'Welches Ende',
  steps: 'Schritte',
  picture: 'Bild',
  facts: 'Kabel, Teile und Werkzeug',
  doesNotTake: (connector, cable, inPlace) =>
    `${connector} nimmt ${cable} ${inPlace ? 'an diesem Ort ' : ''}nicht.`,
  changeLink: 'Die Strecke ändern',
  lateWhy: 'Was abgehakt ist, sagt, dass ein späterer Schritt ohne das Teil gemacht wurde.',
  takeStepsBack: 'Diese Schritte zurücknehmen',
  cutOff: 'Abschneiden und neu beginnen',
  proven: 'Diese Strecke ist geprüft, wie sie ist.',
  provenWhy: (left, all) =>
    `An diesem Ende sind ${left} von ${all} Schritten nicht abgehakt: niemand hat gesagt, dass sie gemacht wurden.`,
  openRecord: 'Das Protokoll öffnen',
  goVerify: 'Weiter zum Prüfen',
  checked: 'Geprüft',
  done: 'Erledigt',
  endMade: (end) => `Das ${END[end]} Ende ist gemacht.`,
  otherMade: 'Das andere auch.',
  otherLeft: (end, place) => `Es bleibt das ${END[end]} Ende, ${place}.`,
  makeOther: (end) => `Das ${END[end]} Ende machen`,
  timeLeft: (minutes, ownPace) =>
    `etwa ${minutes} min, ${ownPace ? 'im eigenen Tempo' : 'allgemein'}`,
  measureLine: 'Die Leitung messen, Schritt für Schritt',
  measureHint: 'Gemessen? Hier aufschreiben, oder weitermachen.',
  unread: 'Was als gemessen getippt ist, lässt sich nicht lesen: verbessern oder löschen.',
  checkFirst: 'Vor dem Weitermachen prüfen',
  leftOff: 'Vergessen.',
  cantUndo: 'Lässt sich nicht zurücknehmen.',
  ticked: (step) => `Erledigt: ${step}`,
  notTicked: (step) => `Nicht erledigt: ${step}`,
  takeBack: 'Den letzten Haken zurücknehmen',
  remake: 'Abschneiden und neu machen',
  onCable: 'Jetzt auf dem Kabel',
  inPlace: (part) => `${part}, an seinem Platz`,
  template: 'Schablone 1:1',
  misfits: 'Was nicht passt',
  misfit: (have, need, off) => `Es ist ${have}; nötig ist ${need}${off ? `: ${off}` : ''}.`,
  generic:
    'Die Maße des Katalogs sind allgemein: die Datenblätter des Kabels und des Teils in der Hand ansehen.',
  cable: 'Kabel',
  toolsAtHand: 'Werkzeug zur Hand',
  parts: 'Teile',
  later: 'Später, vor Ort',
  time: 'Zeit bis fertig',
  how: 'Wie dieser Auftrag es hält',
  chosenHere: 'für diese Strecke gewählt',
  usual: 'wie üblich',
  changeHere: 'Für diese Strecke ändern',
  contacts: (rule) => `Kontakt und Ader, ${rule}`,
  empty: 'leer',
  turn: 'Den Verbinder umdrehen',
};
