import type { Cable } from '@near-spoke/core/catalogue';
import type { PartId } from '@near-spoke/core/terminate';
import type { TesterId } from '@near-spoke/core/verify';

// The trade's words: each thing is called the same wherever German sentences name it.

/** Colours of insulation, by their letters. */
export const COLOURS: Readonly<Record<string, string>> = {
  W: 'weiß',
  BL: 'blau',
  O: 'orange',
  G: 'grün',
  BR: 'braun',
  S: 'schiefergrau',
  R: 'rot',
  BK: 'schwarz',
  Y: 'gelb',
  V: 'violett',
  GY: 'grau',
  PK: 'rosa',
  TQ: 'türkis',
};

/** Conductors that have no colour. */
export const UNCOLOURED: Readonly<Record<string, string>> = {
  CU: 'Innenleiter',
  shield: 'Schirm',
};

/** Tools, by their ids; "hex die" before its size. */
export const TOOLS: Readonly<Record<string, string>> = {
  'jacket stripper': 'Mantelschneider',
  'side cutter': 'Seitenschneider',
  cloth: 'Tuch',
  'flat pliers': 'Flachzange',
  'flush cutter': 'Flachschneider',
  'modular crimper': 'Modularzange',
  'label printer': 'Etikettendrucker',
  'pass-through crimper': 'Durchsteck-Crimpzange',
  'punch-down tool': 'Auflegewerkzeug',
  meter: 'Messgerät',
  'parallel pliers': 'Parallelzange',
  'insertion tool': 'Einlegewerkzeug',
  screwdriver: 'Schraubendreher',
  'wire stripper': 'Abisolierzange',
  'block punch tool': 'Auflegewerkzeug der Leiste',
  'cable cutter': 'Kabelschneider',
  'coax stripper': 'Koax-Abisolierer',
  'pin crimp die': 'Crimpeinsatz für Stifte',
  'soldering iron': 'Lötkolben',
  'hex die': 'Sechskanteinsatz',
  'heat gun': 'Heißluftpistole',
  'two-blade coax stripper': 'Zweiklingen-Abisolierer',
  'compression tool': 'Kompressionszange',
  'ribbon press': 'Flachbandpresse',
  'contact crimper': 'Kontaktzange',
  knife: 'Messer',
  'bench vice': 'Schraubstock',
};

export const PARTS: Readonly<Record<PartId, string>> = {
  boot: 'Tülle',
  plug: 'Stecker',
  jack: 'Buchse',
  lid: 'Deckel',
  cap: 'Kappe',
  hood: 'Haube',
  tie: 'Kabelbinder',
  label: 'Etikett',
  ferrule: 'Crimphülse',
  shrink: 'Schrumpfschlauch',
  pin: 'Mittelstift',
  body: 'Körper',
  connector: 'Verbinder',
  socket: 'Dose',
  block: 'Leiste',
  relief: 'Zugentlastung',
  backshell: 'Steckerhaube',
  sleeves: 'Schläuche',
  contacts: 'Kontakte',
  housing: 'Gehäuse',
  joint: 'Verbindung',
  lamps: 'Lampen',
  battery: 'Batterie',
  tape: 'Band',
  terminals: 'Klemmen',
};

export const CABLES: Readonly<Record<Cable['family'], string>> = {
  'four-pair': 'vierpaarig',
  coax: 'koaxial',
  telephone: 'Telefonkabel',
  cord: 'Flachkabel',
  'multi-core': 'mehradrig',
  ribbon: 'Flachbandkabel',
  usb: 'USB',
  alarm: 'Alarmkabel',
  speaker: 'Lautsprecherkabel',
};

/** Jackets, by what they are made for. */
export const JACKETS: Readonly<Record<Cable['environment'], string>> = {
  indoor: 'Innenmantel',
  riser: 'Steigzonenmantel',
  plenum: 'Plenummantel',
  outdoor: 'Außenmantel',
  burial: 'Erdkabelmantel',
};

export const STRANDING: Readonly<Record<Cable['stranding'], string>> = {
  solid: 'massiv',
  stranded: 'mehrdrähtig',
};

/** Schools, by the option’s id under the school’s. */
export const SCHOOL_OPTIONS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  plug: { standard: 'normale Stecker', 'pass-through': 'Durchsteck-Stecker' },
  joint: { solder: 'gelötet', sleeve: 'mit Lötverbindern', twist: 'verdrillt' },
};

interface TesterName {
  /** In the dative, after „mit“. */
  readonly withIt: string;
  /** In a few words. */
  readonly short: string;
}

/** Classes of testers, by their ids. */
export const TESTERS: Readonly<Record<TesterId, TesterName>> = {
  beeper: { withIt: 'dem Durchgangspiepser', short: 'Piepser' },
  ohmmeter: { withIt: 'dem Ohmmeter', short: 'Ohmmeter' },
  'pair-lamps': { withIt: 'dem Schleifenprüfer, eine Lampe je Paar', short: 'Paarlampen' },
  'sequential-lamps': {
    withIt: 'dem Lampenprüfer, der die Kontakte abtastet',
    short: 'Abtastlampen',
  },
  'identifying-remote': {
    withIt: 'dem Verdrahtungsprüfer mit erkennendem Gegenstück',
    short: 'Folge und Kurzschlüsse',
  },
  pairing: {
    withIt: 'dem Verdrahtungsprüfer, der auch Übersprechen misst',
    short: 'Sieht Paarung',
  },
  reflectometer: { withIt: 'dem Reflektometer', short: 'Reflektometrie' },
  tone: { withIt: 'Tongeber und Sonde', short: 'Ton' },
  look: { withIt: 'den Augen an einem Ende', short: 'Hinsehen' },
  'coax-trio': {
    withIt: 'dem Ohmmeter, das ferne Ende offen, kurzgeschlossen und abgeschlossen',
    short: 'Offen, kurz, abgeschlossen',
  },
  insulation: { withIt: 'dem Isolationsmesser', short: 'Isolation' },
  capacitance: { withIt: 'der Längenmessung über die Kapazität', short: 'Kapazität' },
  'line-lamps': { withIt: 'dem Lampenprüfer für Telefondosen', short: 'Leitungslampen' },
  'line-voltmeter': {
    withIt: 'dem Voltmeter an der Telefonleitung',
    short: 'Leitungsspannung',
  },
};
