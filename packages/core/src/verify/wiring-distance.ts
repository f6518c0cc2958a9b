import { CONTACTS, pairAt, scheme, type Contact, type SchemeId } from '../catalogue';

/** Near contact to far contact, one to one. */
export type WireMap = ReadonlyMap<Contact, Contact>;

/** A plug held upside down reaches contact 9 - n with conductor n; the shield stays where it is. */
export function flipped(contact: Contact): Contact {
  return contact === 'S' ? 'S' : (String(9 - Number(contact)) as Contact);
}

/** A permutation of contacts by their place in CONTACTS. */
type Permutation = readonly number[];

const place = (contact: Contact): number => (contact === 'S' ? 8 : Number(contact) - 1);
const IDENTITY: Permutation = CONTACTS.map(place);
const TURNED: Permutation = CONTACTS.map((contact) => place(flipped(contact)));

/**
 * The fewest slips that turn the intended map into this one, where a slip swaps two conductors,
 * crosses two pairs (tip to tip) or turns a plug upside down. Shortest over every start of up to
 * two whole-pair slips, then swaps: a permutation with c cycles over n items takes n - c swaps.
 */
export function wiringDistance(map: WireMap, intended: WireMap, farScheme: SchemeId): number {
  const [is, should] = [permutationOf(map), permutationOf(intended)];
  const back = inverse(should);
  const displacement = compose(back, is);
  const direct = swapsAfter(displacement, IDENTITY);
  if (direct <= 1) return direct;
  const nearTurned = compose(compose(back, TURNED), should);
  const slips = [...CROSSINGS[farScheme], TURNED, nearTurned];
  let best = direct;
  for (const first of slips) {
    best = Math.min(best, 1 + swapsAfter(displacement, first));
    if (best <= 2) continue;
    const once = compose(displacement, first);
    for (const second of slips) best = Math.min(best, 2 + swapsAfter(once, second));
  }
  return best;
}

/** Every crossing of two pairs, tip to tip and ring to ring. */
const CROSSINGS: Readonly<Record<SchemeId, readonly Permutation[]>> = {
  T568A: crossingsOf('T568A'),
  T568B: crossingsOf('T568B'),
};

function crossingsOf(id: SchemeId): Permutation[] {
  const { pairs } = scheme(id);
  return pairs.flatMap((a, index) =>
    pairs.slice(index + 1).map((b) => {
      const crossed = [...IDENTITY];
      for (const [from, to] of [
        [a.tip, b.tip],
        [a.ring, b.ring],
      ] as const) {
        crossed[place(from)] = place(to);
        crossed[place(to)] = place(from);
      }
      return crossed;
    }),
  );
}

function permutationOf(map: WireMap): Permutation {
  const places = [...IDENTITY];
  for (const [near, far] of map) places[place(near)] = place(far);
  return places;
}

function inverse(permutation: Permutation): Permutation {
  const back = [...permutation];
  permutation.forEach((to, from) => (back[to] = from));
  return back;
}

function compose(first: Permutation, then: Permutation): Permutation {
  const both: number[] = [];
  for (const to of first) both.push(then[to] as number);
  return both;
}

/** The swaps that make up one permutation followed by another. */
function swapsAfter(first: Permutation, then: Permutation): number {
  let seen = 0;
  let swaps = first.length;
  for (let start = 0; start < first.length; start += 1) {
    if (seen & (1 << start)) continue;
    swaps -= 1;
    for (let at = start; !(seen & (1 << at)); at = then[first[at] as number] as number)
      seen |= 1 << at;
  }
  return swaps;
}

/** The cycles of a permutation, those of one item included. */
export function cyclesOf(permutation: WireMap): Contact[][] {
  const seen = new Set<Contact>();
  const cycles: Contact[][] = [];
  for (const start of permutation.keys()) {
    if (seen.has(start)) continue;
    const cycle: Contact[] = [];
    for (let at = start; !seen.has(at); at = permutation.get(at) as Contact) {
      seen.add(at);
      cycle.push(at);
    }
    cycles.push(cycle);
  }
  return cycles;
}

/** Whether the conductors of a near pair arrive together at the contacts of one far pair. */
export function pairArrival(
  map: WireMap,
  near: { readonly tip: Contact; readonly ring: Contact },
  farScheme: SchemeId,
) {
  const [tip, ring] = [map.get(near.tip) as Contact, map.get(near.ring) as Contact];
  const pair = pairAt(farScheme, tip);
  if (!pair || pairAt(farScheme, ring) !== pair) return null;
  return { number: pair.number, reversed: pair.tip !== tip };
}
