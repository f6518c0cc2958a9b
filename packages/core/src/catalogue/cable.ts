import { awgDiameterMm } from './awg';

export interface Cable {
  readonly id: string;
  readonly name: string;
  readonly category: '5e' | '6' | '6A';
  readonly stranding: 'solid' | 'stranded';
  readonly shield: 'none' | 'foil';
  readonly gaugeAwg: number;
  readonly conductorMm: number;
  readonly insulationMm: number;
  readonly jacketMm: number;
  /** Nominal, ANSI/TIA-568.2-D. */
  readonly impedanceOhm: 100;
  readonly environment: 'indoor';
  /** True while the sizes are starting values: the maker's data sheet decides. */
  readonly generic: true;
}

/**
 * Sizes are generic starting values in mm; categories and nominal impedance follow
 * ANSI/TIA-568.2-D, names ISO/IEC 11801-1 annex E (U/UTP: no shield; F/UTP: one overall foil).
 */
const ROWS = [
  ['5e', 'solid', 'none', 24, 0.92, 5.2],
  ['5e', 'solid', 'foil', 24, 1.0, 6.0],
  ['5e', 'stranded', 'none', 24, 0.98, 5.4],
  ['5e', 'stranded', 'foil', 26, 0.98, 5.8],
  ['6', 'solid', 'none', 23, 1.02, 6.2],
  ['6', 'solid', 'foil', 23, 1.1, 7.2],
  ['6', 'stranded', 'none', 24, 1.02, 6.0],
  ['6', 'stranded', 'foil', 26, 1.0, 6.0],
  ['6A', 'solid', 'none', 23, 1.12, 7.6],
  ['6A', 'solid', 'foil', 23, 1.2, 7.6],
  ['6A', 'stranded', 'none', 26, 1.0, 6.2],
  ['6A', 'stranded', 'foil', 26, 1.02, 6.2],
] as const;

export const CABLES: readonly Cable[] = ROWS.map(
  ([category, stranding, shield, gaugeAwg, insulationMm, jacketMm]) => {
    const screen = shield === 'foil' ? 'F/UTP' : 'U/UTP';
    return {
      id: `cat${category}-${screen.replace('/', '')}-${stranding}`.toLowerCase(),
      name: `Cat ${category} ${screen} ${stranding}`,
      category,
      stranding,
      shield,
      gaugeAwg,
      conductorMm: awgDiameterMm(gaugeAwg),
      insulationMm,
      jacketMm,
      impedanceOhm: 100,
      environment: 'indoor',
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
