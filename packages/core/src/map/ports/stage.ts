import type { Port } from '../port';
import { port } from './row';

const turned = (line: string) => line.replace(/>/g, '<');
const XLR = '1:COMMON 2>DATA1- 3>DATA1+ 4>DATA2- 5>DATA2+';
const MODULAR = '1>DATA1+ 2>DATA1- 3>DATA2+ 6>DATA2- 7:COMMON 8:COMMON';

/** DMX512 on XLR-5 (ANSI E1.11) and on 8P8C (ANSI E1.27-2): EIA-485 levels, sent one way. */
export const STAGE: readonly Port[] = [
  port('dmx-xlr5-out', 'DMX512 out, XLR 5', 'xlr-5', 'socket', XLR, 'eia-485'),
  port('dmx-xlr5-in', 'DMX512 in, XLR 5', 'xlr-5', 'plug', turned(XLR), 'eia-485'),
  port('dmx-8p8c-out', 'DMX512 out, 8P8C', 'modular-8', 'socket', MODULAR, 'eia-485'),
  port('dmx-8p8c-in', 'DMX512 in, 8P8C', 'modular-8', 'socket', turned(MODULAR), 'eia-485'),
];
