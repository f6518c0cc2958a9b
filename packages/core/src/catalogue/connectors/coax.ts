import type { Connector, ConnectorFamily, CutSize } from '../connector-row';
import type { OutlineId } from '../outline-row';
import { accepts, coaxCuts, part, range, type Span } from './row';

type CoaxSize = readonly [jacket: Span, dielectric: Span, conductor: Span, dieMm: number | null];

/**
 * Cable sizes that coaxial connectors are made for, in mm. Hexagonal dies as they are usually sold, across
 * the flats: 4.52 mm (0.178 in), 5.41 (0.213), 6.48 (0.255), 8.23 (0.324), 10.9 (0.429). The
 * connector's sheet names its own.
 */
const SIZES: Readonly<Record<string, CoaxSize>> = {
  'RG-174': [[2.5, 3], [1.4, 1.7], [0.4, 0.6], 4.52],
  'RG-58': [[4.8, 5.2], [2.8, 3.1], [0.8, 1], 5.41],
  'RG-59': [[5.9, 6.4], [3.5, 3.9], [0.5, 0.85], 6.48],
  'RG-8X': [[6, 6.4], [3.8, 4.1], [1.4, 1.6], 6.48],
  'RG-6': [[6.6, 7.2], [4.4, 4.8], [0.95, 1.1], 8.23],
  'RG-6 quad': [[7.3, 7.8], [4.4, 4.8], [0.95, 1.1], null],
  'RG-213': [[10, 10.6], [7, 7.5], [2.1, 2.4], 10.9],
  'RG-11': [[9.9, 10.5], [6.9, 7.3], [1.5, 1.75], null],
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
    sizes: ['RG-58', 'RG-174', 'RG-8X'],
  },
  {
    id: 'bnc-crimp-75',
    name: 'BNC plug, crimp, 75 ohm',
    family: 'coax-crimp',
    outline: 'bnc',
    impedanceOhm: 75,
    cuts: BNC_CUTS,
    sizes: ['RG-59', 'RG-6'],
  },
  {
    id: 'n-crimp-50',
    name: 'N plug, crimp, 50 ohm',
    family: 'coax-crimp',
    outline: 'n',
    impedanceOhm: 50,
    cuts: coaxCuts(24, 14, 6),
    sizes: ['RG-213', 'RG-58', 'RG-8X'],
    weatherproof: true,
  },
  {
    ...COMPRESSION,
    id: 'f-compression',
    name: 'F plug, compression',
    outline: 'f',
    impedanceOhm: 75,
    sizes: ['RG-6', 'RG-59', 'RG-6 quad', 'RG-11'],
  },
  {
    ...COMPRESSION,
    id: 'bnc-compression-75',
    name: 'BNC plug, compression, 75 ohm',
    outline: 'bnc',
    impedanceOhm: 75,
    sizes: ['RG-59', 'RG-6'],
  },
  {
    ...COMPRESSION,
    id: 'rca-compression',
    name: 'RCA plug, compression',
    outline: 'rca',
    impedanceOhm: 75,
    sizes: ['RG-59', 'RG-6'],
    weatherproof: false,
  },
  {
    id: 'f-screw-on',
    name: 'F plug, screw-on',
    family: 'coax-screw-on',
    outline: 'f',
    impedanceOhm: 75,
    cuts: QUARTER_INCH,
    sizes: ['RG-6', 'RG-59'],
  },
];

export const COAX_PARTS: readonly Connector[] = COAX_KINDS.flatMap((kind) =>
  kind.sizes.map((cable) => {
    const [jacket, dielectric, conductor, dieMm] = SIZES[cable] as CoaxSize;
    return part({
      id: `${kind.id}-${cable.toLowerCase().replace(' ', '-')}`,
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
      dieMm: kind.family === 'coax-crimp' ? dieMm : null,
    });
  }),
);
