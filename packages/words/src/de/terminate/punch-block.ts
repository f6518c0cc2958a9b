import type { PUNCH_BLOCK as ENGLISH } from '../../en/terminate/punch-block';
import type { SameSteps } from '../../step-words';

export const PUNCH_BLOCK: SameSteps<typeof ENGLISH> = {
  'tie-sheath': {
    instruction: 'Mantel am Rahmen der Leiste festbinden.',
    why: 'Ein Zug muss am Rahmen enden, nicht an den Schlitzen.',
    wayBack: 'Jetzt festbinden, mit Vorrat für den Fächer: nichts muss abgenommen werden.',
  },
  'comb-pairs': {
    instruction:
      'Paare in Farbfolge auskämmen, Blau, Orange, Grün, Braun, Grau, zuerst mit Weiß. Jedes Paar verdrillt lassen.',
    why: 'Ist die Folge gestört, liegt jedes Paar nach dem Fehler falsch.',
  },
  'lay-conductors/punch-block': {
    instruction:
      'Paare von oben legen: die weiß geführte Ader eines Paars oben, ihre Partnerin darunter.',
    why: 'Erst gelegt, lassen sich die Farben die Leiste hinab lesen.',
  },
  'read-before-punch/punch-block': {
    instruction: 'Halt. Leiste von oben nach unten lesen, bevor eine Ader eingedrückt wird.',
    why: 'Eine eingedrückte Ader muss abgeschnitten und neu gelegt werden.',
    checks: {
      'colour-order': 'Die Farben stehen in ihrer Folge, und kein Paar ist gewendet',
      'twist-kept': 'Kein Paar ist weiter aufgedreht als {exposed}',
    },
  },
  'press-cores/punch-block': {
    instruction:
      'Jede Ader mit der Klinge der Leiste eindrücken, die Schneide zu dem Ende, das abfällt.',
    why: 'Die falsche Klinge weitet den Kontakt für immer.',
  },
  'prove-block/punch-block': {
    instruction: 'Leiste prüfen.',
    why: 'Ein Abschnitt zwischen zwei Kontakten ist ein Kurzschluss, der kommt und geht.',
    checks: {
      'all-down': 'Jede Ader liegt am Grund ihres Kontakts, gekürzt',
      'no-offcut': 'Kein Abschnitt liegt zwischen den Kontakten',
    },
  },
};
