import type { FRAME_PAGE as ENGLISH } from '../../en/pages/frame';
import type { Same } from '../../same';

/** Wie die Seiten eines Standorts heißen, und wozu jede da ist. */
export const FRAME_PAGE: Same<typeof ENGLISH> = {
  pagesOf: 'Seiten dieses Standorts',
  groupsOf: 'Teile der Arbeit',
  allSites: 'Alle Standorte',
  groups: {
    work: 'Arbeit',
    plan: 'Planen',
    make: 'Machen und prüfen',
    keep: 'Behalten',
    house: 'Haus',
  },
  pages: {
    work: {
      name: 'Arbeit',
      about: 'Überblick: was geprüft ist, was falsch ist, was als Nächstes kommt',
    },
    import: { name: 'Liste', about: 'Strecken einlesen, eine hinzufügen, sie herunterladen' },
    floor: {
      name: 'Grundriss',
      about: 'Längen aus einer maßstäblichen Zeichnung; wo ein Fehler liegt',
    },
    kit: { name: 'Teile und Werkzeug', about: 'Was mitzubringen ist' },
    cuts: {
      name: 'Schnitte',
      about: 'Welche Strecke von welcher Rolle, und wie viele Kartons zu kaufen sind',
    },
    reels: { name: 'Rollen', about: 'Was auf jeder noch ist, was geschnitten wurde, Metermarken' },
    costs: { name: 'Kosten', about: 'Preise; ob ein Patchkabel gemacht oder gekauft wird' },
    day: { name: 'Tag', about: 'In welcher Reihenfolge, wer wo ist, was zu tragen ist' },
    batch: { name: 'Viele Enden', about: 'Gleiche Enden machen, Schritt für Schritt' },
    labels: { name: 'Schilder', about: 'Bögen, Wickel und Fahnen in 1:1, mit Codes' },
    scan: { name: 'Schild scannen', about: 'Die Kamera öffnet die Strecke' },
    adapters: { name: 'Adapter', about: 'Kontakt für Kontakt zwischen zwei Geräten' },
    cords: { name: 'Patchkabel', about: 'Viele prüfen, eines nach dem anderen' },
    'lamp-tester': { name: 'Lampentester', about: 'Einen bauen, mit seinen Teilen' },
    history: {
      name: 'Verlauf',
      about: 'Was hier und überall getan wurde: nach Ort, Teil, Fehler, Person, Tag',
    },
    handover: { name: 'Übergabe', about: 'Der ganze Standort als ein signiertes Dokument' },
    catalogue: { name: 'Katalog', about: 'Stecker, Buchsen und Kabel, auch eigene' },
    settings: { name: 'Einstellungen', about: 'Schema, Einheiten und wie hier gearbeitet wird' },
  },
};
