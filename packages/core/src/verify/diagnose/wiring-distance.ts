import { SHELL, type Contact } from '../../catalogue';
import { pairAt, pairsOf, turnedContact, type EndWiring, type Wiring } from '../../link';

/** Near contact to far contact, one to one. */
export type WireMap = ReadonlyMap<Contact, Contact>;

/** A permutation of a link's conductors by their place among the intended ones. */
type Permutation = readonly number[];

/** How far a map is from the intended one, in slips. */
export type Distance = (map: WireMap) => number;

/**
 * Measures the fewest slips that turn the intended map into another, where a slip swaps two
 * conductors, crosses two pairs (tip to tip) or turns a connector the wrong way round. Shortest over
 * every start of up to two whole slips, then swaps: a permutation with c cycles over n items takes
 * n - c swaps.
 */
export function wiringDistance(wiring: Wiring, intended: WireMap): Distance {
  const nears = [...intended.keys()];
  const placeOfFar = new Map([...intended.values()].map((far, place) => [far, place]));
  const permutationOf = (map: WireMap): Permutation =>
    nears.map((near, place) => placeOfFar.get(map.get(near) ?? '') ?? place);
  const identity = permutationOf(intended);
  const turns = turnedMaps(wiring, intended).map(permutationOf);
  const slips = [...crossingsOf(wiring.far, placeOfFar), ...turns];
  return (map) => {
    const displacement = permutationOf(map);
    const direct = swapsAfter(displacement, identity);
    if (direct <= 1) return direct;
    let best = direct;
    for (const first of slips) {
      best = Math.min(best, 1 + swapsAfter(displacement, first));
      if (best <= 2) continue;
      const once = compose(displacement, first);
      for (const second of slips) best = Math.min(best, 2 + swapsAfter(once, second));
    }
    return best;
  };
}

/** The maps of a link that is right but for one connector that is on the wrong way round: far, near. */
export function turnedMaps({ near, far }: Wiring, intended: WireMap): WireMap[] {
  const fars = new Set(intended.values());
  const permutes = (map: WireMap) =>
    new Set(map.values()).size === fars.size && [...map.values()].every((to) => fars.has(to));
  const turnedFar = () =>
    new Map([...intended].map(([from, to]) => [from, turnedContact(far, to)]));
  const turnedNear = () =>
    new Map(
      [...intended.keys()].map((from) => [from, intended.get(turnedContact(near, from)) ?? '']),
    );
  return [...(far.turns ? [turnedFar()] : []), ...(near.turns ? [turnedNear()] : [])].filter(
    permutes,
  );
}

/** Every crossing of two pairs, tip to tip and ring to ring. */
function crossingsOf(far: EndWiring, placeOf: ReadonlyMap<Contact, number>): Permutation[] {
  const pairs = pairsOf(far).flatMap(({ tip, ring }) => {
    const [a, b] = [placeOf.get(tip), placeOf.get(ring)];
    return a === undefined || b === undefined ? [] : [[a, b] as const];
  });
  return pairs.flatMap((one, index) =>
    pairs.slice(index + 1).map((other) => {
      const crossed = [...placeOf.values()];
      one.forEach((from, member) => {
        const to = other[member] as number;
        [crossed[from], crossed[to]] = [to, from];
      });
      return crossed;
    }),
  );
}

function compose(first: Permutation, then: Permutation): Permutation {
  const both: number[] = [];
  for (const to of first) both.push(then[to] as number);
  return both;
}

/** The swaps that make up one permutation followed by another. */
function swapsAfter(first: Permutation, then: Permutation): number {
  const seen = new Uint8Array(first.length);
  let swaps = first.length;
  for (let start = 0; start < first.length; start += 1) {
    if (seen[start]) continue;
    swaps -= 1;
    for (let at = start; !seen[at]; at = then[first[at] as number] as number) seen[at] = 1;
  }
  return swaps;
}

/** The cycles of a permutation, those of one item included; where it is none, its chains as well. */
export function cyclesOf(
  permutation: ReadonlyMap<Contact, Contact | undefined>,
): readonly (readonly Contact[])[] {
  const seen = new Set<Contact>();
  const cycles: Contact[][] = [];
  const reached = new Set(permutation.values());
  // Chains from their beginnings, then what closes.
  const starts = [...permutation.keys()].sort(
    (a, b) => Number(reached.has(a)) - Number(reached.has(b)),
  );
  for (const start of starts) {
    const cycle: Contact[] = [];
    let at: Contact | undefined = start;
    while (at !== undefined && permutation.has(at) && !seen.has(at)) {
      seen.add(at);
      cycle.push(at);
      at = permutation.get(at);
    }
    if (cycle.length > 0) cycles.push(cycle);
  }
  return cycles;
}

/** Whether the conductors of a near pair arrive together at the contacts of one far pair. */
export function pairArrival(
  map: WireMap,
  near: { readonly tip: Contact; readonly ring: Contact },
  far: EndWiring,
) {
  const [tip, ring] = [map.get(near.tip), map.get(near.ring)];
  const pair = tip === undefined ? null : pairAt(far, tip);
  if (!pair || ring === undefined || pairAt(far, ring) !== pair) return null;
  return { number: pair.number, reversed: pair.tip !== tip };
}

/** The wires of a map, without the shield. */
export function wiresOf(map: WireMap): Contact[] {
  return [...map.keys()].filter((contact) => contact !== SHELL);
}
