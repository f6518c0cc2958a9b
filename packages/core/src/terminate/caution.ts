import type { Cable, ConnectorFamily, Jacket } from '../catalogue';
import type { Layer, Operation, OperationKind, PartId } from './operation';

export interface Caution {
  readonly id: string;
  readonly kinds: readonly OperationKind[];
  readonly parts?: readonly PartId[];
  readonly tools?: readonly string[];
  /** Undefined stands for steps that name no layer. */
  readonly layers?: readonly (Layer | undefined)[];
  /** Only for cables that are made for these surroundings, or run in them. */
  readonly environments?: readonly Jacket[];
  readonly cables?: readonly Cable['family'][];
  readonly connectors?: readonly ConnectorFamily[];
}

/** Where the work can hurt someone: told at the step, by operation, part, place and kind of line. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'powered-cable',
    kinds: ['strip'],
    cables: ['four-pair'],
  },
  {
    id: 'live-core',
    kinds: ['strip'],
    cables: ['multi-core', 'usb', 'alarm', 'speaker', 'ribbon', 'cord'],
  },
  {
    id: 'ringing-voltage',
    kinds: ['strip', 'check'],
    connectors: ['telephone-socket', 'screw-terminals', 'punch-block'],
    parts: ['socket'],
  },
  {
    id: 'line-voltage',
    kinds: ['strip'],
    layers: ['jacket'],
    cables: ['telephone'],
  },
  {
    id: 'line-voltage-elsewhere',
    kinds: ['strip'],
    layers: ['jacket'],
    connectors: ['telephone-socket', 'screw-terminals', 'telephone-plug', 'punch-block'],
    cables: ['four-pair', 'cord'],
  },
  {
    id: 'fed-coax',
    kinds: ['strip'],
    cables: ['coax'],
  },
  {
    id: 'blade',
    kinds: ['strip', 'cut'],
  },
  {
    id: 'still-blade',
    kinds: ['strip'],
    layers: ['insulation'],
  },
  {
    id: 'inverter',
    kinds: ['check', 'strip'],
    connectors: [
      'splice',
      'gel-splice',
      'sleeve-pigtail',
      'soldered',
      'header-plug',
      'contact-plug',
    ],
    layers: ['jacket', undefined],
  },
  {
    id: 'offcuts',
    kinds: ['trim', 'press'],
  },
  {
    id: 'cleaner',
    kinds: ['clean'],
  },
  {
    id: 'solder',
    kinds: ['solder', 'tin'],
    tools: ['soldering iron'],
  },
  {
    id: 'hot-air',
    kinds: ['shrink', 'solder'],
    tools: ['heat gun'],
  },
  {
    id: 'filler',
    kinds: ['fill'],
  },
  {
    id: 'battery',
    kinds: ['check', 'solder'],
    parts: ['lamps', 'battery'],
  },
  {
    id: 'outdoor-run',
    kinds: ['strip'],
    environments: ['outdoor', 'burial'],
  },
  {
    id: 'plenum',
    kinds: ['strip'],
    environments: ['plenum', 'riser'],
  },
];

export function cautionsFor(
  { kind, part, layer, tools }: Operation,
  cable: Cable,
  connector: { readonly family: ConnectorFamily },
  place: Jacket,
): Caution[] {
  const among = <T>(rows: readonly T[] | undefined, value: T | undefined) =>
    !rows || (value !== undefined && rows.includes(value));
  return CAUTIONS.filter(
    (row) =>
      row.kinds.includes(kind) &&
      among(row.parts, part) &&
      (!row.layers || row.layers.includes(layer)) &&
      (!row.tools || row.tools.some((tool) => tools.includes(tool))) &&
      (among(row.environments, cable.environment) || among(row.environments, place)) &&
      among(row.cables, cable.family) &&
      among(row.connectors, connector.family),
  );
}
