import type { Port } from '../port';
import { port } from './row';

/** What DTE does, DCE does the other way round. */
const dce = (line: string) => line.replace(/[<>]/g, (arrow) => (arrow === '<' ? '>' : '<'));

const DE9 = '1<DCD 2<RD 3>TD 4>DTR 5:SG 6<DSR 7>RTS 8<CTS 9<RI';
const DB25 = '1:SHIELD 2>TD 3<RD 4>RTS 5<CTS 6<DSR 7:SG 8<DCD 20>DTR 22<RI';

/**
 * EIA-232 on nine contacts (TIA-574) and on 25 (TIA-232-F), on 8P8C (TIA-561); a console wiring that many
 * devices share, which no standard gives; EIA-422 and EIA-485 on terminals, whose numbers are generic.
 */
export const SERIAL: readonly Port[] = [
  port('dte-de9', 'EIA-232 DTE, D-sub 9', 'd-sub-9', 'plug', DE9, 'eia-232'),
  port('dce-de9', 'EIA-232 DCE, D-sub 9', 'd-sub-9', 'socket', dce(DE9), 'eia-232'),
  port('dte-db25', 'EIA-232 DTE, D-sub 25', 'd-sub-25', 'plug', DB25, 'eia-232'),
  port('dce-db25', 'EIA-232 DCE, D-sub 25', 'd-sub-25', 'socket', dce(DB25), 'eia-232'),
  port(
    'dte-8p8c',
    'EIA-232 DTE, 8P8C (TIA-561)',
    'modular-8',
    'socket',
    '1<DSR 2<DCD 3>DTR 4:SG 5<RD 6>TD 7<CTS 8>RTS',
    'eia-232',
  ),
  port(
    'console-8p8c',
    'Console, 8P8C, a common wiring',
    'modular-8',
    'socket',
    '1>RTS 2>DTR 3>TXD 4:GND 5:GND 6<RXD 7<DSR 8<CTS',
    'eia-232',
  ),
  port(
    'eia-422-terminal',
    'EIA-422, four-wire, terminals',
    'terminal-5',
    'socket',
    '1>TX+ 2>TX- 3<RX+ 4<RX- 5:GND',
    'eia-422',
  ),
  port(
    'eia-485-terminal',
    'EIA-485, two-wire, terminals',
    'terminal-3',
    'socket',
    '1=A 2=B 3:GND',
    'eia-485',
  ),
  port(
    'ttl-serial-board',
    'Serial at 5 V TTL, header, gives supply',
    'header-4',
    'plug',
    '1>+5V 2>TXD 3<RXD 4:GND',
    'ttl-5',
    { 1: { currentA: 0.1 } },
  ),
  port(
    'ttl-serial-device',
    'Serial at 5 V TTL, header, takes supply',
    'header-4',
    'plug',
    '1<+5V 2>TXD 3<RXD 4:GND',
    'ttl-5',
    { 1: { leastV: 4.5 } },
  ),
];
