import type { TELEPHONE_PREPARE as ENGLISH } from '../../en/terminate/telephone-prepare';
import type { SameSteps } from '../../step-words';

export const TELEPHONE_PREPARE: SameSteps<typeof ENGLISH> = {
  'strip-jacket/telephone-prepare': {
    instruction: 'Mantel schneiden, {strip} vom Ende, und abziehen.',
    why: 'Die Adern müssen frei sein, bevor sie ausgelegt werden können.',
  },
  'inspect-insulation/telephone-prepare': {
    instruction: 'Adern ansehen, wo der Mantel geschnitten wurde.',
    why: 'Eine Kerbe jetzt ist ein Bruch später; hier kostet sie einen Schnitt mehr.',
    checks: {
      'no-nick': 'Keine Isolierung ist eingekerbt',
    },
  },
  'keep-unused/telephone-prepare': {
    instruction:
      'Unbenutzte Adern hinter der Dose aufrollen, ihre Enden isoliert und getrennt: {unused}.',
    why: '{school}: unbenutzte Adern bleiben. Ein blankes Ende, das ein anderes berührt, ist ein Kurzschluss.',
  },
  'tie-cable': {
    instruction:
      'Mantel an den Dorn hinter den Kontakten binden, den Adern etwas Vorrat lassen und das Ende des Binders abschneiden.',
    why: 'Jetzt gebunden zieht nichts an Adern, die in ihren Schlitzen liegen; hinter einer geschlossenen Blende kommt man nicht daran.',
    wayBack: 'Die Adern wieder herausziehen, den Mantel festbinden und sie neu legen.',
  },
  listen: {
    instruction:
      'Wenn beide Enden gemacht sind: die Leitung an der Übergabe wieder verbinden, ein Telefon einstecken, auf den Ton ohne Brummen hören und es anrufen lassen, bis es läutet.',
    title: 'Mit einem Telefon hören',
    why: 'Ein Prüfer zeigt das Paar; nur ein Telefon zeigt Ton, Sprache und Läuten.',
  },
  'check-side': {
    instruction: 'Halt. Feststellen, wessen Seite der Leitung das ist, und das Leitungspaar.',
    why: 'Die Seite des Anbieters, jenseits der Übergabe, dürfen wir nicht öffnen.',
    checks: {
      'our-side': 'Dieses Ende liegt auf unserer Seite der Übergabe',
      'line-off':
        'Die Leitung ist an der Übergabe getrennt, oder dieses Kabel ist mit einem Messgerät als tot nachgewiesen',
    },
  },
};
