import type { HANDOVER_PAGE as ENGLISH } from '../../en/pages/handover';
import type { Same } from '../../same';
import { written } from '../number';

const links = (count: number): string => (count === 1 ? '1 Strecke' : `${count} Strecken`);

/** Was eine Übergabe von sich sagt: die Seite, die sie macht, das Dokument, und die Seite, die es prüft. */
export const HANDOVER_PAGE: Same<typeof ENGLISH> = {
  title: 'Übergabe',
  ready: (count) => `${links(count)} übergeben.`,
  open: (count) =>
    count === 0
      ? 'Alle sind geprüft.'
      : `${count} davon ${count === 1 ? 'ist' : 'sind'} nicht geprüft: das Dokument sagt, welche und warum.`,
  reading: 'Die Strecken werden gelesen …',
  none: 'Noch ist keine Strecke zu übergeben.',
  make: 'Das PDF machen',
  archive: 'Archiv',
  archiveHint:
    'Das Dokument mit dem, woraus es gemacht ist: Protokolle, Kurven, Fotos, Grundrisse, Adapter.',
  checker: 'Prüfseite',
  checkerHint: 'Für den Kunden: sagt, ob eine Datei geändert wurde. Sie braucht kein Netz.',
  making: (done, total) =>
    total === 0 ? 'Wird gemacht' : `Wird gemacht: ${done} von ${total} Strecken`,
  cancel: 'Abbrechen',
  cancelled: 'Abgebrochen. Es wurde nichts gemacht.',
  made: (name) => `${name} ist gemacht und liegt bei den Downloads.`,
  failed: 'Es konnte nicht gemacht werden.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal versuchen',
  key: 'Mit dem Schlüssel der Firma unterschrieben',
  keyHint:
    'Diese Zeichen dem Kunden selbst sagen, am Telefon oder auf Papier: sie zeigen, dass eine Datei von hier ist. Wer die Datenbank des Servers oder ihre Sicherung hat, kann auch unterschreiben.',
  contents: 'Was darin ist',
  contentList: [
    'Deckblatt, mit dem, was geprüft ist und was nicht',
    'Plan; am Ende ein Verzeichnis',
    'Was nicht geprüft ist und warum; was neu gemacht wurde; was anders ist als geplant',
    'Grundrisse, mit ihren Wegen und Orten',
    'Jede Strecke: Belegung, Ergebnis, Prüfungen, Stellen, Bilder der Kurven, Fotos, Arbeit',
    'Eine Karte für jeden Adapter',
  ],
  counts: {
    links: 'Strecken',
    proven: 'Geprüft',
    open: 'Nicht geprüft',
    remade: 'Enden neu gemacht',
    plans: 'Grundrisse',
    adapters: 'Adapter',
  },
  document: {
    heading: 'Übergabe',
    written: (when) => `Geschrieben ${when}`,
    scheme: (scheme, reason) => `Achtpolige Enden folgen ${scheme}${reason && `. ${reason}`}`,
    signed: (key) => `Unterschrieben mit dem Schlüssel ${key}`,
    signedHow:
      'Die Firma nach ihrer Prüfseite fragen, und diese Zeichen mit denen vergleichen, die sie nennt. Jedes geänderte Byte wird gefunden.',
    caution:
      'Prüfungen der Belegung sagen nichts über die Leistung, außer was dasteht. Versorgung, Netz und Blitzschutz sind Arbeit derer, die dafür zugelassen sind, nach den örtlichen Regeln.',
    index: 'Verzeichnis',
    indexAt: 'Jede Strecke mit ihrer Seite: das Verzeichnis, auf den letzten Seiten.',
    schedule: 'Plan',
    unproven: 'Nicht geprüft, und warum',
    allProven: 'Jede Strecke ist geprüft.',
    remade: 'Neu gemacht',
    noneRemade: 'Kein Ende wurde neu gemacht.',
    noCause: 'niemand hat gesagt, warum',
    changes: 'Anders als geplant',
    noChanges: 'Keine Strecke wurde nach dem Planen geändert.',
    adapters: 'Adapter',
    columns: {
      label: 'Strecke',
      near: 'Nah',
      far: 'Fern',
      cable: 'Kabel',
      length: 'Länge',
      state: 'Stand',
    },
    noLength: 'nicht bekannt',
    plan: (name) => `Grundriss: ${name}`,
    noPicture:
      'Das Bild dieses Geschosses kann hier nicht gezeichnet werden, seine Wege und Orte schon.',
    noScale: 'Ohne Maßstab: keine Strecke darauf wurde gemessen.',
    scale: (bar, measured, share) =>
      `${written(bar)}. Maßstab nach ${written(measured)} zwischen zwei Punkten, auf ${written(share.toFixed(1))} % genau (k = 2), wo das Bild maßhaltig ist. Nummern: siehe nächste Seite.`,
    planColumns: { number: 'Nr.', name: 'Name', what: 'Was es ist' },
    planWhat: {
      place: (height) => `Ort, ${written(height)} über diesem Boden`,
      tray: (height) => `Trasse, ${written(height)} über diesem Boden`,
      riser: (height) => `Steigschacht, durch Geschosse; auf diesem ${written(height)} hoch`,
      drop: (height) => `Abgang, bis ${written(height)} über diesem Boden`,
    },
    page: (number) => `Seite ${number}`,
    trace: (name) => `Kurve ${name}`,
    sweep: (name) => `Durchlauf ${name}`,
    traceAxes: 'Volt über der Zeit',
    sweepAxes: 'Rückflussdämpfung (dB) über der Frequenz',
    noPlot: 'Diese Aufnahme kann nicht gezeichnet werden.',
    made: (when, end, cause) => `${when}, ${end}: ${cause}`,
    footer: (site, when, page) => `${site}, geschrieben ${when}, Seite ${page}`,
  },
  check: {
    title: 'Wurde diese Datei geändert?',
    choose: 'Das Dokument oder das Archiv wählen',
    drop: 'oder hier ablegen. Es bleibt auf diesem Gerät.',
    firm: 'Der Schlüssel der Firma',
    compare: 'Diese Zeichen mit denen vergleichen, die die Firma genannt hat.',
    right: 'Seit der Unterschrift mit diesem Schlüssel nicht geändert.',
    changed: 'Seit der Unterschrift GEÄNDERT. Die Firma um die Datei bitten.',
    otherKey:
      'Unterschrieben, aber mit einem anderen Schlüssel: nicht von dieser Firma, oder mit einem früheren von ihr.',
    notSigned: 'Nicht unterschrieben, oder das Ende fehlt.',
    cannot: 'Dieser Browser kann Unterschriften nicht prüfen. Einen neueren versuchen.',
  },
};
