import { awgDiameterMm } from './awg';

/** What a four-pair cable may hold between its jacket and its conductors. */
export type CablePart = 'foil' | 'braid' | 'pair-foil' | 'gel' | 'inner-jacket';

export interface Cable {
  readonly id: string;
  readonly name: string;
  readonly category: '5e' | '6' | '6A';
  readonly stranding: 'solid' | 'stranded';
  readonly shield: 'none' | 'foil' | 'braid';
  /** From the outside in. */
  readonly parts: readonly CablePart[];
  readonly gaugeAwg: number;
  readonly conductorMm: number;
  readonly insulationMm: number;
  readonly jacketMm: number;
  /** Nominal, ANSI/TIA-568.2-D. */
  readonly impedanceOhm: 100;
  readonly environment: 'indoor' | 'outdoor' | 'burial';
  /** True while the sizes are starting values: the maker's data sheet decides. */
  readonly generic: true;
}

/** How the layers make up a cable's kind, and what it is called. */
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
  outdoor: {
    screen: 'U/UTP',
    shield: 'none',
    parts: ['gel'],
    environment: 'outdoor',
    suffix: ', outdoor',
  },
  burial: {
    screen: 'F/UTP',
    shield: 'foil',
    parts: ['inner-jacket', 'gel', 'foil'],
    environment: 'burial',
    suffix: ', direct burial',
  },
} as const;

/**
 * Sizes are generic starting values in mm; categories and nominal impedance follow
 * ANSI/TIA-568.2-D, names ISO/IEC 11801-1 annex E (U/UTP: no shield; F/UTP: one overall foil;
 * S/FTP: an overall braid and a foil around each pair).
 */
const ROWS = [
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
  ['5e', 'solid', 'outdoor', 24, 0.98, 6.4],
  ['6', 'solid', 'outdoor', 23, 1.05, 7.0],
  ['6', 'solid', 'burial', 23, 1.12, 8.8],
] as const;

export const CABLES: readonly Cable[] = ROWS.map(
  ([category, stranding, kindId, gaugeAwg, insulationMm, jacketMm]) => {
    const { screen, suffix, ...kind } = KINDS[kindId];
    const place = kind.environment === 'indoor' ? '' : `-${kind.environment}`;
    return {
      id: `cat${category}-${screen.replace('/', '')}-${stranding}${place}`.toLowerCase(),
      name: `Cat ${category} ${screen} ${stranding}${suffix}`,
      category,
      stranding,
      ...kind,
      gaugeAwg,
      conductorMm: awgDiameterMm(gaugeAwg),
      insulationMm,
      jacketMm,
      impedanceOhm: 100,
      generic: true,
    };
  },
);

export type CableId = string;

const BY_ID = new Map(CABLES.map((row) => [row.id, row]));

export function findCable(id: CableId): Cable | undefined {
  return BY_ID.get(id);
}

export function cable(id: CableId): Cable {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No cable ${id}`);
  return found;
}
