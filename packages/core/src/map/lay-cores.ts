import { SHIELD, conductor, type Cable, type ConductorId, type Core } from '../catalogue';
import type { End } from '../link';
import { assign } from './assign';
import { disturbs } from './disturb';
import { crossesOver, rowsOf } from './nets';
import type { Port, PortContact } from './port';
import { meaningOf } from './signal';
import { ribbonCores } from './ribbon-cores';
import type { Finding, MeasuredCore, Net, SolveOptions } from './solution';

type Kind = 'supply' | 'ground' | 'signal';

/** Insulation that is kept for protective earth: green with yellow. Source: IEC 60445, 6.3.2. */
const PROTECTIVE_EARTH = ['G-Y', 'Y-G'];

/** From warm to cold: the first that a cable has carries the supply. */
const WARM = ['R', 'O', 'PK', 'BR', 'Y', 'R-W', 'W-R'];
const DARK = ['BK', 'BL', 'GY', 'S', 'BK-W'];

/** Cores in the order in which a kind of net takes them. What is not listed comes after. */
const WANTED: Readonly<Record<Kind, readonly string[]>> = {
  supply: WARM,
  ground: DARK,
  signal: [],
};

const bare = (id: ConductorId): string => id.replace(/\.\d+$/, '');

/** What a core costs for a kind of net; a protective-earth colour is never a signal's, nor a supply's. */
function colourCost(kind: Kind, id: ConductorId): number {
  const colour = bare(id);
  if (PROTECTIVE_EARTH.includes(colour)) return kind === 'ground' ? 8 : FORBIDDEN;
  const rank = WANTED[kind].indexOf(colour);
  if (kind !== 'signal') return rank >= 0 ? rank : 20;
  // Signals leave the supply's and the ground's colours to them.
  return colour === 'R' || colour === 'BK' ? 12 : 4;
}

const FORBIDDEN = 1000;

interface Wanted {
  readonly index: number;
  readonly rows: readonly PortContact[];
  readonly kind: Kind;
}

const kindOf = (rows: readonly PortContact[]): Kind =>
  rows.some(({ role }) => role === 'supply')
    ? 'supply'
    : rows.some(({ role, partner }) => role === 'ground' && partner === null)
      ? 'ground'
      : 'signal';

/** Nets whose two wires belong together, by their places in the list. */
function pairsAmong(wanted: readonly Wanted[]): (readonly [Wanted, Wanted])[] {
  const found: (readonly [Wanted, Wanted])[] = [];
  for (const a of wanted)
    for (const b of wanted)
      if (
        a.index < b.index &&
        a.rows.some((row) =>
          b.rows.some((other) => row.partner === other.contact && other.partner === row.contact),
        )
      )
        found.push([a, b]);
  return found;
}

export interface LaidCores {
  readonly nets: readonly Net[];
  readonly findings: readonly Finding[];
}

/**
 * Gives every net that crosses over a core: pairs to differential signals first, then a pair for supply
 * and ground where one is left, then colours by what they are used to mean. Measured cores are taken as
 * they are, with both their colours; a ribbon's by the connector that is pressed on.
 */
export function layCores(
  nets: readonly Net[],
  ports: Readonly<Record<End, Port>>,
  cable: Cable | null,
  { measured: told, unused }: Pick<SolveOptions, 'measured' | 'unused'>,
): LaidCores {
  const measured = withOthers(told, cable);
  const cores: readonly Core[] =
    measured.length > 0 ? measured.map((row) => known(row.near, cable)) : (cable?.cores ?? []);
  if (cores.length === 0) return { nets, findings: [] };
  const wanted = nets.flatMap((net, index): Wanted[] => {
    if (!crossesOver(net)) return [];
    const { near, far } = rowsOf(net, ports);
    const rows = [...near, ...far];
    return [{ index, rows, kind: kindOf(rows) }];
  });
  const free = new Set(cores);
  const given = new Map<number, Core>();
  const give = (net: Wanted, core: Core) => {
    given.set(net.index, core);
    free.delete(core);
  };
  const pressed = measured.length > 0 ? new Map<number, Core>() : ribbonCores(nets, ports, cable);
  for (const net of wanted) {
    const core = pressed.get(net.index);
    if (core) give(net, core);
  }
  for (const [a, b] of pairsAmong(wanted)) {
    const pair = freePair(free);
    if (!pair || given.has(a.index) || given.has(b.index)) continue;
    const swap = meaningOf(a.rows[0]?.signal ?? '').mark;
    const turned = swap === '-' || swap === 'B';
    give(a, turned ? pair[1] : pair[0]);
    give(b, turned ? pair[0] : pair[1]);
  }
  givePairToSupply(
    wanted.filter(({ index }) => !given.has(index)),
    free,
    give,
  );
  spread(
    wanted.filter(({ index }) => !given.has(index)),
    [...free],
    given,
    give,
  );
  const farOf = new Map(measured.map((row) => [row.near, row.far]));
  const laid = nets.map((net, index): Net => {
    const core = given.get(index);
    if (!core) return net;
    const farCore = farOf.get(core.id);
    return farCore === undefined || farCore === core.id
      ? { ...net, core: core.id }
      : { ...net, core: core.id, farCore };
  });
  return { nets: laid, findings: findingsOf(laid, wanted, given, cores, unused) };
}

/**
 * Cores as they were measured, with those that nobody measured as the cable's colours have them. Where two
 * ends are left over and differ, they are one core: nothing else is left for either.
 */
function withOthers(
  measured: readonly MeasuredCore[],
  cable: Cable | null,
): readonly MeasuredCore[] {
  if (measured.length === 0 || !cable) return measured;
  const ids = cable.cores.map(({ id }) => id);
  const left = (end: End) => ids.filter((id) => !measured.some((core) => core[end] === id));
  const [near, far] = [left('near'), left('far')];
  const same = near.filter((id) => far.includes(id));
  const [restNear, restFar] = [near, far].map((list) => list.filter((id) => !same.includes(id)));
  const alone =
    restNear?.length === 1 && restFar?.length === 1 && restNear[0] && restFar[0]
      ? [{ near: restNear[0], far: restFar[0] }]
      : [];
  return [...measured, ...same.map((id) => ({ near: id, far: id })), ...alone];
}

const known = (id: ConductorId, cable: Cable | null): Core =>
  cable?.cores.find((core) => core.id === id) ?? { id, pair: null, member: null };

function freePairs(free: ReadonlySet<Core>): (readonly [Core, Core])[] {
  return [...free].flatMap((tip) => {
    if (tip.pair === null || tip.member !== 'tip') return [];
    const ring = [...free].find((core) => core.pair === tip.pair && core.member === 'ring');
    return ring ? [[tip, ring] as const] : [];
  });
}

const freePair = (free: ReadonlySet<Core>) => freePairs(free)[0] ?? null;

/** A supply and its ground share a pair, the warmest that is left; but red and black go before that. */
function givePairToSupply(
  wanted: readonly Wanted[],
  free: ReadonlySet<Core>,
  give: (net: Wanted, core: Core) => void,
): void {
  const supply = wanted.find(({ kind }) => kind === 'supply');
  const ground = wanted.find(({ kind }) => kind === 'ground');
  if (!supply || !ground || [...free].some(({ id }) => bare(id) === 'R')) return;
  const warmth = ({ id }: Core) => colourCost('supply', id);
  const [pair] = freePairs(free)
    .map((both) => [...both].sort((a, b) => warmth(a) - warmth(b)))
    .sort(([a], [b]) => (a && b ? warmth(a) - warmth(b) : 0));
  const [warm, cold] = pair ?? [];
  if (!warm || !cold) return;
  give(supply, warm);
  give(ground, cold);
}

/**
 * Single nets by the cheapest colours, clock and data never on one pair: each that clashes is swapped
 * for the first that does not.
 */
function spread(
  wanted: readonly Wanted[],
  cores: readonly Core[],
  given: ReadonlyMap<number, Core>,
  give: (net: Wanted, core: Core) => void,
): void {
  if (wanted.length === 0 || cores.length === 0) return;
  const cost = (net: Wanted, core: Core) => Math.min(colourCost(net.kind, core.id), FORBIDDEN);
  // The order of the cable breaks equal costs, so that the same task gives the same colours.
  const costs = wanted.map((net, i) =>
    cores.map((core, j) => {
      const colour = cost(net, core);
      return colour >= FORBIDDEN ? FORBIDDEN * 100 : colour * 100 + Math.abs(i - j);
    }),
  );
  const { columns } = assign(costs, FORBIDDEN * 100);
  const chosen = new Map<Wanted, Core>();
  columns.forEach((column, row) => {
    const [net, core] = [wanted[row], column === null ? undefined : cores[column]];
    if (net && core) chosen.set(net, core);
  });
  untwist(chosen, cores);
  for (const [net, core] of chosen) if (!given.has(net.index)) give(net, core);
}

function untwist(chosen: Map<Wanted, Core>, cores: readonly Core[]): void {
  const clashes = () => {
    const list = [...chosen];
    return list.flatMap(([net, core]) =>
      list.some(
        ([other, mate]) =>
          other !== net &&
          core.pair !== null &&
          mate.pair === core.pair &&
          disturbs(net.rows, other.rows),
      ) && net.kind === 'signal'
        ? [net]
        : [],
    );
  };
  for (const net of clashes()) {
    if (!clashes().includes(net)) continue;
    const own = chosen.get(net);
    if (!own) continue;
    const holder = (core: Core) => [...chosen].find(([, other]) => other === core)?.[0];
    const before = clashes().length;
    for (const core of cores) {
      const other = holder(core);
      if (core === own || (other && other.kind !== 'signal')) continue;
      if (colourCost(net.kind, core.id) >= FORBIDDEN) continue;
      chosen.set(net, core);
      if (other) chosen.set(other, own);
      if (clashes().length < before) break;
      chosen.set(net, own);
      if (other) chosen.set(other, core);
    }
  }
}

function findingsOf(
  nets: readonly Net[],
  wanted: readonly Wanted[],
  given: ReadonlyMap<number, Core>,
  cores: readonly Core[],
  unused: SolveOptions['unused'],
): Finding[] {
  const missing = wanted.filter(({ index }) => !given.has(index));
  const used = new Set([...given.values()].map(({ id }) => id));
  const spare = cores.filter(({ id }) => id !== SHIELD && !used.has(id));
  const one = spare.length === 1;
  const findings: Finding[] = [];
  if (missing.length > 0) {
    const lacking = missing.flatMap(({ index }) => nets[index] ?? []);
    findings.push({
      severity: 'stop',
      kind: 'too-few-cores',
      near: lacking.flatMap((net) => net.near),
      far: lacking.flatMap((net) => net.far),
      sentence: `${wanted.length} cores are needed and the cable has ${cores.length} that may be used: ${lacking
        .map(({ signal }) => signal)
        .join(', ')} would have none.`,
      remedy: `Take a cable with ${wanted.length} cores or more. Green with yellow stays free for protective earth.`,
    });
  }
  if (spare.length > 0)
    findings.push({
      severity: 'note',
      kind: 'spare-cores',
      sentence: `${one ? 'One core stays' : `${spare.length} cores stay`} unused: ${spare
        .map(({ id }) => conductor(id).name)
        .join(', ')}. ${
        unused === 'cut'
          ? `Cut ${one ? 'it' : 'them'} back at both ends, staggered.`
          : one
            ? 'Keep it long, fold it back and insulate it at both ends.'
            : 'Keep them long, fold them back and insulate each at both ends.'
      }`,
    });
  return findings;
}
