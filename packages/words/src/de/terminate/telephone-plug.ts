import type { TELEPHONE_PLUG as ENGLISH } from '../../en/terminate/telephone-plug';
import type { SameSteps } from '../../step-words';

export const TELEPHONE_PLUG: SameSteps<typeof ENGLISH> = {
  'straighten/telephone-plug': {
    instruction: 'Paare bis zum Mantel aufdrehen und jede Ader gerade ziehen.',
    why: 'Nur gerade Adern bleiben im Stecker nebeneinander.',
  },
  'order-conductors/telephone-plug': {
    instruction:
      'Adern nebeneinander legen, die Kontakte zu dir, die Nase von dir weg, von Kontakt {first} an: {order}.',
    why: 'Das Leitungspaar liegt in der Mitte. Ein Kabel, das an beiden Enden gleich gemacht ist, wendet die Paare; gerade oder gewendet muss gemeint sein.',
  },
  'trim-square/telephone-plug': {
    instruction: 'Adern gerade abschneiden, {exposed} vom Mantel.',
    why: 'Gerade geschnitten erreichen alle zugleich die Nase, und der Mantel endet unter der Zugentlastung.',
  },
  'insert-plug/telephone-plug': {
    instruction: 'Adern in den Stecker schieben, bis alle an der Nase anstehen.',
    why: 'Noch ist nichts fest: sie lassen sich wieder herausziehen.',
  },
  'read-before-crimp/telephone-plug': {
    instruction: 'Halt. Stecker vor dem Crimpen prüfen.',
    why: 'Eine Crimpung lässt sich nicht zurücknehmen.',
    checks: {
      'order-at-nose': 'Die Reihenfolge an der Nase lautet: {order}',
      'copper-at-tip': 'Jedes Kupferende ist an der Spitze zu sehen',
      'jacket-under-bar': 'Der Mantel reicht unter die Zugentlastung',
    },
  },
  'crimp/telephone-plug': {
    instruction: 'Mit einem vollen Hub crimpen, im Sechser-Nest der Zange.',
    why: 'Kontakte und Zugentlastung gehen zusammen nieder.',
  },
  'prove-plug/telephone-plug': {
    instruction: 'Fertigen Stecker prüfen.',
    why: 'Ein Kontakt, der vorsteht, beschädigt die Buchse, in die er kommt.',
    checks: {
      'contacts-level': 'Ein Finger über den Kontakten findet alle auf einer Höhe',
      tug: 'Der Mantel hält, wenn man daran zieht',
    },
  },
  'keep-unused/telephone-plug': {
    instruction:
      'Unbenutzte Adern am Mantel entlang zurückbiegen, hinter den Eingang des Steckers, und festkleben, ihre Enden isoliert und getrennt: {unused}.',
    why: '{school}: unbenutzte Adern bleiben. Ein blankes Ende, das ein anderes berührt, ist ein Kurzschluss.',
  },
};
