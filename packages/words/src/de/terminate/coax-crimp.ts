import type { COAX_CRIMP as ENGLISH } from '../../en/terminate/coax-crimp';
import type { SameSteps } from '../../step-words';

export const COAX_CRIMP: SameSteps<typeof ENGLISH> = {
  'cut-braid/coax-crimp': {
    instruction: 'Geflecht ringsum kürzen, {braidCut} vom Kabelende, solange es flach liegt.',
    why: 'Länger kommt es unter der Hülse hervor; kürzer hält die Hülse nichts.',
  },
  'set-pin': {
    instruction:
      'Mittelstift aufschieben, bis er am Dielektrikum ansteht. In seinem Fenster ist Kupfer zu sehen.',
    why: 'Ein Stift mit Abstand sitzt zu weit vorn und beschädigt die Buchse.',
  },
  'crimp-pin': {
    instruction: 'Stift mit seinem eigenen Einsatz crimpen, dabei am Dielektrikum halten.',
    why: '{school}: Stifte werden gecrimpt. Erst wenn er fest ist, geht der Stift in den Körper.',
  },
  'solder-pin': {
    instruction: 'Stift durch sein Fenster löten, rasch, mit Röhrenlot.',
    why: '{school}: Stifte werden gelötet. Zu lange Hitze macht das Dielektrikum weich.',
  },
  'check-pin': {
    instruction: 'Halt. Stift prüfen, bevor er in den Körper kommt.',
    why: 'Einmal eingerastet, kommt er nicht mehr heraus.',
    checks: {
      straight: 'Der Stift ist gerade und hält, wenn man leicht daran zieht',
      'clean-outside': 'Außen am Stift ist kein Lot und kein Flussmittel',
      'dielectric-sound': 'Das Dielektrikum ist nicht gequollen oder geschmolzen',
    },
  },
  'flare-braid': {
    instruction: 'Geflecht nach außen aufweiten, damit der Schaft des Körpers darunter geht.',
    why: 'Der Schaft kommt zwischen Dielektrikum und Geflecht.',
  },
  'insert-body': {
    instruction: 'Körper aufschieben, den Schaft unter das Geflecht, bis der Stift einrastet.',
    why: 'Das Klicken ist die Raste des Stifts.',
  },
  'lay-braid': {
    instruction:
      'Geflecht gleichmäßig über den Schaft legen und Drähte kürzen, die länger sind als er.',
    why: 'Drähte, die über den Schaft hinausgehen, kommen unter der Hülse hervor.',
  },
  'slide-ferrule': {
    instruction: 'Hülse über das Geflecht schieben, bis sie den Körper berührt.',
    why: 'Sie hält Geflecht und Schaft zusammen.',
  },
  'check-before-crimp': {
    instruction: 'Halt. Prüfen, bevor die Hülse gecrimpt wird.',
    why: 'Eine Crimpung lässt sich nicht zurücknehmen.',
    checks: {
      click: 'Das Klicken war zu hören, und der Stift steht eben mit seinem Isolator',
      'no-strand': 'Kein Draht des Geflechts ist außerhalb der Hülse zu sehen',
      die: 'Der Einsatz in der Zange ist {die}, wie es das Datenblatt des Verbinders verlangt',
    },
  },
  'crimp-ferrule': {
    instruction:
      'Hülse dicht am Körper crimpen, mit dem Sechskanteinsatz {die}, in einem vollen Hub.',
    why: 'Ein zu weiter Einsatz hält nichts, ein zu enger quetscht das Dielektrikum.',
  },
  'shrink-relief': {
    instruction: 'Schrumpfschlauch über Hülse und Mantel schieben und schrumpfen.',
    why: 'Er nimmt den Knick von der Kante der Hülse.',
  },
  'thread-shrink/coax-crimp': {
    instruction: 'Schrumpfschlauch aufschieben, eine Handbreit zurück.',
    why: 'Er liegt am weitesten hinten, also kommt er zuerst: am Schluss entlastet er den Zug, und er geht weder über die Hülse noch über den Körper.',
    wayBack:
      'Er kommt über das andere Ende, solange das bloß ist; sonst den Körper abschneiden und neu beginnen.',
  },
  'thread-ferrule': {
    instruction: 'Crimphülse aufschieben, ihren Trichter zum Ende, wenn sie einen hat.',
    why: 'Sie geht nicht über den Körper, und an bloßem Geflecht bleibt sie hängen.',
    wayBack:
      'Sie kommt über das andere Ende, solange das bloß ist; sonst den Körper abschneiden und neu beginnen.',
  },
};
