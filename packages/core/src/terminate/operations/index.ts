import type { ConnectorFamily } from '../../catalogue';
import type { Operation } from '../operation';
import { COAX_CRIMP } from './coax-crimp';
import { COAX_COMPRESSION, COAX_SCREW_ON } from './coax-pushed-on';
import { CONTACT_PLUG } from './contact-plug';
import { HEADER_PLUG } from './header-plug';
import { LAMP_TESTER } from './lamp-tester';
import { MODULAR_PLUG } from './modular-plug';
import { PASS_THROUGH_PLUG } from './pass-through-plug';
import { PUNCH_BLOCK } from './punch-block';
import { PANEL_PORT, PUNCH_DOWN_JACK } from './punch-down-jack';
import { RIBBON_PRESS_ON } from './ribbon';
import { SCREW_TERMINALS } from './screw-terminals';
import { SLEEVE_PIGTAIL } from './sleeve-pigtail';
import { SOLDERED } from './soldered';
import { GEL_SPLICE, SPLICE } from './splice';
import { TELEPHONE_PLUG } from './telephone-plug';
import { TELEPHONE_SOCKET } from './telephone-socket';
import { TOOL_LESS_JACK } from './tool-less-jack';

/** The operations of each connector family. A new family is a new row here. */
export const OPERATIONS: Readonly<Record<ConnectorFamily, readonly Operation[]>> = {
  'modular-plug': MODULAR_PLUG,
  'pass-through-plug': PASS_THROUGH_PLUG,
  'punch-down-jack': PUNCH_DOWN_JACK,
  'tool-less-jack': TOOL_LESS_JACK,
  'panel-port': PANEL_PORT,
  'telephone-plug': TELEPHONE_PLUG,
  'telephone-socket': TELEPHONE_SOCKET,
  'screw-terminals': SCREW_TERMINALS,
  'punch-block': PUNCH_BLOCK,
  'coax-crimp': COAX_CRIMP,
  'coax-compression': COAX_COMPRESSION,
  'coax-screw-on': COAX_SCREW_ON,
  'ribbon-press-on': RIBBON_PRESS_ON,
  soldered: SOLDERED,
  'sleeve-pigtail': SLEEVE_PIGTAIL,
  'header-plug': HEADER_PLUG,
  'contact-plug': CONTACT_PLUG,
  splice: SPLICE,
  'gel-splice': GEL_SPLICE,
  'lamp-tester': LAMP_TESTER,
};
