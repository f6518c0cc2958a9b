import type { Contact } from '../catalogue';
import type { Port, PortContact } from './port';
import {
  far,
  near,
  type Finding,
  type Join,
  type Joined,
  type Question,
  type Spot,
} from './solution';

/** How far two nominal voltages may lie apart and still be the same supply. */
const SAME_VOLTAGE = 0.06;

const all = (spots: readonly Spot[]): (readonly [Spot, Spot])[] =>
  spots.slice(1).flatMap((spot) => (spots[0] ? [[spots[0], spot] as const] : []));

/** Every ground of one device with every ground of the other. A return that belongs to a signal is not one. */
export function joinGrounds(
  nearRows: readonly PortContact[],
  farRows: readonly PortContact[],
): Joined {
  const grounds = (rows: readonly PortContact[]) =>
    rows.filter((row) => row.role === 'ground' && row.partner === null);
  const [a, b] = [grounds(nearRows), grounds(farRows)];
  const spots = [...a.map((row) => near(row.contact)), ...b.map((row) => far(row.contact))];
  return {
    edges: a.length > 0 && b.length > 0 ? all(spots) : [],
    questions: [],
    findings: [],
  };
}

const sameVolts = (a: number | null, b: number | null): boolean =>
  a !== null && b !== null && Math.abs(a - b) <= SAME_VOLTAGE * Math.max(a, b);

/**
 * Whether a supply fits what takes it: between the least and the most that the receiver states, if it
 * states them; else by the nominal voltages of both.
 */
function fitsSupply(one: PortContact, other: PortContact): boolean {
  const giver = [one, other].find(({ direction }) => direction === 'out');
  const taker = [one, other].find((row) => row !== giver && row.direction === 'in');
  const fresh = giver?.volts ?? null;
  if (!taker || fresh === null || (taker.leastV === null && taker.mostV == null))
    return sameVolts(one.volts, other.volts);
  const most = taker.mostV ?? (taker.volts === null ? Infinity : taker.volts * (1 + SAME_VOLTAGE));
  return fresh >= (taker.leastV ?? 0) && fresh <= most;
}

/** A dry cell when it is fresh, V. Generic. */
const CELL_V = 1.5;

/** Down to what a source of cells may fall until what it feeds stops working. */
function goodDownTo(giver: PortContact, taker: PortContact, emptyV: number | null): Finding | null {
  const fresh = giver.volts;
  if (fresh === null || taker.leastV === null || emptyV === null || emptyV >= taker.leastV)
    return null;
  const cells = Math.round(fresh / CELL_V);
  const whole = cells > 0 && Math.abs(fresh - cells * CELL_V) < 0.05 * fresh;
  const each = whole
    ? `, which is ${Number((taker.leastV / cells).toFixed(2))} V a cell, counted as ${cells} of ${CELL_V} V`
    : '';
  return {
    severity: 'warn',
    kind: 'cells-empty',
    sentence: `${told(taker)} needs ${taker.leastV} V at the least, and ${told(giver)} falls from ${fresh} V to ${emptyV} V: good down to ${taker.leastV} V${each}.`,
    remedy: 'Change the cells before that, or feed the device from another supply.',
  };
}

const told = (row: PortContact): string => `${row.contact} (${row.signal})`;
const named = (rows: readonly PortContact[]): string => rows.map(told).join(', ');

/** Contacts of one port that are the same supply. */
function groupsOf(rows: readonly PortContact[]): PortContact[][] {
  const groups: PortContact[][] = [];
  for (const row of rows.filter(({ role }) => role === 'supply')) {
    const group = groups.find(
      ([first]) =>
        first &&
        first.direction === row.direction &&
        (first.volts === row.volts || sameVolts(first.volts, row.volts)),
    );
    if (group) group.push(row);
    else groups.push([row]);
  }
  return groups;
}

/** Supplies of the same voltage, where one gives and the other takes. What is not said is asked. */
export function joinSupplies(
  nearPort: Pick<Port, 'contacts' | 'leastSupplyV'>,
  farPort: Pick<Port, 'contacts' | 'leastSupplyV'>,
): Joined {
  const edges: (readonly [Spot, Spot])[] = [];
  const questions: Question[] = [];
  const findings: Finding[] = [];
  const [nearGroups, farGroups] = [groupsOf(nearPort.contacts), groupsOf(farPort.contacts)];
  for (const a of nearGroups)
    for (const b of farGroups) {
      const [one, other] = [a[0], b[0]];
      if (!one || !other) continue;
      const known = one.volts !== null && other.volts !== null;
      if (known && !fitsSupply(one, other)) {
        if (one.direction !== other.direction && nearGroups.length === 1 && farGroups.length === 1)
          findings.push(volts(one, other));
        continue;
      }
      const ways = new Set([one.direction, other.direction]);
      if (known && ways.has('out') && ways.has('in')) {
        edges.push(...all([...a.map((r) => near(r.contact)), ...b.map((r) => far(r.contact))]));
        const [giver, taker] = one.direction === 'out' ? [one, other] : [other, one];
        const port = one.direction === 'out' ? nearPort : farPort;
        const low = goodDownTo(giver, taker, port.leastSupplyV ?? giver.leastV);
        if (low) findings.push({ ...low, ...ends(a, b) });
      } else if (ways.size === 1 && ways.has('out')) findings.push(bothGive(a, b));
      else if (ways.size === 1 && ways.has('in')) findings.push(bothTake(a, b));
      else questions.push(ask(a, b, known));
    }
  return { edges, questions, findings };
}

const ends = (a: readonly PortContact[], b: readonly PortContact[]) => ({
  near: a.map(({ contact }) => contact),
  far: b.map(({ contact }) => contact),
});

function volts(one: PortContact, other: PortContact): Finding {
  return {
    severity: 'warn',
    kind: 'supply-voltages-differ',
    ...ends([one], [other]),
    sentence: `Near ${told(one)} is ${one.volts} V, far ${told(other)} is ${other.volts} V: they stay apart.`,
    remedy: `Feed the one that takes from a regulator that makes its ${one.direction === 'in' ? one.volts : other.volts} V.`,
  };
}

function bothGive(a: readonly PortContact[], b: readonly PortContact[]): Finding {
  return {
    severity: 'note',
    kind: 'two-supplies',
    ...ends(a, b),
    sentence: `Both sides give a supply, near ${named(a)} and far ${named(b)}: they stay apart, each feeds its own device.`,
  };
}

function bothTake(a: readonly PortContact[], b: readonly PortContact[]): Finding {
  return {
    severity: 'note',
    kind: 'no-supply',
    ...ends(a, b),
    sentence: `Near ${named(a)} and far ${named(b)} both take a supply and neither gives one: they stay open.`,
    remedy: 'Feed each device from its own supply.',
  };
}

function ask(a: readonly PortContact[], b: readonly PortContact[], known: boolean): Question {
  const fed = (feeds: 'near' | 'far'): Join[] => [
    ...a.map(({ contact }): Join => ({ near: contact, far: b[0]?.contact ?? null, feeds })),
    ...b
      .slice(1)
      .map(({ contact }): Join => ({ near: a[0]?.contact ?? null, far: contact, feeds })),
  ];
  // What a table says is not asked again.
  const gives = (
    feeds: 'near' | 'far',
    giver: PortContact | undefined,
    taker: PortContact | undefined,
  ) =>
    giver?.direction === 'in' || taker?.direction === 'out'
      ? []
      : [
          {
            label: `${feeds === 'near' ? 'Near feeds far' : 'Far feeds near'}, same voltage: join`,
            joins: fed(feeds),
          },
        ];
  const open = (contact: Contact, end: 'near' | 'far'): Join =>
    end === 'near' ? { near: contact, far: null } : { near: null, far: contact };
  return {
    id: `supply-${a[0]?.contact ?? ''}-${b[0]?.contact ?? ''}`,
    sentence: `Does near ${named(a)} feed far ${named(b)}, or the other way round? ${
      known ? 'The tables do not say who gives.' : 'The tables do not say the voltages.'
    } Two supplies must never be joined.`,
    choices: [
      ...gives('near', a[0], b[0]),
      ...gives('far', b[0], a[0]),
      {
        label: 'Each has its own: leave open',
        joins: [
          ...a.map(({ contact }) => open(contact, 'near')),
          ...b.map(({ contact }) => open(contact, 'far')),
        ],
      },
    ],
  };
}
