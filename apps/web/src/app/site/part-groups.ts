import type {
  Cable,
  CableFamily,
  Catalogue,
  Connector,
  ConnectorFamily,
  Jacket,
} from '@near-spoke/core/catalogue';
import { fitProblems } from '@near-spoke/core/terminate';

export interface PartGroup<T> {
  readonly name: string;
  readonly rows: readonly T[];
}

export const CABLE_FAMILY_NAME: Readonly<Record<CableFamily, string>> = {
  'four-pair': 'Four-pair network',
  coax: 'Coaxial',
  telephone: 'Telephone',
  cord: 'Flat telephone cord',
  'multi-core': 'Multi-core screened',
  ribbon: 'Ribbon',
  usb: 'USB',
  alarm: 'Alarm',
  speaker: 'Speaker',
};

export const CONNECTOR_FAMILY_NAME: Readonly<Record<ConnectorFamily, string>> = {
  'modular-plug': 'Modular plugs',
  'pass-through-plug': 'Pass-through plugs',
  'punch-down-jack': 'Punch-down jacks',
  'tool-less-jack': 'Tool-less jacks',
  'panel-port': 'Patch panels',
  'telephone-plug': 'Telephone plugs',
  'telephone-socket': 'Telephone sockets',
  'screw-terminals': 'Telephone line boxes and plates',
  'punch-block': 'Blocks',
  'coax-crimp': 'Coaxial, crimped',
  'coax-compression': 'Coaxial, compressed',
  'coax-screw-on': 'Coaxial, screwed on',
  'ribbon-press-on': 'Pressed on ribbon',
  soldered: 'Soldered',
  'sleeve-pigtail': 'Pigtails',
  'header-plug': 'Pin-header plugs',
  'contact-plug': 'Contact plugs',
  splice: 'Splices',
  'gel-splice': 'Splices, gel',
  'lamp-tester': 'Builds',
};

export function groupsOf<T extends { readonly family: F }, F extends string>(
  rows: readonly T[],
  names: Readonly<Record<F, string>>,
): PartGroup<T>[] {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const name = names[row.family];
    groups.set(name, [...(groups.get(name) ?? []), row]);
  }
  return [...groups].map(([name, own]) => ({ name, rows: own }));
}

/** Connectors that take a cable in a place, by family; those that don’t at the end. */
export function connectorsFor(
  cable: Cable,
  place: Jacket,
  catalogue: Catalogue,
): PartGroup<Connector>[] {
  const takes = (part: Connector) => fitProblems({ cable, part, place }, catalogue).length === 0;
  const [fitting, other] = [
    catalogue.connectors.filter(takes),
    catalogue.connectors.filter((part) => !takes(part)),
  ];
  return [
    ...groupsOf(fitting, CONNECTOR_FAMILY_NAME),
    { name: 'These do not take this cable', rows: other },
  ];
}
