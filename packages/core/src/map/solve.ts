import { SHIELD, type Cable, type Contact } from '../catalogue';
import type { End } from '../link';
import type { UnitSystem } from '../units';
import { askOpen } from './ask-open';
import { checkNets } from './checks';
import { portsFed } from './fed';
import { joinGrounds, joinSupplies } from './join-common';
import { isHandshake, joinHandshake } from './join-handshake';
import { bondShield } from './join-shield';
import { joinSignals } from './join-signals';
import { layCores } from './lay-cores';
import { netsOf, rowAt } from './nets';
import type { Port } from './port';
import {
  far,
  near,
  type Join,
  type Net,
  type Solution,
  type SolveOptions,
  type Spot,
} from './solution';

export interface MapTask {
  readonly near: Port;
  readonly far: Port;
  /** Null while it is not chosen: then nothing is said about cores. */
  readonly cable: Cable | null;
  readonly options: SolveOptions;
  /** In which sentences speak of lengths. */
  readonly units?: UnitSystem;
}

type Edges = (readonly [Spot, Spot])[];

/** Joins made by hand; of a pair, the partners go along unless they are named too. */
function byHand(joins: readonly Join[], ports: Readonly<Record<End, Port>>): Join[] {
  const named = {
    near: new Set(joins.flatMap((join) => join.near ?? [])),
    far: new Set(joins.flatMap((join) => join.far ?? [])),
  };
  return joins.flatMap((join) => {
    const [a, b] = [
      join.near === null ? undefined : rowAt(ports.near, join.near),
      join.far === null ? undefined : rowAt(ports.far, join.far),
    ];
    const alone = (contact: Contact | null | undefined, end: End) =>
      contact != null && !named[end].has(contact);
    return a && b && alone(a.partner, 'near') && alone(b.partner, 'far')
      ? [join, { near: a.partner, far: b.partner }]
      : [join];
  });
}

const without = (port: Port, taken: ReadonlySet<Contact>): Port => ({
  ...port,
  contacts: port.contacts.filter(({ contact }) => !taken.has(contact)),
});

/** Without handshake lines, where they are not to go through. */
const signalsOnly = (port: Port, through: boolean): Port =>
  through ? port : { ...port, contacts: port.contacts.filter((row) => !isHandshake(row)) };

/**
 * What joins what between two ports: joins by hand first, then grounds and supplies, then signals at the
 * least cost (see COSTS), then handshake lines without a partner, then the shield. Cores are laid on the
 * nets, and everything is checked.
 */
export function solveMap({ cable, options, units = 'metric', ...given }: MapTask): Solution {
  const ports = portsFed(given, options.joins);
  const { near: nearPort, far: farPort } = ports;
  // A join that names a contact which is gone says nothing any more.
  const there = (end: End, contact: Contact | null) =>
    contact === null || rowAt(ports[end], contact) !== undefined;
  const joins = byHand(
    options.joins.filter((join) => there('near', join.near) && there('far', join.far)),
    ports,
  );
  const taken = {
    near: new Set(joins.flatMap((join) => join.near ?? [])),
    far: new Set(joins.flatMap((join) => join.far ?? [])),
  };
  const hand: Edges = joins.flatMap((join) =>
    join.near !== null && join.far !== null ? [[near(join.near), far(join.far)] as const] : [],
  );
  const free = { near: without(nearPort, taken.near), far: without(farPort, taken.far) };
  const grounds = joinGrounds(free.near.contacts, free.far.contacts);
  const supplies = joinSupplies(free.near, free.far);
  const through = options.handshake === 'through';
  const signals = joinSignals(
    signalsOnly(free.near, through),
    signalsOnly(free.far, through),
    taken,
  );
  const joined: Edges = [...hand, ...grounds.edges, ...supplies.edges, ...signals.edges];
  const used = ({ end, contact }: Spot) =>
    taken[end].has(contact) ||
    joined.some((edge) => edge.some((spot) => spot.end === end && spot.contact === contact));
  const rules = (['near', 'far'] as const).map((end) =>
    joinHandshake(end, free[end].contacts, used, options.handshake),
  );
  const bonding = bondShield(nearPort, farPort, cable, options.shield);
  const shield: Net[] =
    bonding.near.length + bonding.far.length > 0
      ? [{ signal: SHIELD, near: bonding.near, far: bonding.far, core: SHIELD }]
      : [];
  const laid = layCores(
    netsOf([...joined, ...rules.flatMap(({ edges }) => edges)], ports),
    ports,
    cable,
    options,
  );
  const nets = [...laid.nets, ...shield];
  const unmatched = {
    near: openContacts('near', nearPort, nets),
    far: openContacts('far', farPort, nets),
  };
  const asked = [...supplies.questions, ...signals.questions];
  const silent = (end: End): Contact[] => {
    const named = new Set(
      asked.flatMap(({ choices }) =>
        choices.flatMap(({ joins: all }) => all.map((join) => join[end])),
      ),
    );
    return unmatched[end].filter((contact) => {
      const row = rowAt(ports[end], contact);
      const aside = !through && row !== undefined && isHandshake(row);
      return !taken[end].has(contact) && !named.has(contact) && !aside;
    });
  };
  const questions = [...asked, ...askOpen({ near: silent('near'), far: silent('far') }, ports)];
  return {
    nets,
    unmatched,
    questions,
    findings: [
      ...checkNets({ nets, ports, cable, options, units, unmatched, asked: questions.length > 0 }),
      ...laid.findings,
      ...supplies.findings,
      ...rules.flatMap(({ findings }) => findings),
      ...(bonding.finding ? [bonding.finding] : []),
    ].sort((a, b) => SEVERITY[a.severity] - SEVERITY[b.severity]),
    cost: signals.cost,
  };
}

const SEVERITY = { stop: 0, warn: 1, note: 2 } as const;

/** Contacts that carry something and are in no net. */
function openContacts(end: End, port: Port, nets: readonly Net[]): Contact[] {
  const joined = new Set(nets.flatMap((net) => net[end]));
  return port.contacts.flatMap(({ contact, role }) =>
    role === 'none' || role === 'shield' || joined.has(contact) ? [] : [contact],
  );
}
