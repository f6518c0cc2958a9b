import type { TELEPHONE_SOCKET as ENGLISH } from '../../en/terminate/telephone-socket';
import type { SameSteps } from '../../step-words';

const RINGS = 'Prüfen, wie ein Telefon an dieser Dose läuten wird.';
const SILENT =
  'An dieser Dose ist ein Kondensator zu sehen, oder was eingesteckt wird, läutet ohne einen: ohne Kondensator und ohne Weckerader bleibt ein solches Telefon stumm';

export const TELEPHONE_SOCKET: SameSteps<typeof ENGLISH> = {
  'lay-conductors/telephone-socket': {
    instruction:
      'Jede Ader in den Schlitz ihres Kontakts legen, mit etwas Vorrat dahinter: {order}. Das Paar bis zu seinen Schlitzen verdrillt lassen.',
    why: 'Die Leitung liegt auf den Kontakten 5 und 2. Erst gelegt, lassen sich alle lesen, bevor eine eingedrückt ist; der Vorrat lässt eine neu legen.',
  },
  'read-before-punch/telephone-socket': {
    instruction: 'Halt. Dose lesen, bevor eine Ader eingedrückt wird.',
    why: 'Eine eingedrückte Ader muss abgeschnitten und neu gelegt werden.',
    checks: {
      'order-at-slots': 'Jede Ader liegt an ihrem Kontakt: {order}',
      'insertion-tool':
        'Das Werkzeug in der Hand ist das Einlegewerkzeug, kein Schraubendreher, der den Schlitz für immer weitet',
    },
  },
  'press-cores/telephone-socket': {
    instruction: 'Jede Ader mit dem Einlegewerkzeug eindrücken, seine Schneide nach außen.',
    why: 'Der Schlitz schneidet durch die Isolierung und hält das Kupfer.',
  },
  'prove-socket': {
    instruction: 'Dose prüfen, bevor sie geschlossen wird.',
    why: 'Die Blende verdeckt die Schlitze.',
    checks: {
      'all-down': 'Jede Ader liegt am Grund ihres Schlitzes, gekürzt',
      'no-offcut': 'Kein Abschnitt liegt in der Dose',
    },
  },
  'close-socket/telephone-socket': {
    instruction: 'Kabel ohne Knick in die Dose legen und die Blende anschrauben.',
    why: 'Zuletzt, denn sie deckt alles.',
  },
  'check-capacitor-master': {
    instruction: RINGS,
    why: '{school}: Kondensatoren. Kondensator und Weckerader zusammen belasten die Leitung und lassen andere Wecker klimpern.',
    checks: {
      'has-capacitor': 'An dieser Hauptdose ist der Weckerkondensator zu sehen',
      'no-bell-wire': 'In Kontakt 3 liegt keine Ader',
    },
  },
  'check-capacitor-secondary': {
    instruction: RINGS,
    why: 'Eine Nebendose hat keinen Kondensator, wenn sie nicht mit einem gekauft wurde, und auf diese Art kommt keine Weckerader zu ihr.',
    checks: {
      'rings-itself': SILENT,
      'no-bell-wire': 'In Kontakt 3 liegt keine Ader',
    },
  },
  'check-capacitor-extension': {
    instruction: RINGS,
    why: 'Eine Verlängerungsdose hängt an der Dose vor ihr: auf diese Art kommt von dort nichts als das Leitungspaar.',
    checks: {
      'rings-itself': SILENT,
      'no-bell-wire': 'In Kontakt 3 liegt keine Ader, hier und in der Dose davor',
    },
  },
  'check-bell-wire-master': {
    instruction: RINGS,
    why: '{school}: eine Weckerader, gespeist von dem einen Kondensator der Hauptdose.',
    checks: {
      'one-capacitor': 'An dieser Hauptdose ist der Weckerkondensator zu sehen',
      'bell-wire-leaves': 'Die Weckerader geht von Kontakt 3 ab',
    },
  },
  'check-bell-wire-secondary': {
    instruction: RINGS,
    why: 'Zwei Kondensatoren an einer Leitung belasten sie: nur die Hauptdose hat einen.',
    checks: {
      'no-capacitor': 'Diese Dose hat keinen eigenen Kondensator',
      'bell-wire': 'Kontakt 3 ist mit Kontakt 3 der Hauptdose verbunden',
    },
  },
  'check-bell-wire-extension': {
    instruction: RINGS,
    why: 'Eine Verlängerungsdose bekommt ihre Weckerader von der Dose davor.',
    checks: {
      'no-capacitor': 'Diese Dose hat keinen eigenen Kondensator',
      'bell-wire': 'Kontakt 3 ist mit Kontakt 3 der Dose davor verbunden',
    },
  },
};
