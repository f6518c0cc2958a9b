import { SHELL, type ConductorId, type Contact } from '../../catalogue';
import type { End, Reading, Wiring } from '../../link';
import { coresOf, madeWith, type Spot } from '../circuit/made';
import type { Fault } from '../fault';
import { changes } from '../faults';

export interface Partitions {
  readonly of: (faults: readonly Fault[]) => string;
  /** The same text of what a wire-map tester showed. */
  readonly ofNets: (nets: Reading) => string;
  /** The place of each contact in that text, by the name of its node. */
  readonly places: ReadonlyMap<string, number>;
}

/** What one fault does to the joints of a link, in numbers of its places. */
interface Effect {
  /** Contacts that take the core of another: to, from. */
  readonly moved: readonly (readonly [number, number])[];
  /** Cores that change places at both ends. */
  readonly exchanged: readonly (readonly [number, number])[];
  readonly broken: readonly { readonly core: number; readonly near: boolean }[];
  readonly joined: readonly (readonly [number, number])[];
}

const NONE = -1;

/**
 * Which contacts of a link are joined under faults, as a text in which equal partitions are equal. The
 * same as the nets of the link that is made with them, some hundred times faster: it is asked for every
 * set of faults that a search looks at.
 */
export function partitions(wiring: Wiring): Partitions {
  const good = coresOf(wiring);
  const contacts = (['near', 'far'] as const).flatMap((end) =>
    [...new Set([...good[end].keys(), SHELL])].map((contact) => ({ end, contact })),
  );
  const place = new Map(contacts.map(({ end, contact }, index) => [`${end}:${contact}`, index]));
  const cores = [...new Set([...good.near.values(), ...good.far.values()])];
  const coreIndex = new Map(cores.map((core, index) => [core, index]));
  const count = contacts.length;
  const nearCount = contacts.filter(({ end }) => end === 'near').length;
  const coreOf = Int16Array.from(contacts, ({ end, contact }) => {
    const core = good[end].get(contact);
    return core === undefined ? NONE : (coreIndex.get(core) as number);
  });
  const at = (end: End, contact: Contact) => place.get(`${end}:${contact}`) ?? NONE;
  const inside = (core: ConductorId) => count + (coreIndex.get(core) ?? 0);

  const effects = new WeakMap<Fault, Effect>();
  const effectOf = (fault: Fault): Effect => {
    const known = effects.get(fault) ?? work(fault);
    effects.set(fault, known);
    return known;
  };
  const node = (spot: Spot) =>
    spot.place === 'cable' ? inside(spot.core) : at(spot.place, spot.contact);

  /** The effect of a fault, read off the link that it alone makes. */
  function work(fault: Fault): Effect {
    const made = madeWith(wiring, [fault]);
    const moves = contacts.flatMap(({ end, contact }, to): [number, number][] => {
      const core = made.cores[end].get(contact);
      const from = contacts.findIndex(
        (other) => other.end === end && core !== undefined && good[end].get(other.contact) === core,
      );
      if (core === undefined) return coreOf[to] === NONE ? [] : [[to, NONE]];
      return from === to ? [] : [[to, from]];
    });
    const split = changes(fault, 'is-exchanged');
    const changed = moves.filter(([to]) => to < nearCount);
    return {
      moved: split ? [] : moves,
      exchanged:
        split && changed[0] ? [[coreOf[changed[0][0]] ?? NONE, coreOf[changed[0][1]] ?? NONE]] : [],
      broken: changes(fault, 'is-broken')
        ? made.broken.map((spot) => ({
            core: coreIndex.get(spot.core) as number,
            near: spot.place === 'near',
          }))
        : [],
      joined: made.joints.map(([a, b]) => [node(a), node(b)] as const),
    };
  }

  const now = new Int16Array(count);
  const before = new Int16Array(count);
  const parent = new Int16Array(count + cores.length);
  const cutNear = new Uint8Array(cores.length);
  const cutFar = new Uint8Array(cores.length);
  const root = (item: number): number => {
    let up = item;
    while (parent[up] !== up) up = parent[up] as number;
    return up;
  };
  const join = (a: number, b: number) => {
    const [one, other] = [root(a), root(b)];
    // The lower number leads, so that equal partitions are written alike.
    if (one !== other) parent[Math.max(one, other)] = Math.min(one, other);
  };

  const of = (faults: readonly Fault[]): string => {
    now.set(coreOf);
    cutNear.fill(0);
    cutFar.fill(0);
    for (let index = 0; index < parent.length; index += 1) parent[index] = index;
    for (const fault of faults) {
      const { moved, exchanged, broken, joined } = effectOf(fault);
      if (moved.length > 0) {
        before.set(now);
        for (const [to, from] of moved) now[to] = from === NONE ? NONE : (before[from] as number);
      }
      for (const [one, other] of exchanged)
        for (let index = 0; index < count; index += 1)
          if (now[index] === one) now[index] = other;
          else if (now[index] === other) now[index] = one;
      for (const { core, near } of broken) (near ? cutNear : cutFar)[core] = 1;
      for (const [a, b] of joined) if (a >= 0 && b >= 0) join(a, b);
    }
    for (let index = 0; index < count; index += 1) {
      const core = now[index] as number;
      if (core !== NONE && !(index < nearCount ? cutNear : cutFar)[core]) join(index, count + core);
    }
    let text = '';
    for (let index = 0; index < count; index += 1) text += String.fromCharCode(root(index));
    return text;
  };
  const ofNets = (nets: Reading): string => {
    const labels = contacts.map((_, index) => index);
    for (const { near, far } of nets) {
      const members = [
        ...near.map((contact) => at('near', contact)),
        ...far.map((contact) => at('far', contact)),
      ].filter((index) => index !== NONE);
      for (const index of members) labels[index] = Math.min(...members);
    }
    return String.fromCharCode(...labels);
  };
  return { of, ofNets, places: place };
}
