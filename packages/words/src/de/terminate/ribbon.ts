import type { RIBBON as ENGLISH } from '../../en/terminate/ribbon';
import type { SameSteps } from '../../step-words';

export const RIBBON: SameSteps<typeof ENGLISH> = {
  'cut-square/ribbon': {
    instruction: 'Flachbandkabel gerade abschneiden, mit einem Schnitt.',
    why: 'Eine schräge Kante läuft aus dem letzten Schlitz des Deckels.',
  },
  'thread-relief': {
    instruction: 'Flachband durch den Zugentlastungsbügel führen, wenn er geschlossen ist.',
    why: 'Ein geschlossener Bügel geht nicht über den gepressten Verbinder.',
    wayBack:
      'Er kommt über das andere Ende, solange das bloß ist; sonst das Flachband unter einen Klemmbügel zurückschlagen.',
  },
  'lay-ribbon': {
    instruction:
      'Flachband zwischen Körper und Deckel legen, die markierte Kante ({firstCore}) an Kontakt {edge}, jede Ader in ihre Rille.',
    why: 'Die Adern wechseln von selbst in die zwei Reihen: 1, {second}, {third} und so weiter. Seite und Kante entscheiden alles.',
  },
  'lay-slots': {
    instruction:
      'Adern so weit auftrennen, wie das Bild des Plans zeigt, und jede in ihre eigene Rille legen: {order}.',
    why: 'Die Folge dieses Adapters ist nicht die des Flachbands: die markierte Kante sagt hier nichts, jede Ader hat ihren eigenen Schlitz.',
  },
  'read-before-press': {
    instruction: 'Halt. Flachband prüfen, bevor es gepresst wird.',
    why: 'Ein gepresster Verbinder geht nicht heil wieder ab.',
    checks: {
      'first-edge': 'Die markierte Kante liegt an Kontakt {edge}, am Verbinder selbst gelesen',
      'face-up': 'Das Flachband verlässt ihn auf der Seite, die das Gehäuse braucht',
      'in-grooves': 'Jede Ader liegt in ihrer Rille, {count} im Ganzen',
    },
  },
  'read-slots': {
    instruction: 'Halt. Schlitze einzeln lesen, bevor gepresst wird.',
    why: 'Ein gepresster Verbinder geht nicht heil wieder ab.',
    checks: {
      'own-slots': 'Von Kontakt zu Kontakt sind die Adern: {order}',
      'face-up': 'Das Flachband verlässt ihn auf der Seite, die das Gehäuse braucht',
    },
  },
  'press-cover': {
    instruction:
      'Körper und Deckel zusammenpressen, gerade und langsam, bis der Deckel an beiden Enden eben ist.',
    why: 'Schief gepresst ist eine Seite durchgeschnitten und die andere nicht erreicht.',
  },
  'prove-press': {
    instruction: 'Gepressten Verbinder prüfen.',
    why: 'Ein halber Biss leitet heute, aber nicht in der Kälte.',
    checks: {
      level: 'Der Deckel ist eben und an beiden Enden eingerastet',
      continuity: 'Erste und letzte Ader erreichen ihre Kontakte und nicht deren Nachbarn',
      'shell-clear': 'Die Laschen des Gehäuses gehen am Gehäuse vorbei oder sind zurückgebogen',
    },
  },
  'trim-ribbon': {
    instruction: 'Was aus dem Deckel steht, bündig abschneiden.',
    title: 'Bündig abschneiden',
    why: 'Blanke Enden nebeneinander schließen in einem Metallgehäuse kurz.',
  },
  'fold-relief': {
    instruction: 'Flachband über den Deckel zurückschlagen und die Zugentlastung aufrasten.',
    why: 'Ein Zug muss am Bügel enden, nicht an den Kontakten.',
  },
};
