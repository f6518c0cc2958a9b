import type { COAX_PUSHED_ON as ENGLISH } from '../../en/terminate/coax-pushed-on';
import type { SameSteps } from '../../step-words';

const SEATED = {
  'dielectric-flush':
    'Das weiße Dielektrikum ist eben mit der Innenseite des Verbinders, nicht dahinter',
  'no-strand': 'Vorn ist kein Draht des Geflechts zu sehen',
  'braid-inside': 'Das zurückgeschlagene Geflecht steckt ringsum im Verbinder',
  'centre-length':
    'Der Innenleiter ist so lang, wie es das Datenblatt des Verbinders verlangt: bei F von eben mit dem Rand der Mutter bis 3 mm darüber',
};

export const COAX_PUSHED_ON: SameSteps<typeof ENGLISH> = {
  compress: {
    instruction:
      'Kopf des Werkzeugs für diesen Verbinder einstellen und in einem vollen Hub verpressen.',
    why: 'Der falsche Kopf bleibt zu kurz oder quetscht die Mutter.',
  },
  'set-connector/insert': {
    instruction:
      'Verbinder mit einer Drehung aufschieben, bis das Dielektrikum eben mit seiner Innenseite ist.',
    why: 'Davor bewegt das Verpressen nichts dorthin, wo es sein soll.',
  },
  'set-connector/screw': {
    instruction:
      'Verbinder im Uhrzeigersinn auf Geflecht und Mantel schrauben, bis das Dielektrikum eben mit seiner Innenseite ist.',
    why: 'Das Gewinde fasst nur den Mantel: es geht schnell, und es hält schwach.',
  },
  'check-before-compression': {
    instruction: 'Halt. In den Verbinder schauen, bevor er verpresst wird.',
    why: 'Einen zweiten Versuch gibt es nicht: ein verpresster Verbinder wird abgeschnitten.',
    checks: SEATED,
  },
  'check-seat': {
    instruction: 'In den Verbinder schauen.',
    why: 'Noch lässt er sich abschrauben und neu absetzen.',
    checks: SEATED,
  },
};
