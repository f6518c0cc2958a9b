import type { LABELS_PAGE as ENGLISH } from '../../en/pages/labels';
import type { Same } from '../../same';

const labels = (count: number): string => (count === 1 ? '1 Schild' : `${count} Schilder`);
const sheets = (count: number): string => (count === 1 ? '1 Bogen' : `${count} Bogen`);

/** Was die Seiten der Schilder und der Kamera von sich sagen. */
export const LABELS_PAGE: Same<typeof ENGLISH> = {
  title: 'Schilder',
  ready: (count, sheetCount) => `${labels(count)} auf ${sheets(sheetCount)} drucken, mit 100 %.`,
  hold: 'Erst einen Maßstab an den Bogen halten: ein Drucker, der an die Seite anpasst, macht alles falsch.',
  none: 'Noch ist keine Strecke zu beschriften.',
  stopped: 'So nicht drucken.',
  cantRead: 'Eine Zahl lässt sich nicht lesen.',
  make: 'Drucken',
  making: 'Schilder werden ausgelegt',
  cantServe: 'Das lässt sich jetzt nicht auslegen.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal',
  saved: (name) => `${name} liegt bei den Downloads.`,
  scheme: 'Was darauf steht',
  schemeHint:
    'In Klammern: label, hub, panel, port, floor, here, there, cable (Name, Verteiler, Feld, Port, Stockwerk, hier, dort, Kabel). Die erste Zeile nennt die Strecke.',
  lines: ['Erste Zeile', 'Zweite Zeile', 'Dritte Zeile'],
  floor: (hub) => `Stockwerk von ${hub}`,
  ends: 'Enden',
  both: 'Beide',
  near: 'Nahe',
  far: 'Ferne',
  code: 'QR-Code, der die Strecke öffnet',
  withCode: 'Mit',
  withoutCode: 'Ohne',
  stock: 'Wie sie kleben',
  kinds: { flat: 'Flach', wrap: 'Als Wickel', flag: 'Als Fahne' },
  kindHints: {
    flat: 'Auf einer Dose oder einem Feld.',
    wrap: 'Der weiße Teil einmal um das Kabel, die klare Zunge darüber.',
    flag: 'Um das Kabel gefaltet, Hälfte auf Hälfte, mit denselben Worten auf beiden.',
  },
  sheet: 'Der Bogen, wie er gekauft ist',
  sheetHint: 'Allgemeine Maße: die eigenen messen.',
  fields: {
    width: 'Breite eines Schildes',
    height: 'Höhe eines Schildes',
    white: 'Davon weiß, in der Höhe',
    columns: 'Nebeneinander',
    rows: 'Übereinander',
    left: 'Erstes von links',
    top: 'Erstes von oben',
    stepX: 'Von einem zum nächsten',
    stepY: 'Von Reihe zu Reihe',
    sheetWidth: 'Breite des Bogens',
    sheetHeight: 'Höhe des Bogens',
    gone: 'Vom ersten schon verbraucht',
  },
  preview: (number) => `Bogen 1 von ${number}, wie er gedruckt wird`,
  scan: {
    title: 'Schild scannen',
    look: 'Die Kamera über den Code eines Schildes halten.',
    open: 'Was zum Code gehört, öffnet sich von selbst, auch ohne Netz.',
    start: 'Kamera starten',
    photo: 'Stattdessen ein Foto',
    noCamera: 'Dieses Gerät lässt hier keine Kamera zu.',
    notOurs: (text) => `Das ist kein Code einer Strecke: ${text}`,
    elsewhere:
      'Diese Strecke gehört zu keiner Baustelle auf diesem Gerät, und der Server antwortet nicht.',
    unknown: 'Diese Strecke gibt es nicht: sie ist gelöscht oder gehört zu einem anderen Server.',
    nothing: 'In diesem Foto war kein Code. Näher, mit mehr Licht, mag es gehen.',
  },
};
