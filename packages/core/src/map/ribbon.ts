import {
  compareContacts,
  describeView,
  faceContacts,
  outline,
  ribbonOrder,
  type Contact,
  type OutlineRef,
} from '../catalogue';

import type { End } from '../link';
import { formatCut, type UnitSystem } from '../units';
import { ownConnector } from './adapter';
import { pressedEnd } from './ribbon-cores';
import type { Solution } from './solution';
import type { MapTask } from './solve';

/** Cores of a flat ribbon lie 1.27 mm apart, half the grid of 2.54 mm that its connectors have. */
export const RIBBON_PITCH_MM = 1.27;

/** Generic: how steeply a peeled core may leave the ribbon, and the least that hands can work on. */
const STEEPEST_DEG = 30;
const LEAST_PEEL_MM = 15;

export interface RibbonEnd {
  readonly connector: OutlineRef;
  readonly gender: 'plug' | 'socket';
}

export interface RibbonTask {
  /** The connector that is pressed on: its order is fixed. */
  readonly pressed: RibbonEnd;
  /** The connector whose slots are filled one by one. */
  readonly slotted: RibbonEnd;
  /** Contacts of either end that are one net; cores of a net may take any of its slots. */
  readonly nets: readonly {
    readonly pressed: readonly Contact[];
    readonly slotted: readonly Contact[];
  }[];
  /** In which sentences speak of sizes. */
  readonly units?: UnitSystem;
}

/** One core, from the pressed contact to its slot. */
export interface RibbonWire {
  /** From the marked edge, from 1. */
  readonly core: number;
  readonly pressed: Contact;
  /** Null where it is cut back and insulated. */
  readonly slot: Contact | null;
  /** It carries nothing and only fills a slot. */
  readonly filler: boolean;
  readonly fromMm: number;
  readonly toMm: number | null;
}

export interface RibbonLayout {
  readonly wires: readonly RibbonWire[];
  /** Slots from the marked edge, as the ribbon lies on the bench. */
  readonly slots: readonly Contact[];
  readonly emptySlots: readonly Contact[];
  readonly crossings: number;
  /** Whether contact 1 of the slotted connector lies away from the marked edge. */
  readonly turned: boolean;
  readonly peelMm: number;
  readonly sentences: readonly string[];
}

interface Run {
  /** Places from the marked edge, from 0. */
  readonly core: number;
  readonly slot: number;
  readonly filler: boolean;
}

const crossingsOf = (runs: readonly Run[]): number => {
  let count = 0;
  runs.forEach((a, i) => {
    for (const b of runs.slice(i + 1)) if ((a.core - b.core) * (a.slot - b.slot) < 0) count += 1;
  });
  return count;
};

/** Every choice of k of these, in order. */
function subsets(of: readonly number[], size: number): number[][] {
  if (size === 0) return [[]];
  return of.flatMap((first, index) =>
    subsets(of.slice(index + 1), size - 1).map((rest) => [first, ...rest]),
  );
}

/** Beyond this many ways to choose among equal contacts, the first of each net are taken. */
const MOST_CHOICES = 2000;

/**
 * Cores and slots of each net, the surplus left out in every way. Within a net they never cross: two that
 * do can change slots, which takes that crossing away and adds none.
 */
function netChoices(nets: readonly { cores: number[]; slots: number[] }[]): Run[][] {
  const each = nets.map(({ cores, slots }) => {
    const size = Math.min(cores.length, slots.length);
    return subsets(cores, size).flatMap((from) =>
      subsets(slots, size).map((to) =>
        from.map((core, index): Run => ({ core, slot: to[index] ?? 0, filler: false })),
      ),
    );
  });
  const count = each.reduce((product, ways) => product * ways.length, 1);
  const taken = count > MOST_CHOICES ? each.map((ways) => ways.slice(0, 1)) : each;
  return taken.reduce<Run[][]>(
    (all, ways) => all.flatMap((runs) => ways.map((way) => [...runs, ...way])),
    [[]],
  );
}

/**
 * As many unused cores as fit into unused slots, with the fewest crossings: fillers do not cross each
 * other, so the best choice is the cheapest way through a table of cores by slots.
 */
function withFillers(
  runs: readonly Run[],
  cores: readonly number[],
  slots: readonly number[],
): Run[] {
  const wanted = Math.min(cores.length, slots.length);
  const crossed = (core: number, slot: number) =>
    runs.filter((run) => (run.core - core) * (run.slot - slot) < 0).length;
  interface Way {
    readonly cost: number;
    readonly fillers: readonly Run[];
  }
  const known = new Map<string, Way | null>();
  const best = (i: number, j: number, left: number): Way | null => {
    if (left === 0) return { cost: 0, fillers: [] };
    if (cores.length - i < left || slots.length - j < left) return null;
    const name = `${i} ${j} ${left}`;
    const found = known.get(name);
    if (found !== undefined) return found;
    const [core = 0, slot = 0] = [cores[i], slots[j]];
    const rest = best(i + 1, j + 1, left - 1);
    const ways = [
      rest && {
        cost: rest.cost + crossed(core, slot),
        fillers: [{ core, slot, filler: true }, ...rest.fillers],
      },
      best(i + 1, j, left),
      best(i, j + 1, left),
    ].filter((way) => way !== null);
    const least = ways.reduce<Way | null>((a, b) => (a && a.cost <= b.cost ? a : b), null);
    known.set(name, least);
    return least;
  };
  return [...runs, ...(best(0, 0, wanted)?.fillers ?? [])];
}

/**
 * How a ribbon lies between a connector that is pressed on and one whose slots are filled: which core
 * goes to which slot, with the fewest crossings of all ways, connector turned or not; what fills the
 * unused slots; how far to peel.
 */
export function layRibbon(task: RibbonTask): RibbonLayout {
  const { pressed, slotted, nets } = task;
  const order = ribbonOrder(pressed.connector);
  const straight = ribbonOrder(slotted.connector);
  const layouts = [straight, [...straight].reverse()].map((slots) => {
    const placed = nets
      .map((net) => ({
        cores: inOrder(order, net.pressed),
        slots: inOrder(slots, net.slotted),
      }))
      .filter(({ cores, slots: to }) => cores.length > 0 && to.length > 0);
    const free = (count: number, used: readonly number[]) =>
      Array.from({ length: count }, (_, index) => index).filter((index) => !used.includes(index));
    const spokenFor = {
      cores: placed.flatMap(({ cores }) => cores),
      slots: placed.flatMap(({ slots: to }) => to),
    };
    const ways = netChoices(placed).map((runs) =>
      withFillers(runs, free(order.length, spokenFor.cores), free(slots.length, spokenFor.slots)),
    );
    const runs = ways.reduce((a, b) => (crossingsOf(a) <= crossingsOf(b) ? a : b));
    return { slots, runs, crossings: crossingsOf(runs) };
  });
  const [first, second] = layouts;
  if (!first || !second) throw new Error('A ribbon lies two ways.');
  const turned = second.crossings < first.crossings;
  return described(task, order, turned ? second : first, turned);
}

const inOrder = (order: readonly Contact[], contacts: readonly Contact[]): number[] =>
  contacts
    .map((contact) => order.indexOf(contact))
    .filter((place) => place >= 0)
    .sort((a, b) => a - b);

function described(
  { pressed, slotted, units = 'metric' }: RibbonTask,
  order: readonly Contact[],
  {
    slots,
    runs,
    crossings,
  }: { slots: readonly Contact[]; runs: readonly Run[]; crossings: number },
  turned: boolean,
): RibbonLayout {
  const places = new Map(outline(slotted.connector).places.map((at) => [at.contact, at.xMm]));
  const firstX = places.get(straightFirst(slotted.connector)) ?? 0;
  // Contact 1 of a straight connector is at the marked edge, which is drawn on the left.
  const side = (firstX > 0 ? -1 : 1) * (turned ? -1 : 1);
  const wires = order.map((contact, core): RibbonWire => {
    const run = runs.find((one) => one.core === core);
    const slot = run ? (slots[run.slot] ?? null) : null;
    return {
      core: core + 1,
      pressed: contact,
      slot,
      filler: run?.filler ?? false,
      fromMm: (core - (order.length - 1) / 2) * RIBBON_PITCH_MM,
      toMm: slot === null ? null : side * (places.get(slot) ?? 0),
    };
  });
  const reach = Math.max(
    0,
    ...wires.map(({ fromMm, toMm }) => Math.abs((toMm ?? fromMm) - fromMm)),
  );
  const steep = reach / Math.tan((STEEPEST_DEG * Math.PI) / 180);
  const peelMm = Math.max(LEAST_PEEL_MM, Math.ceil(steep / 5) * 5);
  const used = new Set(wires.map(({ slot }) => slot));
  const emptySlots = slots.filter((slot) => !used.has(slot)).sort(compareContacts);
  const cut = wires.filter(({ slot }) => slot === null).map(({ core }) => core);
  const fill = wires
    .filter(({ filler }) => filler)
    .map(({ core, slot }) => `${core} to slot ${slot}`);
  const { connector, gender } = pressed;
  const onWiring = faceContacts({ outline: connector, gender }, { side: 'wiring', latch: 'down' });
  const one = onWiring.find(({ contact }) => contact === order[0]);
  return {
    wires,
    slots,
    emptySlots,
    crossings,
    turned,
    peelMm,
    sentences: [
      `Core 1 is the marked edge. It lies at contact ${order[0]}: on the ${(one?.xMm ?? 0) < 0 ? 'left' : 'right'}, ${describeView({ outline: connector, gender }, { side: 'wiring', latch: 'down' }).toLowerCase()}.`,
      `Lay the slotted connector with contact ${turned ? slots.at(-1) : slots[0]} ${turned ? 'away from' : 'at'} the marked edge: ${crossings === 0 ? 'no core crosses another' : `${crossings} ${crossings === 1 ? 'crossing' : 'crossings'}, the fewest there are`}.`,
      `Peel the ribbon ${formatCut(peelMm, units)}: then no core leaves it at more than ${STEEPEST_DEG} degrees (generic).`,
      ...(fill.length > 0
        ? [`Unused cores hold the free slots: ${fill.join(', ')}. They carry nothing.`]
        : []),
      ...(cut.length > 0
        ? [`Cut back and insulate ${cut.length === 1 ? 'core' : 'cores'} ${cut.join(', ')}.`]
        : []),
      ...(emptySlots.length > 0
        ? [
            `${emptySlots.length === 1 ? 'Slot' : 'Slots'} ${emptySlots.join(', ')} ${emptySlots.length === 1 ? 'stays' : 'stay'} empty.`,
          ]
        : []),
    ],
  };
}

const straightFirst = (connector: OutlineRef): Contact => ribbonOrder(connector)[0] ?? '';

/** How the cable between two ports lies, where it is a ribbon with a connector to press on; else null. */
export function ribbonOf(
  { near, far, cable, units = 'metric' }: MapTask,
  { nets }: Pick<Solution, 'nets'>,
): (RibbonLayout & { readonly pressedAt: End }) | null {
  const pressedAt = pressedEnd(cable, { near, far });
  if (pressedAt === null) return null;
  const other = pressedAt === 'near' ? 'far' : 'near';
  const ports = { near, far };
  const layout = layRibbon({
    units,
    pressed: ownConnector(ports[pressedAt]),
    slotted: ownConnector(ports[other]),
    nets: nets
      .filter((net) => net.core !== undefined)
      .map((net) => ({ pressed: net[pressedAt], slotted: net[other] })),
  });
  return { ...layout, pressedAt };
}
