import type { PASS_THROUGH_PLUG as ENGLISH } from '../../en/terminate/pass-through-plug';
import type { SameSteps } from '../../step-words';

export const PASS_THROUGH_PLUG: SameSteps<typeof ENGLISH> = {
  'thread-through': {
    instruction:
      'Adern durch den Stecker schieben, bis der Mantel unter der Zugentlastung liegt und alle acht aus der Nase stehen.',
    why: 'Wo sie herauskommen, lässt sich die Reihenfolge lesen, bevor etwas fest ist.',
  },
  'trim-nose': {
    instruction: 'Was noch aus der Nase steht, bündig abschneiden.',
    title: 'Bündig abschneiden',
    why: 'Ein Ende, das vorsteht, berührt in der Buchse seinen Nachbarn.',
    checks: {
      flush: 'Kein Kupfer steht aus der Nase, und keine zwei Enden berühren sich',
    },
  },
  'read-before-crimp/pass-through-plug': {
    instruction: 'Halt. Reihenfolge lesen, wo sie aus der Nase kommt.',
    why: 'Eine Crimpung lässt sich nicht zurücknehmen.',
    checks: {
      'order-at-nose': 'Die Reihenfolge aus der Nase lautet {scheme}: {order}',
      'eight-out': 'Alle acht stehen aus der Nase, keine ist zurückgebogen',
      'jacket-under-bar': 'Der Mantel reicht unter die Zugentlastung',
    },
  },
  'crimp/pass-through-plug': {
    instruction:
      'Mit einem vollen Hub crimpen und schneiden, die Klinge an der Nase. Eine Zange ohne Klinge crimpt nur.',
    why: 'Kontakte und Zugentlastung gehen zusammen nieder, und die Klinge schneidet, was vorsteht.',
  },
};
