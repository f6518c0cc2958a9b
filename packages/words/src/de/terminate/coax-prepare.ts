import type { COAX_PREPARE as ENGLISH } from '../../en/terminate/coax-prepare';
import type { SameSteps } from '../../step-words';

export const COAX_PREPARE: SameSteps<typeof ENGLISH> = {
  'cut-square/coax-prepare': {
    instruction: 'Kabelende mit dem Kabelschneider gerade abschneiden und wieder rund drücken.',
    why: 'Jeder Schnitt wird von diesem Ende gemessen; ein gequetschtes Ende trägt den Innenleiter neben seiner Mitte.',
  },
  'strip-jacket/coax-prepare': {
    instruction: 'Mantel schneiden, {jacketCut} vom Ende, und abziehen. Das Geflecht ganz lassen.',
    why: 'Das Geflecht, das hier frei bleibt, ist das, was das Gehäuse halten wird.',
  },
  'strip-both': {
    instruction:
      'Mit dem Zweiklingen-Abisolierer in einer Drehung absetzen: bis zum Innenleiter {dielectricCut} vom Ende, den Mantel allein {jacketCut}. Beide Stücke gerade abziehen.',
    why: 'Beide Schnitte kommen aus einer Einstellung. Am Abschnitt versuchen: eine zu tiefe Klinge kerbt den Innenleiter oder nimmt das Geflecht mit.',
  },
  'fold-braid/coax-prepare': {
    instruction: 'Geflecht über den Mantel zurückkämmen, ringsum.',
    why: 'Aus dem Weg kann es nicht angeschnitten werden, und kein Draht davon erreicht den Innenleiter.',
  },
  'cut-second-shield': {
    instruction: 'Äußere Folie am Mantel abschneiden, dann auch das zweite Geflecht zurückkämmen.',
    why: 'Ein vierfach geschirmtes Kabel hat zwei Folien und zwei Geflechte; die innere Folie bleibt auf dem Dielektrikum.',
  },
  'strip-dielectric': {
    instruction:
      'Dielektrikum schneiden, {dielectricCut} vom Ende, auch durch eine Folie darauf, und gerade abziehen.',
    why: 'Eine Kerbe im Innenleiter bricht ihn später; ein verbogener verfehlt seinen Stift.',
  },
  'inspect-cuts': {
    instruction: 'Halt. Schnitte ansehen, bevor etwas aufgesteckt wird.',
    why: 'Hier kostet ein schlechter Schnitt eine Handbreit Kabel; später kostet er den Verbinder.',
    checks: {
      'no-stray-strand': 'Kein Draht des Geflechts berührt den Innenleiter oder kommt ihm nahe',
      'no-nick': 'Der Innenleiter ist blank, rund und nicht eingekerbt',
      'square-dielectric': 'Das Dielektrikum ist gerade geschnitten und nicht herausgezogen',
    },
  },
  'wrap-joint': {
    instruction:
      'Vor Ort, wenn gesteckt ist: Verbinder und zwei Fingerbreit Kabel mit selbstverschweißendem Band umwickeln, vom Kabel nach oben.',
    title: 'Verbinder umwickeln',
    why: 'Dieser Verbinder hält das Wasser nicht von selbst ab.',
  },
  'prove-connector': {
    instruction: 'Fertiges Ende prüfen.',
    why: 'Ein Innenleiter, der das Gehäuse berührt, tötet das Signal; einer, der zurückweicht, öffnet es später.',
    checks: {
      tug: 'Der Verbinder hält, wenn man daran zieht, und dreht sich nicht auf dem Kabel',
      'no-short':
        'Ein Messgerät zeigt keinen Weg vom Innenleiter zum Gehäuse, das ferne Ende offen',
    },
  },
};
