import type { Port } from '../port';
import { DEVICES } from './device';
import { NETWORK } from './network';
import { SERIAL } from './serial';
import { STAGE } from './stage';

/** Ports that come with the product. */
export const PORTS: readonly Port[] = [...SERIAL, ...NETWORK, ...STAGE, ...DEVICES];
