import type { PUNCH_DOWN_JACK as ENGLISH } from '../../en/terminate/punch-down-jack';
import type { SameSteps } from '../../step-words';

export const PUNCH_DOWN_JACK: SameSteps<typeof ENGLISH> = {
  'fan-pairs': {
    instruction:
      'Kreuz und Reißfaden abschneiden. Mantel bis an die Buchse führen und die Paare zu ihren Schlitzen fächern, nach der {scheme}-Seite ihrer Farbkarte.',
    why: 'Die Karte steht in der Folge der Schlitze, nicht der Kontakte, und die Paare bleiben bis zu ihren Schlitzen verdrillt.',
  },
  'lay-conductors/punch-down-jack': {
    instruction:
      'Jede Ader mit zwei Fingern in ihren Schlitz legen. Jedes Paar verdrillt lassen, bis {exposed} vor die Schlitze.',
    why: 'Erst gelegt, lassen sich alle acht lesen, bevor eine aufgelegt ist.',
  },
  'read-before-punch/punch-down-jack': {
    instruction: 'Halt. Buchse vor dem Auflegen prüfen.',
    why: 'Eine aufgelegte Ader muss abgeschnitten und neu gelegt werden.',
    checks: {
      'order-at-card': 'Jede Ader liegt bei ihrer Farbe auf der {scheme}-Karte',
      'twist-kept': 'Kein Paar ist weiter aufgedreht als {exposed}',
    },
  },
  punch: {
    instruction: 'Jede Ader auflegen, die Klingenseite des Werkzeugs nach außen.',
    why: 'Die Klinge schneidet das Ende ab, das vorsteht; verkehrt herum schneidet sie die Ader durch.',
  },
  'prove-jack': {
    instruction: 'Aufgelegte Buchse prüfen.',
    why: 'Die Kappe verdeckt die Schlitze.',
    checks: {
      'all-down': 'Alle acht liegen am Grund ihrer Schlitze, bündig geschnitten',
      'no-strand': 'Kein Abschnitt liegt zwischen den Schlitzen',
    },
  },
  'press-cap': {
    instruction: 'Kappe aufdrücken, bis sie eben sitzt.',
    why: 'Sie hält die Adern unten und den Staub draußen.',
  },
  'post-drain': {
    instruction:
      'Beidraht auf seinen Dorn wickeln, zwei Windungen, und sein Ende dort abschneiden.',
    why: 'Der Beidraht führt ab, was die Folie auffängt; der Dorn verbindet ihn mit der Buchse.',
  },
  'check-shield/punch-down-jack': {
    instruction: 'Halt. Schirm ansehen, bevor die Haube ihn deckt.',
    why: 'Unter der Haube ist nichts mehr zu sehen.',
    checks: {
      'shield-meets-hood':
        'Folie oder Geflecht liegt über den Mantel zurück, die Metallseite nach außen, wo die Haube darauf drückt',
      'drain-on-post': 'Der Beidraht sitzt fest auf seinem Dorn, wenn das Kabel einen hat',
      'clear-of-slots': 'Keine Folie, kein Beidraht und kein Draht ist nahe an einem Schlitz',
    },
  },
  'close-hood': {
    instruction: 'Haube über Folie und Mantel schließen, bis sie sitzt.',
    why: 'Hier wird der Schirm verbunden; zuletzt, denn die Haube deckt alles.',
  },
  'prove-shield': {
    instruction: 'Prüfen, ob der Schirm mit der Buchse verbunden ist.',
    why: 'Der Schirm hat seine eigene Prüfung: acht gute Adern sagen nichts über ihn.',
    checks: {
      'shield-joined':
        'Ein Messgerät zeigt einen Weg von der Haube zu Folie, Geflecht oder Beidraht des Kabels',
    },
  },
  'tie-hood': {
    instruction:
      'Den Ausläufer der Haube am Mantel festbinden, satt anliegend, und das Ende des Binders abschneiden.',
    why: 'Ein Zug muss an der Haube enden, nicht an den Schlitzen.',
  },
  'prove-strain-relief': {
    instruction: 'Kabel hinter der Buchse prüfen.',
    why: 'Ein enger Knick hinter der Buchse macht gute Arbeit zunichte.',
    checks: {
      bend: 'Das Kabel ist nicht enger gebogen als sein vierfacher Durchmesser',
    },
  },
  'tie-to-bar': {
    instruction:
      'Kabel an die Schiene des Felds binden, so lose, dass der Binder sich von Hand dreht, und sein Ende abschneiden.',
    why: 'Ein Zug muss an der Schiene enden, nicht an den Schlitzen; ein strammer Binder verformt die Paare.',
  },
};
