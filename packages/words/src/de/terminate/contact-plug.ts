import type { CONTACT_PLUG as ENGLISH } from '../../en/terminate/contact-plug';
import type { SameSteps } from '../../step-words';

export const CONTACT_PLUG: SameSteps<typeof ENGLISH> = {
  'try-wire': {
    instruction: 'Halt. Kontaktdraht und Füllmasse am Tisch versuchen, das Gerät stromlos.',
    why: 'Ein zu dicker Draht kratzt die Kontaktfläche ab; eine Masse, die weich wird, lässt ihn wandern.',
    checks: {
      'wire-thin': 'Der Draht gleitet über die Kontaktfläche, ohne eine Spur zu hinterlassen',
      'filler-hard': 'Eine Probe der Füllmasse bleibt neben dem Lötkolben hart',
    },
  },
  'solder-cores/contact-plug': {
    instruction: 'Jede Ader an ihren Kontaktdraht löten, eine nach der anderen: {order}.',
    why: 'Eine nach der anderen wird keine mit ihrer Nachbarin verwechselt.',
  },
  'check-contact-row': {
    instruction: 'Halt. Reihe prüfen, bevor sie vergossen wird.',
    why: 'In der Füllmasse bewegt sich nichts mehr.',
    checks: {
      order: 'Von Kontakt 1: {order}',
      'no-short': 'Keine zwei Kontakte berühren sich, nachgemessen',
      springs: 'Jeder Draht federt gegen seine Fläche, das Gerät stromlos',
    },
  },
  'shrink-sleeves/contact-plug': {
    instruction: 'Schläuche über die Verbindungen schieben und schrumpfen.',
    why: 'Füllmasse zwischen blanken Verbindungen isoliert nicht genug.',
  },
  'fill-body': {
    instruction:
      'Körper um Drähte und Mantel füllen und aushärten lassen, so lange das Datenblatt sagt.',
    why: 'Die Füllmasse ist die Zugentlastung.',
  },
  'prove-plug/contact-plug': {
    instruction: 'Fertigen Stecker stromlos prüfen und markieren, wie herum er aufgesteckt wird.',
    why: 'Ein Stecker ohne Nase geht verkehrt herum so leicht auf wie richtig.',
    checks: {
      continuity: 'Jeder Kontakt erreicht seine eigene Ader und keine andere',
      'one-way': 'Eine Marke zeigt, wie herum er aufgesteckt wird',
    },
  },
};
