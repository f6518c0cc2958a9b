/**
 * A conductor's colour in the field's letters: the insulation, "-" and its stripe, where it has one;
 * ".2" for the second of that colour in one cable. "W-BL" is white with a blue stripe.
 */
export type ConductorId = string;

export interface Conductor {
  readonly id: ConductorId;
  readonly name: string;
  /** Screen and print paint of the insulation and of its stripe. */
  readonly base: string;
  readonly stripe: string | null;
}

/** The shield of a cable, where it is wired like a conductor. */
export const SHIELD: ConductorId = 'shield';

const PAINT: Readonly<Record<string, readonly [name: string, paint: string]>> = {
  W: ['white', '#fbfaf6'],
  BL: ['blue', '#2f6db5'],
  O: ['orange', '#e0812b'],
  G: ['green', '#3f9150'],
  BR: ['brown', '#8a5a3b'],
  S: ['slate', '#7d858c'],
  R: ['red', '#c23b34'],
  BK: ['black', '#2b2a28'],
  Y: ['yellow', '#e7c93a'],
  V: ['violet', '#7d5aa6'],
  GY: ['grey', '#9a9a96'],
  PK: ['pink', '#dd8fa5'],
  TQ: ['turquoise', '#3aa7a3'],
};

const NAMED: Readonly<Record<string, Conductor>> = {
  CU: { id: 'CU', name: 'centre conductor', base: '#c07a45', stripe: null },
  [SHIELD]: { id: SHIELD, name: 'shield', base: '#8f8a80', stripe: null },
};

const UNPAINTED = '#d8d2c4';

/** The letters that an own cable's cores can be written in. */
export const COLOUR_LETTERS: readonly string[] = Object.keys(PAINT);

const known = new Map<ConductorId, Conductor>(Object.entries(NAMED));

/** What a conductor looks like, from its letters; one without colours keeps its id as its name. */
export function conductor(id: ConductorId): Conductor {
  const found = known.get(id) ?? painted(id);
  known.set(id, found);
  return found;
}

function painted(id: ConductorId): Conductor {
  const [, base = '', stripe, count] = /^([A-Z]+)(?:-([A-Z]+))?(?:\.(\d+))?$/.exec(id) ?? [];
  const [ground, mark] = [PAINT[base], stripe ? PAINT[stripe] : null];
  if (!ground || mark === undefined) return { id, name: id, base: UNPAINTED, stripe: null };
  const name = [ground[0], ...(mark ? [mark[0]] : [])].join('-');
  return {
    id,
    name: count ? `${name} ${count}` : name,
    base: ground[1],
    stripe: mark ? mark[1] : null,
  };
}

/** A conductor as it lies in a cable: alone, or as one of a pair. */
export interface Core {
  readonly id: ConductorId;
  readonly pair: number | null;
  readonly member: 'tip' | 'ring' | null;
}

const single = (id: ConductorId): Core => ({ id, pair: null, member: null });
const twisted = (tip: ConductorId, ring: ConductorId, index: number): Core[] => [
  { id: tip, pair: index + 1, member: 'tip' },
  { id: ring, pair: index + 1, member: 'ring' },
];

/** Cores that lie side by side, by their letters. */
export const cores = (letters: string): Core[] => letters.split(' ').map(single);

/** Pairs by their letters, tip and ring joined by "/". */
export const pairs = (letters: string): Core[] =>
  letters.split(' ').flatMap((pair, index) => {
    const [tip = '', ring = ''] = pair.split('/');
    return twisted(tip, ring, index);
  });

/** Source: ANSI/TIA-568.2-D, colour code of 100-ohm four-pair cable; the tip has the white base. */
export const FOUR_PAIRS: readonly Core[] = pairs('W-BL/BL W-O/O W-G/G W-BR/BR');

const TIPS = ['W', 'R', 'BK', 'Y', 'V'];
const RINGS = ['BL', 'O', 'G', 'BR', 'S'];

/**
 * The first pairs of the 25-pair colour code, blue-white first.
 * Source: ANSI/ICEA S-80-576 (tips white, red, black, yellow, violet; rings blue, orange, green,
 * brown, slate).
 */
export function telephonePairs(count: number): Core[] {
  return TIPS.flatMap((tip) => RINGS.map((ring): [string, string] => [tip, ring]))
    .slice(0, count)
    .flatMap(([tip, ring], index) => twisted(`${tip}-${ring}`, `${ring}-${tip}`, index));
}

const TEN_COLOURS = ['BR', 'R', 'O', 'Y', 'G', 'BL', 'V', 'GY', 'W', 'BK'];

/** A ribbon in ten repeating colours, brown at the first edge. Source: IEC 60062, digits 1 to 9 and 0. */
export function ribbonCores(count: number): Core[] {
  return Array.from({ length: count }, (_, index) => {
    const colour = TEN_COLOURS[index % TEN_COLOURS.length] ?? '';
    const round = Math.floor(index / TEN_COLOURS.length);
    return single(round > 0 ? `${colour}.${round + 1}` : colour);
  });
}
