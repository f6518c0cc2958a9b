import type { SOLDERED as ENGLISH } from '../../en/terminate/soldered';
import type { SameSteps } from '../../step-words';

export const SOLDERED: SameSteps<typeof ENGLISH> = {
  'thread-backshell': {
    instruction:
      'Teile der Steckerhaube aufschieben, in ihrer Folge, wenn sie über das Kabel geht.',
    why: 'Über den gelöteten Verbinder geht sie nicht.',
    wayBack:
      'Sie kommt über das andere Ende, solange das bloß ist; sonst die Adern ablöten und neu beginnen.',
  },
  'solder-cores/soldered': {
    instruction:
      'Einen Kontakt nach dem anderen löten, die innere Reihe zuerst: Ader in den Kelch, Kelch erhitzen, Kolben wegnehmen.',
    why: 'Einer nach dem anderen wird keiner mit seinem Nachbarn verwechselt.',
  },
  'bond-shield': {
    instruction: 'Schirmstrang kurz ans Gehäuse löten oder klemmen.',
    why: 'Ein langer Strang ist eine Antenne im Gehäuse.',
  },
  'inspect-joints/soldered': {
    instruction: 'Jede Lötstelle ansehen, bevor ein Schlauch sie deckt.',
    why: 'Unter dem Schlauch ist nichts mehr zu sehen.',
    checks: {
      'joints-bright': 'Jede Lötstelle ist glatt und hält, wenn man leicht daran zieht',
      'no-bridge': 'Kein Lot und kein Draht verbindet zwei Kontakte',
      'order-at-cups': 'Die Reihenfolge an den Kelchen lautet: {order}',
    },
  },
  'shrink-sleeves/soldered': {
    instruction: 'Schläuche über die Lötstellen schieben und schrumpfen.',
    why: 'Sie halten die Kelche auseinander und nehmen den Knick von den Lötstellen.',
  },
  'test-continuity': {
    instruction: 'Einmal stromlos prüfen, bevor das Gehäuse zugeht.',
    why: 'Ein Kurzschluss, hier gefunden, kostet eine Minute; hinter dem Gehäuse kostet er das Ende.',
    checks: {
      continuity: 'Jeder Kontakt erreicht seine eigene Ader und keine andere',
      'no-short':
        'Keine zwei Kontakte sind verbunden, die es nicht sein sollen, auch das Gehäuse nicht',
    },
  },
  'test-supply': {
    instruction:
      'Noch einmal mit der Versorgung allein prüfen, wenn dieser Stecker eine führt, vor jedem Signal.',
    why: 'Eine Versorgung auf einem Signalkontakt zerstört, was eingesteckt wird.',
    checks: {
      supply:
        'Versorgung und Masse liegen mit der richtigen Polarität auf ihren Kontakten, oder es gibt keine Versorgung',
    },
  },
  'close-backshell': {
    instruction:
      'Mantel unter die Klemme legen und die Steckerhaube schließen, keine Ader zwischen ihren Hälften.',
    why: 'Zuletzt, denn sie deckt alles.',
  },
};
