import type { ToolGapWords } from '../../tool-gap-words';

/** How to go on without a tool. */
export const TOOL_GAPS: ToolGapWords = {
  'jacket stripper': {
    'side cutter':
      'Den Mantel am Ende mit dem Seitenschneider öffnen, den Reißfaden zurückziehen und den Mantel abschneiden.',
  },
  'flush cutter': {
    'side cutter':
      'Den Seitenschneider nehmen, seine flache Seite zu dem Teil, das bleibt; jedes Ende ansehen, sie werden spitz.',
  },
  'side cutter': {
    'flush cutter':
      'Für Paare und Binder den Flachschneider nehmen; seine Schneide vor Beidraht schonen.',
  },
  'cable cutter': {
    'side cutter':
      'Mit dem Seitenschneider lang abschneiden, dann gerade kürzen und mit zwei Fingern rund drücken.',
  },
  'two-blade coax stripper': {
    'coax stripper':
      'Die zwei Schnitte nacheinander machen: zuerst den Mantel, dann bis zum Innenleiter, und das Geflecht dazwischen ganz lassen.',
    knife:
      'Stattdessen Lage um Lage arbeiten, unter einer ruhenden Klinge: diese Art für diese Strecke wählen, damit Schritte und Zeichnung ihr folgen.',
  },
  'coax stripper': {
    knife:
      'Das Kabel unter einer ruhenden Klinge rollen, so tief wie die Lage und nicht tiefer; zweimal nach Kerben sehen.',
  },
  'pass-through crimper': {
    'modular crimper':
      'Mit der Modularzange crimpen, die keine Klinge hat: was aus der Nase steht, im nächsten Schritt abschneiden.',
  },
  'hex die': {
    nothing:
      'Nichts ersetzt ihn: eine andere Größe quetscht das Dielektrikum oder hält nichts. Hier aufhören, vor dem ersten Schnitt, und den Einsatz holen, den das Datenblatt des Verbinders nennt.',
  },
  'pin crimp die': {
    'soldering iron':
      'Den Stift stattdessen löten, wenn sein Datenblatt es erlaubt: durch sein Fenster, mit Röhrenlot, außen keines.',
  },
  'compression tool': {
    nothing:
      'Nichts ersetzt es: eine Zange drückt nur eine Seite. Holen, mit dem Kopf für diesen Verbinder, bevor etwas geschnitten wird.',
  },
  'punch-down tool': {
    nothing:
      'Nichts ersetzt es: ein Schraubendreher weitet die Schlitze für immer. Eines holen, bevor etwas geschnitten wird.',
  },
  'block punch tool': {
    nothing:
      'Nichts ersetzt es: ein Schraubendreher weitet die Schlitze für immer. Eines holen, bevor etwas geschnitten wird.',
  },
  'insertion tool': {
    nothing:
      'Nichts ersetzt es: ein Schraubendreher weitet den Schlitz für immer. Eines holen, bevor etwas geschnitten wird.',
  },
  'parallel pliers': {
    'bare hand':
      'Mit beiden Daumen gegen eine feste Kante drücken, gerade, wenn das Datenblatt des Teils es erlaubt.',
  },
  'flat pliers': {
    'bare hand': 'Mit Daumen und Finger, langsam, und darauf sehen, dass es gleichmäßig ist.',
  },
  'wire stripper': {
    knife: 'Die Ader an einer ruhenden Klinge ziehen, leicht, ringsum; nach Kerben sehen.',
  },
  'ribbon press': {
    'bench vice':
      'Im Schraubstock mit glatten Backen pressen, gerade und langsam, ein flaches Stück auf jeder Seite.',
  },
  cloth: { 'bare hand': 'Jeder Lappen, der nicht fusselt, genügt.' },
  'label printer': {
    'bare hand': 'Ein Umlaufetikett von Hand schreiben und es später drucken.',
  },
};
