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
  readonly sentence: string;
}

const LINE_VOLTAGE =
  'A telephone line carries voltage when idle and more when it rings: disconnect it first, and don’t touch bare cores in a thunderstorm.';

/** Where the work can hurt someone: told at the step, by operation, part, place and kind of line. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'powered-cable',
    kinds: ['strip'],
    cables: ['four-pair'],
    sentence:
      'Make sure that the other end is unplugged: power over the cable can be on these conductors. In a wall box, keep clear of mains; local codes and a licensed electrician decide there.',
  },
  {
    id: 'live-core',
    kinds: ['strip'],
    cables: ['multi-core', 'usb', 'alarm', 'speaker', 'ribbon', 'cord'],
    sentence:
      'Prove that nothing feeds these cores before you bare them. In a wall box, keep clear of mains; local codes and a licensed electrician decide there.',
  },
  {
    id: 'ringing-voltage',
    kinds: ['strip', 'check'],
    connectors: ['telephone-socket', 'screw-terminals', 'punch-block'],
    parts: ['socket'],
    sentence:
      'Ringing voltage bites, and it comes without warning: disconnect the line at the demarcation first. The provider’s side is not ours to open.',
  },
  {
    id: 'line-voltage',
    kinds: ['strip'],
    layers: ['jacket'],
    cables: ['telephone'],
    sentence: LINE_VOLTAGE,
  },
  {
    id: 'line-voltage-elsewhere',
    kinds: ['strip'],
    layers: ['jacket'],
    connectors: ['telephone-socket', 'screw-terminals', 'telephone-plug', 'punch-block'],
    cables: ['four-pair', 'cord'],
    sentence: LINE_VOLTAGE,
  },
  {
    id: 'fed-coax',
    kinds: ['strip'],
    cables: ['coax'],
    sentence:
      'Make sure that no transmitter is keyed into this cable and that no supply for an amplifier is on it.',
  },
  {
    id: 'blade',
    kinds: ['strip', 'cut'],
    sentence: 'Cut away from your hand.',
  },
  {
    id: 'still-blade',
    kinds: ['strip'],
    layers: ['insulation'],
    sentence:
      'With a blade instead of a stripper: pull the wire along the still blade, away from the hand.',
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
    sentence:
      'Inverter and back-light leads carry high voltage, and hold it for a while after they are switched off: they are not joined this way. Leave them to their maker’s instructions and licensed hands.',
  },
  {
    id: 'offcuts',
    kinds: ['trim', 'press'],
    sentence: 'Offcuts fly: wear eye protection and keep them out of the equipment.',
  },
  {
    id: 'cleaner',
    kinds: ['clean'],
    sentence: 'Cleaners burn and fume: open air or a mask, gloves, no flame.',
  },
  {
    id: 'solder',
    kinds: ['solder', 'tin'],
    tools: ['soldering iron'],
    sentence:
      'Solder fumes and hot metal: air, eye protection, the iron in its stand. Rosin flux only; acid flux never on a joint that stays.',
  },
  {
    id: 'hot-air',
    kinds: ['shrink', 'solder'],
    tools: ['heat gun'],
    sentence:
      'Hot air burns skin and lights dust: nothing that burns behind the work, and let it cool.',
  },
  {
    id: 'filler',
    kinds: ['fill'],
    sentence: 'Fillers heat up and irritate: gloves and air, as their sheet says.',
  },
  {
    id: 'battery',
    kinds: ['check', 'solder'],
    parts: ['lamps', 'battery'],
    sentence:
      'A battery without a fuse feeds a short until something burns: fuse it, connect it last.',
  },
  {
    id: 'outdoor-run',
    kinds: ['strip'],
    environments: ['outdoor', 'burial'],
    sentence:
      'A run from outside needs bonding and surge protection where it enters a building, and nobody works on it in a thunderstorm. Local codes and a licensed electrician decide.',
  },
  {
    id: 'plenum',
    kinds: ['strip'],
    environments: ['plenum', 'riser'],
    sentence:
      'This run passes a rated space: every part left in it must have that rating, ties and shrink too. Local codes decide.',
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
