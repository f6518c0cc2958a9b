import type { PREPARE as ENGLISH } from '../../en/terminate/prepare';
import type { SameSteps } from '../../step-words';

export const PREPARE: SameSteps<typeof ENGLISH> = {
  'strip-jacket/prepare': {
    instruction: 'Mantel anritzen, {strip} vom Ende; knicken, bis er bricht, und abziehen.',
    why: 'Die Paare müssen frei sein, bevor sie ausgelegt werden können.',
  },
  'strip-inner-jacket/prepare': {
    instruction: 'Inneren Mantel auf Höhe des äußeren anritzen und abziehen.',
    why: 'Ein Erdkabel hat zwei Mäntel: die Paare liegen unter dem zweiten.',
  },
  'fold-braid/prepare': {
    instruction:
      'Geflecht über den Mantel zurückkämmen, flach und ringsum, einen Beidraht gleich mit, wenn es einen gibt.',
    why: 'Das Gehäuse muss das Geflecht fassen, und kein Draht davon darf an einen Kontakt kommen.',
  },
  'cut-braid/prepare': {
    instruction: 'Geflecht bündig am Mantel abschneiden, jeden Draht davon.',
    why: 'Dieser Verbinder hat kein Gehäuse zum Anschließen: ein loser Draht würde Kontakte kurzschließen.',
  },
  'fold-foil': {
    instruction: 'Folie über den Mantel zurückschlagen, die Metallseite nach außen.',
    why: 'Das Gehäuse muss die Metallseite berühren, und keine Folie darf an die Kontakte kommen.',
  },
  'wind-drain': {
    instruction:
      'Beidraht einmal um die zurückgeschlagene Folie wickeln und sein Ende dort abschneiden.',
    why: 'Das Gehäuse des Steckers presst Beidraht und Folie zusammen.',
  },
  'lay-drain': {
    instruction: 'Beidraht ganz lassen und am Mantel entlang zurückbiegen.',
    why: 'Er wird in voller Länge am Dorn der Buchse gebraucht.',
  },
  'cut-foil': {
    instruction: 'Folie und Beidraht bündig am Mantel abschneiden.',
    why: 'Dieser Verbinder hat kein Gehäuse zum Anschließen: lose Folie würde die Kontakte berühren.',
  },
  'inspect-insulation/prepare': {
    instruction: 'Adern ringsum ansehen, wo der Mantel angeritzt wurde.',
    why: 'Eine Kerbe jetzt ist ein Bruch später; hier kostet sie einen Schnitt mehr.',
    checks: {
      'no-nick': 'Keine Isolierung ist eingekerbt, wo der Mantel angeritzt wurde',
    },
  },
  'label-end': {
    instruction: 'Dieses Ende beschriften.',
    why: 'Was der Prüfer zeigt, gehört zu einem Namen.',
  },
};
