import type { LAMP_TESTER as ENGLISH } from '../../en/terminate/lamp-tester';
import type { SameSteps } from '../../step-words';

export const LAMP_TESTER: SameSteps<typeof ENGLISH> = {
  'fit-lamps': {
    instruction:
      'Nahen Kasten bauen: für jedes der vier Paare eine Lampe mit einem Widerstand in Reihe, vom Plus der Batterie an die erste Ader des Paars; die zweite geht zurück an Minus.',
    why: 'Eine Lampe je Paar zeigt eine Schleife. Sie kann nicht zeigen, welches Ende welches ist.',
  },
  'choose-lamps': {
    instruction: 'Halt. Lampen, Widerstände und Batterie zusammen wählen.',
    why: 'Ohne ihren Widerstand brennt eine Lampe durch, und ohne Sicherung brennt an einer kurzgeschlossenen Batterie mehr.',
    checks: {
      resistor:
        'Jeder Widerstand hält seine Lampe bei der Spannung der Batterie auf dem Strom ihres Datenblatts',
      fuse: 'Die Batterie hat eine Sicherung oder kann kein Feuer speisen',
    },
  },
  'make-loop': {
    instruction:
      'Ferne Schleife in einem zweiten Stecker oder einer Buchse bauen: die zwei Kontakte jedes Paars verbinden, die Paare voneinander getrennt.',
    why: 'Die Schleife führt den Strom jeder Lampe zurück.',
  },
  'prove-tester': {
    instruction: 'Prüfer an einem Kabel versuchen, das sicher gut ist, dann an schlechten.',
    why: 'Ein Prüfer, der nie einen Fehler gezeigt hat, ist nicht geprüft.',
    checks: {
      good: 'Alle vier Lampen leuchten durch ein gutes Kabel',
      open: 'Eine Lampe bleibt dunkel, wenn eine Ader offen ist',
      blind:
        'Alle vier leuchten durch ein Kabel, an dem die zwei Drähte eines Paars vertauscht oder Paare aufgeteilt sind: das kann er nicht sehen',
    },
  },
};
