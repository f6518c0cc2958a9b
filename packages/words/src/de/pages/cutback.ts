import type { CUTBACK as ENGLISH } from '../../en/pages/cutback';
import type { Same } from '../../same';

/** What stands beside the drawing of a cable's end. */
export const CUTBACK: Same<typeof ENGLISH> = {
  fromEnd: (all) => `Vom Kabelende: ${all}`,
  folded: (size) => `Geflecht über den Mantel zurückgeschlagen, ${size} davon`,
  foldedSpoken: 'das Geflecht über den Mantel zurückgeschlagen',
  leaves: (size) => `bleiben ${size}`,
  shortened: 'Verkürzt gezeichnet.',
  generic: (name) =>
    `Allgemeine Maße für ${name}: das Datenblatt des Teils in der Hand entscheidet.`,
  ofSheet: (name) => `Maße von ${name}, aus seinem Datenblatt.`,
};
