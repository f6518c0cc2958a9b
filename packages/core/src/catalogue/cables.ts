import { awgDiameterMm } from './awg';
import type { Cable, CableFamily, CablePart, Jacket } from './cable';
import { FOUR_PAIRS, cores, pairs, ribbonCores, telephonePairs, type Core } from './conductor';

/** How the layers make up a four-pair cable's kind, and what it is called. */
const KINDS = {
  'u-utp': { screen: 'U/UTP', shield: 'none', parts: [], environment: 'indoor', suffix: '' },
  'f-utp': { screen: 'F/UTP', shield: 'foil', parts: ['foil'], environment: 'indoor', suffix: '' },
  's-ftp': {
    screen: 'S/FTP',
    shield: 'braid',
    parts: ['braid', 'pair-foil'],
    environment: 'indoor',
    suffix: '',
  },
  riser: { screen: 'U/UTP', shield: 'none', parts: [], environment: 'riser', suffix: ', riser' },
  plenum: { screen: 'U/UTP', shield: 'none', parts: [], environment: 'plenum', suffix: ', plenum' },
  outdoor: {
    screen: 'U/UTP',
    shield: 'none',
    parts: ['gel'],
    environment: 'outdoor',
    suffix: ', outdoor',
  },
  'outdoor-dry': {
    screen: 'U/UTP',
    shield: 'none',
    parts: ['dry-block'],
    environment: 'outdoor',
    suffix: ', outdoor, dry block',
  },
  burial: {
    screen: 'F/UTP',
    shield: 'foil',
    parts: ['inner-jacket', 'foil', 'gel'],
    environment: 'burial',
    suffix: ', direct burial',
  },
} as const;

/**
 * Sizes are generic starting values in mm; categories and nominal impedance follow
 * ANSI/TIA-568.2-D, names ISO/IEC 11801-1 annex E (U/UTP: no shield; F/UTP: one overall foil;
 * S/FTP: an overall braid and a foil around each pair).
 */
const FOUR_PAIR_ROWS = [
  ['5e', 'solid', 'u-utp', 24, 0.92, 5.2],
  ['5e', 'solid', 'f-utp', 24, 1.0, 6.0],
  ['5e', 'stranded', 'u-utp', 24, 0.98, 5.4],
  ['5e', 'stranded', 'f-utp', 26, 0.98, 5.8],
  ['6', 'solid', 'u-utp', 23, 1.02, 6.2],
  ['6', 'solid', 'f-utp', 23, 1.1, 7.2],
  ['6', 'stranded', 'u-utp', 24, 1.02, 6.0],
  ['6', 'stranded', 'f-utp', 26, 1.0, 6.0],
  ['6A', 'solid', 'u-utp', 23, 1.12, 7.6],
  ['6A', 'solid', 'f-utp', 23, 1.2, 7.6],
  ['6A', 'stranded', 'u-utp', 26, 1.0, 6.2],
  ['6A', 'stranded', 'f-utp', 26, 1.02, 6.2],
  ['6A', 'solid', 's-ftp', 23, 1.25, 7.8],
  ['6A', 'stranded', 's-ftp', 26, 1.02, 6.4],
  ['6', 'solid', 'riser', 23, 1.02, 6.2],
  ['6', 'solid', 'plenum', 23, 1.0, 6.0],
  ['5e', 'solid', 'outdoor', 24, 0.98, 6.4],
  ['6', 'solid', 'outdoor', 23, 1.05, 7.0],
  ['6', 'solid', 'outdoor-dry', 23, 1.05, 7.0],
  ['6', 'solid', 'burial', 23, 1.12, 8.8],
] as const;

const FOUR_PAIR: readonly Cable[] = FOUR_PAIR_ROWS.map(
  ([category, stranding, kindId, gaugeAwg, insulationMm, jacketMm]) => {
    const { screen, suffix, ...kind } = KINDS[kindId];
    const place = kind.environment === 'indoor' ? '' : `-${kindId}`;
    return {
      id: `cat${category}-${screen.replace('/', '')}-${stranding}${place}`.toLowerCase(),
      name: `Cat ${category} ${screen} ${stranding}${suffix}`,
      family: 'four-pair',
      grade: category,
      stranding,
      ...kind,
      cores: FOUR_PAIRS,
      gaugeAwg,
      conductorMm: awgDiameterMm(gaugeAwg),
      insulationMm,
      jacketMm,
      pitchMm: null,
      impedanceOhm: 100,
      generic: true,
    };
  },
);

/**
 * Coaxial cables: centre conductor, dielectric and jacket in mm, rounded from the usual sheets of
 * the type; 50- and 75-ohm types after MIL-DTL-17. Makers differ: the sheet of the reel decides.
 */
const COAX_ROWS = [
  ['RG-58', 50, 'stranded', 20, 0.9, 2.95, 4.95, ['braid', 'dielectric'], 'indoor'],
  ['RG-59', 75, 'solid', 23, 0.58, 3.71, 6.15, ['braid', 'dielectric'], 'indoor'],
  ['RG-6', 75, 'solid', 18, 1.02, 4.57, 6.9, ['braid', 'foil', 'dielectric'], 'indoor'],
  ['RG-6 outdoor', 75, 'solid', 18, 1.02, 4.57, 6.9, ['braid', 'foil', 'dielectric'], 'outdoor'],
  [
    'RG-6 quad',
    75,
    'solid',
    18,
    1.02,
    4.57,
    7.5,
    ['braid', 'foil', 'second-shield', 'dielectric'],
    'indoor',
  ],
  ['RG-8X', 50, 'stranded', 16, 1.47, 3.94, 6.15, ['braid', 'dielectric'], 'outdoor'],
  ['RG-213', 50, 'stranded', 13, 2.26, 7.24, 10.3, ['braid', 'dielectric'], 'outdoor'],
  ['RG-174', 50, 'stranded', 26, 0.48, 1.52, 2.8, ['braid', 'dielectric'], 'indoor'],
  ['RG-11', 75, 'solid', 14, 1.63, 7.11, 10.2, ['braid', 'foil', 'dielectric'], 'outdoor'],
] as const;

const COAX: readonly Cable[] = COAX_ROWS.map(
  ([
    grade,
    impedanceOhm,
    stranding,
    gaugeAwg,
    conductorMm,
    insulationMm,
    jacketMm,
    parts,
    place,
  ]) => ({
    id: grade.toLowerCase().replace(' ', '-'),
    name: `${grade.replace(' outdoor', ', outdoor')}, ${impedanceOhm} ohm`,
    family: 'coax',
    grade: grade.replace(' outdoor', ''),
    stranding,
    shield: 'braid',
    parts,
    cores: cores('CU'),
    gaugeAwg,
    conductorMm,
    insulationMm,
    jacketMm,
    pitchMm: null,
    impedanceOhm,
    environment: place,
    generic: true,
  }),
);

interface WireRow {
  readonly id: string;
  readonly name: string;
  readonly family: CableFamily;
  readonly cores: readonly Core[];
  readonly gaugeAwg: number;
  readonly insulationMm: number;
  readonly jacketMm: number;
  readonly stranding?: Cable['stranding'];
  readonly shield?: Cable['shield'];
  readonly parts?: readonly CablePart[];
  readonly pitchMm?: number;
  readonly impedanceOhm?: number;
  readonly environment?: Jacket;
}

const telephone = (count: number, jacketMm: number): WireRow => ({
  id: `telephone-${count}-pair`,
  name: `Telephone, ${count} pair`,
  family: 'telephone',
  cores: telephonePairs(count),
  gaugeAwg: 24,
  insulationMm: 0.9,
  jacketMm,
});

/** Pitch 1.27 mm (0.050 in), 28 AWG: the usual ribbon for press-on connectors. */
const ribbon = (count: number): WireRow => ({
  id: `ribbon-${count}`,
  name: `Ribbon, ${count} cores`,
  family: 'ribbon',
  cores: ribbonCores(count),
  gaugeAwg: 28,
  insulationMm: 0.9,
  jacketMm: Math.round(count * 127) / 100,
  stranding: 'stranded',
  parts: ['flat'],
  pitchMm: 1.27,
});

const screened = (id: string, letters: string, jacketMm: number): WireRow => ({
  id,
  name: `Multi-core screened, ${letters.split(' ').length} cores`,
  family: 'multi-core',
  cores: cores(letters),
  gaugeAwg: 24,
  insulationMm: 1.1,
  jacketMm,
  stranding: 'stranded',
  shield: 'braid',
  parts: ['braid'],
});

/**
 * Wires and multi-core cables; sizes and screened cores' colours generic. Flat cords in the trade's
 * usual colours: white, black, red, green, yellow, blue; four cores have the middle ones. USB 2.0 colours: red supply, white
 * and green data, black ground (USB 2.0 specification, 6.4.2).
 */
const WIRE_ROWS: readonly WireRow[] = [
  telephone(2, 3.6),
  telephone(3, 4.2),
  telephone(4, 4.8),
  telephone(25, 11.5),
  {
    id: 'telephone-2-pair-outdoor',
    name: 'Telephone, 2 pair, outdoor',
    family: 'telephone',
    cores: telephonePairs(2),
    gaugeAwg: 24,
    insulationMm: 0.95,
    jacketMm: 5.2,
    parts: ['gel'],
    environment: 'outdoor',
  },
  {
    id: 'cord-4',
    name: 'Flat telephone cord, 4 cores',
    family: 'cord',
    cores: pairs('G/R BK/Y'),
    gaugeAwg: 26,
    insulationMm: 0.95,
    jacketMm: 4.8,
    stranding: 'stranded',
    parts: ['flat'],
  },
  {
    id: 'cord-6',
    name: 'Flat telephone cord, 6 cores',
    family: 'cord',
    cores: pairs('G/R BK/Y W/BL'),
    gaugeAwg: 26,
    insulationMm: 0.95,
    jacketMm: 6.6,
    stranding: 'stranded',
    parts: ['flat'],
  },
  screened('screened-4', 'R BK W G', 5.2),
  screened('screened-8', 'R BK W G BL Y BR O', 6.6),
  screened('screened-9', 'R BK W G BL Y BR O V', 7),
  ribbon(9),
  ribbon(10),
  ribbon(15),
  ribbon(25),
  {
    id: 'usb-2',
    name: 'USB 2.0',
    family: 'usb',
    cores: [
      ...cores('R'),
      { id: 'W', pair: 1, member: 'ring' },
      { id: 'G', pair: 1, member: 'tip' },
      ...cores('BK'),
    ],
    gaugeAwg: 26,
    insulationMm: 1,
    jacketMm: 4.4,
    stranding: 'stranded',
    shield: 'braid',
    parts: ['braid', 'foil'],
  },
  {
    id: 'alarm-4',
    name: 'Alarm, 4 cores',
    family: 'alarm',
    cores: cores('R BK Y W'),
    gaugeAwg: 24,
    insulationMm: 1,
    jacketMm: 3.6,
    stranding: 'stranded',
  },
  {
    id: 'alarm-6',
    name: 'Alarm, 6 cores',
    family: 'alarm',
    cores: cores('R BK Y W BL G'),
    gaugeAwg: 24,
    insulationMm: 1,
    jacketMm: 4.2,
    stranding: 'stranded',
  },
  {
    id: 'speaker-2',
    name: 'Speaker, 2 cores',
    family: 'speaker',
    cores: cores('R BK'),
    gaugeAwg: 16,
    insulationMm: 2.4,
    jacketMm: 6.6,
    stranding: 'stranded',
  },
];

const WIRES: readonly Cable[] = WIRE_ROWS.map((row) => ({
  grade: row.name,
  stranding: 'solid',
  shield: 'none',
  parts: [],
  pitchMm: null,
  impedanceOhm: null,
  environment: 'indoor',
  ...row,
  conductorMm: awgDiameterMm(row.gaugeAwg),
  generic: true,
}));

export const CABLES: readonly Cable[] = [...FOUR_PAIR, ...COAX, ...WIRES];
