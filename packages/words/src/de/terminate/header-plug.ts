import type { HEADER_PLUG as ENGLISH } from '../../en/terminate/header-plug';
import type { SameSteps } from '../../step-words';

export const HEADER_PLUG: SameSteps<typeof ENGLISH> = {
  'thread-shrink/header-plug': {
    instruction: 'Weiten Schrumpfschlauch für den Block über das Kabel schieben.',
    why: 'Über die Gehäuse geht er nicht.',
    wayBack: 'Die Gehäuse mit ihrer Raste wieder abnehmen oder den Block mit Band machen.',
  },
  'crimp-contacts': {
    instruction:
      'Einen Kontakt auf jede Ader crimpen: ein Flügelpaar auf das Kupfer, das andere auf die Isolierung.',
    why: 'Die Flügel der Isolierung tragen den Knick, die des Kupfers den Strom.',
  },
  'check-contacts': {
    instruction: 'Halt. Crimpungen prüfen, bevor ein Kontakt in seinem Gehäuse einrastet.',
    why: 'Im Gehäuse ist die Crimpung nicht mehr zu sehen.',
    checks: {
      'wings-closed': 'Die Flügel halten Kupfer und Isolierung, jedes das Seine',
      'no-stray-strand': 'Kein Draht steht aus einer Crimpung',
    },
  },
  'insert-contacts': {
    instruction:
      'Jeden Kontakt in sein Gehäuse schieben, bis er einrastet, in dieser Folge: {order}.',
    why: 'Ein Kontakt, der nicht eingerastet ist, rutscht zurück, wenn der Block aufgesteckt wird.',
  },
  'read-block': {
    instruction: 'Reihenfolge lesen, bevor die Leitungen ein Block werden.',
    why: 'Im Block kann keine Leitung ihren Platz wechseln.',
    checks: {
      click: 'Jeder Kontakt ist eingerastet und hält, wenn man daran zieht',
      order: 'Von Kontakt 1: {order}',
    },
  },
  'shrink-block': {
    instruction:
      'Gehäuse eben nebeneinander halten, den Schlauch über ihre Rücken schieben und schrumpfen.',
    why: 'Ein Block geht als Ganzes auf; vier einzelne Leitungen gehen auf vierundzwanzig Arten auf.',
  },
  'mark-one': {
    instruction: 'Kontakt 1 an Block und Platine markieren, die Versorgung zum äußeren Rand.',
    why: 'Ein Block ohne Nase geht verkehrt herum so leicht auf wie richtig.',
  },
  'prove-block/header-plug': {
    instruction: 'Block stromlos prüfen.',
    why: 'Verkehrt herum legt er die Versorgung auf ein Signal.',
    checks: {
      continuity: 'Jeder Kontakt erreicht seine eigene Ader und keine andere',
      'one-way': 'Die Marke oder ein gesperrter Platz zeigt, wie herum er aufgesteckt wird',
    },
  },
};
