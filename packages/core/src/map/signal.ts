/** Which wire of a differential pair a name says it is. A and B are letters that makers use both ways. */
export type Mark = '+' | '-' | 'A' | 'B';

/** What a signal's name says. */
export interface Meaning {
  /** A row of the table, or the name itself where the table does not know it. */
  readonly concept: string;
  readonly known: boolean;
  readonly mark: Mark | null;
  /** "TX2" is the second of its kind. */
  readonly channel: number | null;
  readonly words: readonly string[];
  /** Of which of several alike: the keyboard's clock, the mouse's data. Null where the name does not say. */
  readonly of: string | null;
  /** Read from a part of the name, beside a word that says something unknown: a guess, to be asked. */
  readonly loose: boolean;
}

interface Concept {
  readonly id: string;
  readonly names: string;
  /** What it joins where both sides name it from their own point of view. */
  readonly crosses?: string;
  /** What a pair that works both ways also serves as. */
  readonly plays?: readonly string[];
}

/**
 * What signals are called, and which cross over. Circuit names after TIA-232-F and its usual short
 * forms, serial bus and programming names as they stand on boards.
 */
const CONCEPTS: readonly Concept[] = [
  { id: 'transmit', names: 'TX TD TXD SD SOUT TXDATA TRANSMIT TRANSMITDATA', crosses: 'receive' },
  { id: 'receive', names: 'RX RD RXD SIN RXDATA RECEIVE RECEIVEDATA', crosses: 'transmit' },
  { id: 'request', names: 'RTS RS REQUESTTOSEND', crosses: 'clear' },
  { id: 'clear', names: 'CTS CS CLEARTOSEND', crosses: 'request' },
  { id: 'terminal-ready', names: 'DTR ER DATATERMINALREADY', crosses: 'set-ready' },
  { id: 'set-ready', names: 'DSR DR DATASETREADY', crosses: 'terminal-ready' },
  { id: 'carrier', names: 'DCD CD RLSD CARRIERDETECT' },
  { id: 'ring-indicator', names: 'RI RINGINDICATOR' },
  { id: 'clock', names: 'CLK CLOCK SCK SCL SCLK' },
  { id: 'data', names: 'DATA DAT D SDA' },
  { id: 'to-device', names: 'MOSI COPI' },
  { id: 'from-device', names: 'MISO CIPO' },
  { id: 'reset', names: 'RST RESET NRST' },
  { id: 'select', names: 'SS SEL SELECT ENABLE' },
  { id: 'bus', names: 'BUS LINE', plays: ['transmit', 'receive'] },
  { id: 'pair-a', names: 'BIDA', plays: ['transmit'] },
  { id: 'pair-b', names: 'BIDB', plays: ['receive'] },
  { id: 'pair-c', names: 'BIDC' },
  { id: 'pair-d', names: 'BIDD' },
  { id: 'video', names: 'VIDEO CVBS COMPOSITE' },
  { id: 'audio', names: 'AUDIO SOUND' },
  { id: 'left', names: 'L LEFT' },
  { id: 'right', names: 'RIGHT' },
  {
    id: 'ground',
    names:
      'GND GROUND SG SGND SIGNALGROUND COM COMMON 0V VSS RETURN RTN DGND AGND PGND DIGITALGROUND ANALOGGROUND',
  },
  {
    id: 'shield',
    names: 'SHIELD SCREEN DRAIN BRAID FG CHASSIS CHASSISGROUND CHASSISGND FRAMEGROUND FRAMEGND PG',
  },
  { id: 'supply', names: 'VCC VDD VBUS VBAT VBATT BAT BATT BATTERY PWR POWER SUPPLY VIN V' },
  { id: 'none', names: 'NC N/C OPEN UNUSED RESERVED' },
];

/** Words before a signal's name that say whose it is. */
const WHOSE: Readonly<Record<string, string>> = {
  K: 'keyboard',
  KB: 'keyboard',
  KBD: 'keyboard',
  KEYBOARD: 'keyboard',
  M: 'mouse',
  MS: 'mouse',
  MOUSE: 'mouse',
  UART: 'serial port',
  SERIAL: 'serial port',
  SER: 'serial port',
  SPI: 'SPI',
  I2C: 'I2C',
};
const LONGEST_FIRST = Object.keys(WHOSE).sort((a, b) => b.length - a.length);

/** Shorter names than this are not looked for inside a word: D is in everything. */
const LEAST_PART = 3;

/**
 * Names that different makers give the same thing, or a thing that may be the same: asked, never taken for
 * granted. D11 to D13 are where a usual microcontroller board has its SPI.
 */
const MAY_BE: readonly (readonly string[])[] = [
  ['FIRE', 'BUTTON', 'TRIGGER', 'SWITCH', 'KEY'],
  ['D11', 'MOSI', 'COPI'],
  ['D12', 'MISO', 'CIPO'],
  ['D13', 'SCK', 'SCLK'],
  // On a controller SDI receives, on what it controls it is received: the sheet says.
  ['SDI', 'DI', 'MOSI', 'COPI'],
  ['SDO', 'DO', 'MISO', 'CIPO'],
  // Makers of EIA-485 call either wire A.
  ['BUS', 'DATA'],
  ['TIP', 'T', 'LEFT', 'L'],
  ['RING', 'R', 'RIGHT'],
  ['SLEEVE', 'S', 'GND', 'GROUND'],
  ['PE', 'EARTH', 'GND', 'GROUND', 'SHIELD'],
  ['BRAID', 'SHIELD', 'SCREEN', 'DRAIN'],
];

const BY_NAME = new Map(
  CONCEPTS.flatMap((row) => row.names.split(' ').map((name) => [name, row.id] as const)),
);
const CROSSES = new Map(CONCEPTS.map((row) => [row.id, row.crosses]));

const MARKS: readonly (readonly [pattern: RegExp, mark: Mark])[] = [
  [/\(A\)$|[ _/-]A$/, 'A'],
  [/\(B\)$|[ _/-]B$/, 'B'],
  [/\+$|[ _](?:P|POS|PLUS|HOT)$/, '+'],
  [/[-−–]$|[ _](?:N|NEG|MINUS|COLD)$/, '-'],
];

const GROUND_WORDS = new Set(['GND', 'GROUND', 'RETURN', 'RTN']);

const known = new Map<string, Meaning>();

/** Reads a signal's name: "TXD2-" is the minus wire of the second transmit pair. */
export function meaningOf(signal: string): Meaning {
  const found = known.get(signal);
  if (found) return found;
  const meaning = readName(signal);
  if (known.size < 5000) known.set(signal, meaning);
  return meaning;
}

function readName(signal: string): Meaning {
  const text = signal.trim().toUpperCase();
  const words = text.split(/[^A-Z0-9]+/).filter((word) => word.length > 1);
  // Of a balanced line, as its wires are called for short (IEC 60268-12).
  if (text === 'HOT' || text === 'COLD')
    return { ...PLAIN, concept: 'audio', mark: text === 'HOT' ? '+' : '-', words };
  if (/^[-−–]$/.test(text)) return { ...PLAIN, concept: 'ground', words };
  // A and B alone are the two wires of a two-way bus; a voltage is a supply's name.
  if (/^[AB]$/.test(text)) return { ...PLAIN, concept: 'bus', mark: text as Mark, words };
  if (voltageIn(text) !== null && /^[+-]?[\d.,]+ ?V\d*(?: (?:OUT|IN|DC))?$/.test(text))
    return { ...PLAIN, concept: BY_NAME.get(text.replace(/ /g, '')) ?? 'supply', words };
  // The minus of a cell is what everything else is measured against.
  if (/^(BATT?|BATTERY|CELL) ?[-−–]$/.test(text)) return { ...PLAIN, concept: 'ground', words };
  // "AUDIO GND", "VIDEO RETURN": a ground, whatever it is the ground of.
  const whole = text.replace(/[^A-Z0-9/]/g, '');
  if (words.length > 1 && GROUND_WORDS.has(words.at(-1) ?? '') && !BY_NAME.has(whole))
    return { ...PLAIN, concept: 'ground', words };
  const mark = MARKS.find(([pattern]) => pattern.test(text)) ?? null;
  const stem = (mark ? text.replace(mark[0], '') : text).replace(/[^A-Z0-9/]/g, '');
  const [, bare = stem, digits] = /^(.*?[A-Z/])(\d{1,2})$/.exec(stem) ?? [];
  const concept = BY_NAME.get(stem) ?? BY_NAME.get(bare);
  const numbered = digits !== undefined && BY_NAME.get(stem) === undefined;
  const part = concept === undefined ? (inParts(words, stem) ?? inParts(words, bare)) : null;
  const found = concept ?? part?.concept;
  return {
    concept: found ?? (stem === '' ? text : stem),
    known: found !== undefined,
    mark: mark?.[1] ?? null,
    channel: numbered && found !== undefined ? Number(digits) : null,
    words,
    of: part?.of ?? null,
    loose: part?.loose ?? false,
  };
}

const PLAIN = { known: true, mark: null, channel: null, of: null, loose: false } as const;

type Part = Pick<Meaning, 'concept' | 'of' | 'loose'>;

/**
 * A signal in the parts of its name: "KB CLK", "KBCLK" and "Keyboard clock" are the keyboard's clock. Only
 * what may be a signal is found so, since a part of a name is no ground for joining grounds or supplies.
 */
function inParts(words: readonly string[], stem: string): Part | null {
  const signal = (name: string) => {
    const concept = BY_NAME.get(name);
    return concept === undefined || COMMONS.has(concept) ? undefined : concept;
  };
  const at = words.findLastIndex((word) => signal(word) !== undefined);
  const concept = at < 0 ? undefined : signal(words[at] ?? '');
  if (concept !== undefined && words.length > 1) {
    const others = words.filter((_, index) => index !== at);
    const whose = others.map((word) => WHOSE[word]);
    return { concept, of: whose.find(Boolean) ?? null, loose: whose.includes(undefined) };
  }
  const prefix = LONGEST_FIRST.find((word) => {
    const rest = stem.slice(word.length);
    return stem.startsWith(word) && rest.length >= LEAST_PART && signal(rest) !== undefined;
  });
  if (prefix !== undefined)
    return {
      concept: signal(stem.slice(prefix.length)) ?? '',
      of: WHOSE[prefix] ?? null,
      loose: false,
    };
  for (let from = 1; from <= stem.length - LEAST_PART; from += 1) {
    const inside = signal(stem.slice(from));
    if (inside !== undefined) return { concept: inside, of: null, loose: true };
  }
  return null;
}

/** What is joined by rules of its own. */
const COMMONS = new Set(['ground', 'supply', 'shield', 'none']);

/** The volts that a name states: "+5 V", "12V", "3V3"; null where it states none. */
export function voltageIn(signal: string): number | null {
  const text = signal.toUpperCase().replace(',', '.');
  const split = /(\d+)V(\d+)/.exec(text);
  if (split) return Number(`${split[1]}.${split[2]}`);
  const plain = /(\d+(?:\.\d+)?) ?V/.exec(text);
  return plain ? Number(plain[1]) : null;
}

/** Whether two names cross: what one side sends is what the other receives. */
export const crossing = (a: Meaning, b: Meaning): boolean => CROSSES.get(a.concept) === b.concept;

const PLAYS = new Map(CONCEPTS.map((row) => [row.id, row.plays ?? []]));

/** Whether one of them works both ways and so serves as the other. */
export const plays = (a: Meaning, b: Meaning): boolean =>
  (PLAYS.get(a.concept) ?? []).includes(b.concept) ||
  (PLAYS.get(b.concept) ?? []).includes(a.concept);

/** Whether makers use these two names for the same thing, or for things that may be the same. */
export const mayBeOne = (a: Meaning, b: Meaning): boolean => {
  const named = ({ concept, words }: Meaning) => [
    concept.toUpperCase().replace('TO-DEVICE', 'MOSI').replace('FROM-DEVICE', 'MISO'),
    ...words,
  ];
  const [one, other] = [named(a), named(b)];
  return MAY_BE.some(
    (group) =>
      one.some((word) => group.includes(word)) && other.some((word) => group.includes(word)),
  );
};

/** Whether two names have a word in common. */
export const alike = (a: Meaning, b: Meaning): boolean =>
  a.words.some((word) => b.words.includes(word));

/** Marks of one pair of names that say which wire is which. */
export const opposite = (mark: Mark): Mark =>
  ({ '+': '-', '-': '+', A: 'B', B: 'A' })[mark] as Mark;
