import type { ConnectorFamily } from '../../catalogue';
import type { Operation } from '../operation';
import { MODULAR_PLUG } from './modular-plug';
import { PASS_THROUGH_PLUG } from './pass-through-plug';
import { PANEL_PORT, PUNCH_DOWN_JACK } from './punch-down-jack';
import { TOOL_LESS_JACK } from './tool-less-jack';

/** The operations of each connector family. A new family is a new row here. */
export const OPERATIONS: Readonly<Record<ConnectorFamily, readonly Operation[]>> = {
  'modular-plug': MODULAR_PLUG,
  'pass-through-plug': PASS_THROUGH_PLUG,
  'punch-down-jack': PUNCH_DOWN_JACK,
  'tool-less-jack': TOOL_LESS_JACK,
  'panel-port': PANEL_PORT,
};
