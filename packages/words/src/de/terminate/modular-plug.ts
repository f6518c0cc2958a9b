import type { MODULAR_PLUG as ENGLISH } from '../../en/terminate/modular-plug';
import type { SameSteps } from '../../step-words';

export const MODULAR_PLUG: SameSteps<typeof ENGLISH> = {
  'thread-boot': {
    instruction: 'Tülle aufschieben, das weite Ende zum Stecker, eine Handbreit zurück.',
    why: 'Über einen Stecker geht die Tülle nicht mehr.',
    wayBack:
      'Vom anderen Ende auffädeln, wenn das noch bloß ist; sonst den Stecker abschneiden und neu beginnen.',
  },
  'straighten/modular-plug': {
    instruction:
      'Paare bis zum Mantel aufdrehen und jede Ader gerade ziehen, steife über eine gerillte Kante. Kreuz und Reißfaden abschneiden.',
    why: 'Nur gerade Adern bleiben im Stecker nebeneinander.',
  },
  'order-conductors/modular-plug': {
    instruction:
      'Adern nebeneinander legen, nach {scheme}, die Kontakte zu dir, die Nase von dir weg: Kontakt 1 links.',
    why: 'Jetzt ist die Reihenfolge leicht zu ändern; im Stecker liegt sie fest.',
  },
  'seat-boot': {
    instruction: 'Tülle über den Stecker schieben, bis sie die Wurzel der Rastnase deckt.',
    why: 'Sie schützt Rastnase und Knick.',
  },
  'squeeze-jacket': {
    instruction: 'Mantel mit der Flachzange oval drücken, eine Steckerlänge hinter seiner Kante.',
    why: 'Ein runder dicker Mantel bleibt am Eingang stehen, und die Zugentlastung hielte nichts.',
  },
  'trim-square/modular-plug': {
    instruction: 'Alle acht gerade abschneiden, {exposed} vom Mantel.',
    why: 'Gerade geschnitten erreichen alle acht zugleich die Nase, und der Mantel endet unter der Zugentlastung.',
  },
  'insert-plug/modular-plug': {
    instruction: 'Adern in den Stecker schieben, bis alle acht an der Nase anstehen.',
    why: 'Noch ist nichts fest: sie lassen sich wieder herausziehen.',
  },
  'read-before-crimp/modular-plug': {
    instruction: 'Halt. Stecker vor dem Crimpen prüfen.',
    why: 'Eine Crimpung lässt sich nicht zurücknehmen.',
    checks: {
      'order-at-nose': 'Die Reihenfolge an der Nase lautet {scheme}: {order}',
      'copper-at-tip': 'Acht Kupferenden sind an der Spitze zu sehen',
      'jacket-under-bar': 'Der Mantel reicht unter die Zugentlastung',
    },
  },
  'check-shield/modular-plug': {
    instruction: 'Halt. Schirm ansehen, wo das Gehäuse des Steckers ihn fassen wird.',
    why: 'Das Crimpen verbindet Schirm und Gehäuse; Folie an einem Kontakt ist ein Kurzschluss, den kein Prüfer ortet.',
    checks: {
      'shield-under-shell': 'Unter dem Gehäuse liegt ringsum: {shieldNames}{metalOut}',
      'clear-of-contacts': 'Keine Folie und kein Draht des Schirms ist nahe an einem Kontakt',
    },
  },
  'crimp/modular-plug': {
    instruction: 'Mit einem vollen Hub crimpen, bis die Zange loslässt.',
    why: 'Kontakte und Zugentlastung gehen zusammen nieder.',
  },
  'prove-plug/modular-plug': {
    instruction: 'Fertigen Stecker prüfen.',
    why: 'Ein Kontakt, der vorsteht, beschädigt die Buchse, in die er kommt.',
    checks: {
      'contacts-level': 'Ein Finger über den Kontakten findet alle acht auf einer Höhe',
      tug: 'Der Mantel hält, wenn man daran zieht',
    },
  },
};
