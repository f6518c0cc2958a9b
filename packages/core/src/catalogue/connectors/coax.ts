import type { Connector, ConnectorFamily, CutSize } from '../connector-row';
import type { OutlineId } from '../outline';
import { accepts, coaxCuts, part, range, type Span } from './row';

interface CoaxSize {
  readonly cable: string;
  readonly jacket: Span;
  readonly dielectric: Span;
  readonly conductor: Span;
  readonly dieMm?: number;
}

/**
 * Cable sizes that coaxial connectors are made for. Hexagonal dies as they are usually sold, across the
 * flats: 4.52 mm (0.178 in), 5.41 (0.213), 6.48 (0.255), 8.23 (0.324), 10.9 (0.429). The connector's sheet names its own.
 */
const COAX: Readonly<Record<string, CoaxSize>> = {
  'rg-174': {
    cable: 'RG-174',
    jacket: [2.5, 3],
    dielectric: [1.4, 1.7],
    conductor: [0.4, 0.6],
    dieMm: 4.52,
  },
  'rg-58': {
    cable: 'RG-58',
    jacket: [4.8, 5.2],
    dielectric: [2.8, 3.1],
    conductor: [0.8, 1],
    dieMm: 5.41,
  },
  'rg-59': {
    cable: 'RG-59',
    jacket: [5.9, 6.4],
    dielectric: [3.5, 3.9],
    conductor: [0.5, 0.85],
    dieMm: 6.48,
  },
  'rg-8x': {
    cable: 'RG-8X',
    jacket: [6, 6.4],
    dielectric: [3.8, 4.1],
    conductor: [1.4, 1.6],
    dieMm: 6.48,
  },
  'rg-6': {
    cable: 'RG-6',
    jacket: [6.6, 7.2],
    dielectric: [4.4, 4.8],
    conductor: [0.95, 1.1],
    dieMm: 8.23,
  },
  'rg-6-quad': {
    cable: 'RG-6 quad',
    jacket: [7.3, 7.8],
    dielectric: [4.4, 4.8],
    conductor: [0.95, 1.1],
  },
  'rg-213': {
    cable: 'RG-213',
    jacket: [10, 10.6],
    dielectric: [7, 7.5],
    conductor: [2.1, 2.4],
    dieMm: 10.9,
  },
  'rg-11': { cable: 'RG-11', jacket: [9.9, 10.5], dielectric: [6.9, 7.3], conductor: [1.5, 1.75] },
};

interface CoaxKind {
  readonly id: string;
  readonly name: string;
  readonly family: ConnectorFamily;
  readonly outline: OutlineId;
  readonly impedanceOhm: number | null;
  readonly cuts: readonly CutSize[];
  readonly sizes: readonly string[];
  readonly weatherproof?: boolean;
}

/** Jacket and dielectric 1/4 in (6.4 mm) each: the usual preparation for compression and screw-on F. */
const QUARTER_INCH = coaxCuts(12.7, 6.4, 6.4);
const BNC_CUTS = coaxCuts(15, 9, 4);
const COMPRESSION = { family: 'coax-compression', cuts: QUARTER_INCH, weatherproof: true } as const;

const COAX_KINDS: readonly CoaxKind[] = [
  {
    id: 'bnc-crimp-50',
    name: 'BNC plug, crimp, 50 ohm',
    family: 'coax-crimp',
    outline: 'bnc',
    impedanceOhm: 50,
    cuts: BNC_CUTS,
    sizes: ['rg-58', 'rg-174', 'rg-8x'],
  },
  {
    id: 'bnc-crimp-75',
    name: 'BNC plug, crimp, 75 ohm',
    family: 'coax-crimp',
    outline: 'bnc',
    impedanceOhm: 75,
    cuts: BNC_CUTS,
    sizes: ['rg-59', 'rg-6'],
  },
  {
    id: 'n-crimp-50',
    name: 'N plug, crimp, 50 ohm',
    family: 'coax-crimp',
    outline: 'n',
    impedanceOhm: 50,
    cuts: coaxCuts(24, 14, 6),
    sizes: ['rg-213', 'rg-58', 'rg-8x'],
    weatherproof: true,
  },
  {
    ...COMPRESSION,
    id: 'f-compression',
    name: 'F plug, compression',
    outline: 'f',
    impedanceOhm: 75,
    sizes: ['rg-6', 'rg-59', 'rg-6-quad', 'rg-11'],
  },
  {
    ...COMPRESSION,
    id: 'bnc-compression-75',
    name: 'BNC plug, compression, 75 ohm',
    outline: 'bnc',
    impedanceOhm: 75,
    sizes: ['rg-59', 'rg-6'],
  },
  {
    ...COMPRESSION,
    id: 'rca-compression',
    name: 'RCA plug, compression',
    outline: 'rca',
    impedanceOhm: 75,
    sizes: ['rg-59', 'rg-6'],
    weatherproof: false,
  },
  {
    id: 'f-screw-on',
    name: 'F plug, screw-on',
    family: 'coax-screw-on',
    outline: 'f',
    impedanceOhm: 75,
    cuts: QUARTER_INCH,
    sizes: ['rg-6', 'rg-59'],
  },
];

export const COAX_PARTS: readonly Connector[] = COAX_KINDS.flatMap((kind) =>
  kind.sizes.map((size) => {
    const { cable, jacket, dielectric, conductor, dieMm } = COAX[size] as CoaxSize;
    return part({
      id: `${kind.id}-${size}`,
      name: `${kind.name}, for ${cable}`,
      family: kind.family,
      gender: 'plug',
      shielded: true,
      accepts: accepts(['coax'], {
        jacketMm: range(...jacket),
        insulationMm: range(...dielectric),
        conductorMm: range(...conductor),
      }),
      cuts: kind.cuts,
      contacts: ['C'],
      outline: kind.outline,
      impedanceOhm: kind.impedanceOhm,
      weatherproof: kind.weatherproof ?? false,
      dieMm: kind.family === 'coax-crimp' ? (dieMm ?? null) : null,
    });
  }),
);
