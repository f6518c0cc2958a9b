import type { Connector } from '../connector-row';
import { COAX_PARTS } from './coax';
import { DATA_PARTS } from './data';
import { JOINTS } from './joints';
import { NETWORK_PARTS } from './network';
import { TELEPHONE_PARTS } from './telephone';

/** Sizes, strip lengths and slot orders are generic starting values until the part's sheet is at hand. */
export const CONNECTORS: readonly Connector[] = [
  ...NETWORK_PARTS,
  ...TELEPHONE_PARTS,
  ...COAX_PARTS,
  ...DATA_PARTS,
  ...JOINTS,
];

export type ConnectorId = string;
