import {
  compareContacts,
  mateOf,
  outline,
  type Cable,
  type CableId,
  type Catalogue,
  type Contact,
  type ConductorId,
} from '../catalogue';
import { ENDS, type End, type Pin, type Pinout } from '../link';
import type { UnitSystem } from '../units';
import type { Port } from './port';
import type { FacePart } from './card/face-figure';
import { checkMates, type AdapterLink } from './mates';
import type { Solution, SolveOptions } from './solution';
import { solveMap, type MapTask } from './solve';

/** An adapter as it is kept: what is at its two ends, and what was chosen. The rest is computed. */
export interface Adapter {
  readonly name: string;
  readonly note: string;
  readonly near: Port;
  readonly far: Port;
  readonly cable: CableId | null;
  readonly options: SolveOptions;
}

export function adapterTask(
  { near, far, cable, options }: Adapter,
  link: AdapterLink | null,
  catalogue: Catalogue,
  units: UnitSystem = 'metric',
): MapTask {
  const id = link ? link.cable : cable;
  return {
    near,
    far,
    cable: id === null ? null : (catalogue.findCable(id) ?? null),
    units,
    options: link?.lengthM != null ? { ...options, lengthM: link.lengthM } : options,
  };
}

/** Everything that follows from an adapter, with whether the link's connectors mate with its devices. */
export function solveAdapter(
  adapter: Adapter,
  link: AdapterLink | null,
  catalogue: Catalogue,
  units: UnitSystem = 'metric',
): Solution & { readonly task: MapTask } {
  const task = adapterTask(adapter, link, catalogue, units);
  const solution = solveMap(task);
  const findings = link ? checkMates(task, link, catalogue) : [];
  return { ...solution, findings: [...findings, ...solution.findings], task };
}

/** The adapter's own connector at an end: what mates with the device. Leads and terminals stay as they are. */
export function ownConnector({ connector, gender }: Port): FacePart {
  return { connector, gender: outline(connector).oneSided ? gender : mateOf(gender) };
}

/** Which core is on which contact of an end. */
export function coresAt(
  solution: Pick<Solution, 'nets'>,
  end: End,
): ReadonlyMap<Contact, ConductorId> {
  return new Map(
    solution.nets.flatMap((net) => {
      const core = end === 'far' ? (net.farCore ?? net.core) : net.core;
      return core === undefined ? [] : net[end].map((contact) => [contact, core] as const);
    }),
  );
}

/**
 * Which core is on which contact, as the other stages take it: of contacts that are bridged at one end, the
 * first alone, since one core goes through.
 */
export function pinoutOf(solution: Pick<Solution, 'nets'>): Pinout {
  const pins = (end: End) =>
    solution.nets
      .flatMap((net) => {
        const contact = net[end][0];
        return contact === undefined || net.core === undefined
          ? []
          : [pinOf(contact, net.core, end === 'far' ? net.farCore : undefined)];
      })
      .sort(([a], [b]) => compareContacts(a, b));
  const [near, far] = ENDS.map(pins);
  return { near: near ?? [], far: far ?? [] };
}

const pinOf = (contact: Contact, core: ConductorId, looks: ConductorId | undefined): Pin =>
  looks === undefined ? [contact, core] : [contact, core, looks];

/** A cable's name for a card; "cable not chosen" is said, not hidden. */
export const cableName = (cable: Cable | null): string => cable?.name ?? 'Cable not chosen yet';
