import type { SPLICE as ENGLISH } from '../../en/terminate/splice';
import type { SameSteps } from '../../step-words';

export const SPLICE: SameSteps<typeof ENGLISH> = {
  'check-area': {
    instruction: 'Halt. Die zwei Kabel vergleichen, bevor eines geschnitten wird.',
    why: 'Ein dünnerer Leiter mitten in einer Leitung ist eine Brandgefahr.',
    checks: {
      'area-enough':
        'Das eingesetzte Stück hat denselben Leiterquerschnitt oder mehr: {gauge} oder dicker',
      'insulation-whole':
        'Seine Isolierung ist für diesen Ort und diese Spannung, und nichts von der Füllung ist metallisch',
    },
  },
  'thread-shrink/splice': {
    instruction: 'Äußeren Schrumpfschlauch aufschieben, eine Handbreit zurück.',
    why: 'Über das andere Kabel geht er nicht mehr, wenn sie verbunden sind.',
    wayBack:
      'Er kommt über das andere Ende, solange das bloß ist; sonst die Verbindung mit selbstverschweißendem Band umwickeln.',
  },
  'stagger-cores': {
    instruction:
      'Adern auf Stufen von einer Schlauchlänge schneiden, lang gegen kurz am anderen Kabel.',
    why: 'Gestufte Verbindungen liegen neben Isolierung, nie nebeneinander, und die Stelle bleibt dünn.',
  },
  'join-shield': {
    instruction:
      'Schirme über die Verbindung hinweg verbinden, mit einer kurzen Leitung oder einem Stück Geflecht.',
    why: 'An einer Lücke im Schirm kommen die Störungen herein.',
  },
  'shrink-outer/splice': {
    instruction:
      'Äußeren Schrumpfschlauch über die ganze Verbindung schieben, auf beide Mäntel, und schrumpfen.',
    why: 'Er nimmt den Zug, und draußen hält sein Kleber das Wasser ab.',
  },
  'prove-joint': {
    instruction: 'Verbindung prüfen, bevor der äußere Schlauch sie deckt.',
    why: 'Unter dem äußeren Schlauch ist nichts mehr zu sehen.',
    checks: {
      continuity: 'Jede Ader führt auf {partner} und auf keine andere',
      tug: 'Jede Verbindung hält, wenn man leicht daran zieht',
    },
  },
  'inspect-joints/splice': {
    instruction: 'Jede Verbindung ansehen, bevor sie gedeckt wird.',
    why: 'Unter einer Decke ist nichts mehr zu sehen.',
    checks: {
      'no-spike': 'Kein Draht und keine Lotspitze kann ihren Schlauch durchstechen',
      'colour-to-colour': '{met}: {order}',
    },
  },
  'twist-ends': {
    instruction: 'Je zwei Enden aneinander legen und in Längsrichtung verdrillen, vier Windungen.',
    why: 'Die Verdrillung trägt den Zug, das Lot den Strom.',
  },
  'solder-joints': {
    instruction: 'Jede Verbindung mit Röhrenlot löten, der Draht so heiß, dass er es schmilzt.',
    why: 'Diese Verbindung wird gelötet. Säurehaltiges Flussmittel frisst sie in einem Jahr.',
  },
  'lay-ends': {
    instruction:
      'Jede Ader und {partner} aneinander legen, blanke Länge an blanke Länge, und den Lötverbinder über beide schieben: {order}.',
    title: 'Adern aneinander legen',
    why: 'Lot fließt, wo Kupfer auf Kupfer liegt; Enden, die sich nur treffen, hält der Schlauch allein.',
  },
  'check-before-heat/splice': {
    instruction: 'Halt. Jeden Lötverbinder mittig setzen und vor der Hitze prüfen.',
    why: 'Eine geflossene Verbindung wird herausgeschnitten, nicht geöffnet.',
    checks: {
      'past-ring': 'Beide Drähte reichen in jedem Lötverbinder über den Lotring hinaus',
      'held-apart':
        'Nachbarn sind auseinander gehalten, damit die Hitze des einen den anderen schont',
    },
  },
  'heat-sleeves/splice': {
    instruction:
      'Jeden Lötverbinder erhitzen, bis der Ring geflossen ist, und nicht länger; erstarren lassen, ohne ihn zu bewegen.',
    why: 'Hier wird mit Lötverbindern verbunden. Mehr Hitze verkohlt die Isolierung.',
  },
  'twist-joints': {
    instruction:
      'Je zwei Enden fest verdrillen, sechs Windungen, und die Verdrillung an der Ader zurückbiegen.',
    why: 'Hier wird verdrillt: nur für trockene Arbeit mit kleiner Leistung.',
  },
  'shrink-sleeves/splice': {
    instruction: 'Jeden Schlauch über seine Verbindung schieben und schrumpfen.',
    why: 'Jede Verbindung ist für sich isoliert.',
  },
  'trim-cores': {
    instruction: 'Adern gerade abschneiden, samt Isolierung: abisoliert wird nicht.',
    why: 'Der Verbinder schneidet selbst durch die Isolierung.',
  },
  'insert-cores': {
    instruction:
      'Jede Ader und {partner} in einen Verbinder schieben, bis beide anstehen: {order}.',
    title: 'Adern in die Verbinder schieben',
    why: 'Vor dem Anschlag trifft die Klinge kein Kupfer.',
  },
  'check-before-press': {
    instruction: 'Halt. Durch jeden Verbinder schauen, bevor er gepresst wird.',
    why: 'Ein gepresster Verbinder wird herausgeschnitten, nicht geöffnet.',
    checks: {
      'at-stop': 'Beide Adern sind am Ende jedes Verbinders zu sehen',
      'colour-to-colour': '{met}: {order}',
    },
  },
  'press-connectors': {
    instruction: 'Den Knopf jedes Verbinders mit der Parallelzange eben drücken.',
    why: 'Ein Seitenschneider drückt nur eine Kante.',
  },
};
