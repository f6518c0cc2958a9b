import { COAX_CRIMP } from './coax-crimp';
import { COAX_PREPARE } from './coax-prepare';
import { COAX_PUSHED_ON } from './coax-pushed-on';
import { CONTACT_PLUG } from './contact-plug';
import { CORES } from './cores';
import { HEADER_PLUG } from './header-plug';
import { LAMP_TESTER } from './lamp-tester';
import { MODULAR_PLUG } from './modular-plug';
import { PASS_THROUGH_PLUG } from './pass-through-plug';
import { PREPARE } from './prepare';
import { PUNCH_BLOCK } from './punch-block';
import { PUNCH_DOWN_JACK } from './punch-down-jack';
import { RIBBON } from './ribbon';
import { SCREW_TERMINALS } from './screw-terminals';
import { SLEEVE_PIGTAIL } from './sleeve-pigtail';
import { SOLDERED } from './soldered';
import { SPLICE } from './splice';
import { TELEPHONE_PLUG } from './telephone-plug';
import { TELEPHONE_PREPARE } from './telephone-prepare';
import { TELEPHONE_SOCKET } from './telephone-socket';
import { TOOL_LESS_JACK } from './tool-less-jack';

/** The steps of all families of connectors, by their wording. */
export const STEPS = {
  ...COAX_CRIMP,
  ...COAX_PREPARE,
  ...COAX_PUSHED_ON,
  ...CONTACT_PLUG,
  ...CORES,
  ...HEADER_PLUG,
  ...LAMP_TESTER,
  ...MODULAR_PLUG,
  ...PASS_THROUGH_PLUG,
  ...PREPARE,
  ...PUNCH_BLOCK,
  ...PUNCH_DOWN_JACK,
  ...RIBBON,
  ...SCREW_TERMINALS,
  ...SLEEVE_PIGTAIL,
  ...SOLDERED,
  ...SPLICE,
  ...TELEPHONE_PLUG,
  ...TELEPHONE_PREPARE,
  ...TELEPHONE_SOCKET,
  ...TOOL_LESS_JACK,
} as const;
