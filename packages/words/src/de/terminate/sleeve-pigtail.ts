import type { SLEEVE_PIGTAIL as ENGLISH } from '../../en/terminate/sleeve-pigtail';
import type { SameSteps } from '../../step-words';

export const SLEEVE_PIGTAIL: SameSteps<typeof ENGLISH> = {
  'thread-shrink/sleeve-pigtail': {
    instruction: 'Äußeren Schrumpfschlauch aufschieben, eine Handbreit zurück.',
    why: 'Er deckt am Schluss alle Verbindungen, und später geht er nicht mehr darüber.',
    wayBack:
      'Er kommt über das andere Ende, solange das bloß ist; sonst die Verbindungen mit selbstverschweißendem Band umwickeln.',
  },
  'cross-wires': {
    instruction:
      'Je zwei Enden aneinander vorbeilegen und den Schlauch mitten darüber: beide gehen durch den Lotring.',
    why: 'Enden, die sich unter dem Ring nur treffen, halten an einem Tropfen.',
  },
  'sleeve-shield': {
    instruction: 'Schirmstrang und seine Leitung in einen eigenen, weiteren Lötverbinder legen.',
    why: 'Der Schirm wird wie eine Ader verbunden und von allen getrennt gehalten.',
  },
  'check-before-heat/sleeve-pigtail': {
    instruction: 'Halt. Jeden Lötverbinder vor der Hitze prüfen.',
    why: 'Eine geflossene Verbindung wird herausgeschnitten, nicht geöffnet.',
    checks: {
      'past-ring': 'Beide Drähte reichen in jedem Lötverbinder über den Lotring hinaus',
      'colour-to-colour': '{met}: {order}',
      'held-apart':
        'Nachbarn sind auseinander gehalten, damit die Hitze des einen den anderen schont',
    },
  },
  'heat-sleeves/sleeve-pigtail': {
    instruction:
      'Jeden Lötverbinder erhitzen, bis der Ring geflossen ist, und nicht länger; erstarren lassen, ohne ihn zu bewegen.',
    why: 'Mehr Hitze verkohlt die Isolierung; weniger gibt eine kalte Lötstelle.',
  },
  'prove-joints': {
    instruction: 'Jede Verbindung prüfen, bevor der äußere Schlauch sie deckt.',
    why: 'Unter dem äußeren Schlauch ist nichts mehr zu sehen.',
    checks: {
      flowed: 'Das Lot ist in jedem Lötverbinder um beide Drähte geflossen',
      continuity: 'Jede Ader ist mit der ihren verbunden und mit keiner anderen',
    },
  },
  'shrink-outer/sleeve-pigtail': {
    instruction:
      'Äußeren Schrumpfschlauch über alle Verbindungen schieben und von der Mitte nach außen schrumpfen.',
    title: 'Äußeren Schrumpfschlauch schrumpfen',
    why: 'Er nimmt den Zug von den Verbindungen.',
  },
};
