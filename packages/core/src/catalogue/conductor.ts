/**
 * The eight conductors of a four-pair cable.
 * Source: ANSI/TIA-568.2-D, colour code for 100-ohm four-pair cable; `tip` is the conductor with
 * the white base, `ring` its partner.
 */
export type ConductorId = 'W-BL' | 'BL' | 'W-O' | 'O' | 'W-G' | 'G' | 'W-BR' | 'BR';

export type PairNumber = 1 | 2 | 3 | 4;

export interface Conductor {
  readonly id: ConductorId;
  readonly name: string;
  readonly pair: PairNumber;
  readonly member: 'tip' | 'ring';
  /** Screen and print paint of the insulation and of its stripe. */
  readonly base: string;
  readonly stripe: string | null;
}

const PAINT = { blue: '#2f6db5', orange: '#e0812b', green: '#3f9150', brown: '#8a5a3b' } as const;
const WHITE = '#fbfaf6';

function twistedPair(pair: PairNumber, colour: keyof typeof PAINT, letters: string): Conductor[] {
  return [
    {
      id: `W-${letters}` as ConductorId,
      name: `white-${colour}`,
      pair,
      member: 'tip',
      base: WHITE,
      stripe: PAINT[colour],
    },
    {
      id: letters as ConductorId,
      name: colour,
      pair,
      member: 'ring',
      base: PAINT[colour],
      stripe: null,
    },
  ];
}

export const CONDUCTORS: readonly Conductor[] = [
  ...twistedPair(1, 'blue', 'BL'),
  ...twistedPair(2, 'orange', 'O'),
  ...twistedPair(3, 'green', 'G'),
  ...twistedPair(4, 'brown', 'BR'),
];

const BY_ID = new Map(CONDUCTORS.map((conductor) => [conductor.id, conductor]));

export function conductor(id: ConductorId): Conductor {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No conductor ${id}`);
  return found;
}
