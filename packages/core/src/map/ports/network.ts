import type { Port } from '../port';
import { port } from './row';

/**
 * Ethernet at the connector (IEEE 802.3: 10BASE-T and 100BASE-TX clauses 14 and 25, 1000BASE-T clause 40),
 * USB 2.0 (USB 2.0 specification, 6.7; a bus-powered port gives 0.5 A and 4.4 V at the least, 7.2).
 */
export const NETWORK: readonly Port[] = [
  port(
    'ethernet-100',
    'Ethernet 10/100, device',
    'modular-8',
    'socket',
    '1>TX+ 2>TX- 3<RX+ 6<RX-',
    'ethernet',
  ),
  port(
    'ethernet-100-x',
    'Ethernet 10/100, switch',
    'modular-8',
    'socket',
    '1<RX+ 2<RX- 3>TX+ 6>TX-',
    'ethernet',
  ),
  port(
    'ethernet-1000',
    'Ethernet 1000',
    'modular-8',
    'socket',
    '1=BI_DA+ 2=BI_DA- 3=BI_DB+ 4=BI_DC+ 5=BI_DC- 6=BI_DB- 7=BI_DD+ 8=BI_DD-',
    'ethernet',
  ),
  port(
    'usb-host-a',
    'USB 2.0 host, A',
    'usb-a',
    'socket',
    '1>VBUS 2=D- 3=D+ 4:GND S:SHIELD',
    'usb-2',
    { 1: { volts: 5, currentA: 0.5 } },
  ),
  ...(
    [
      ['b', 'B', '1<VBUS 2=D- 3=D+ 4:GND S:SHIELD'],
      ['mini-b', 'mini-B', '1<VBUS 2=D- 3=D+ 4:NC 5:GND S:SHIELD'],
      ['micro-b', 'micro-B', '1<VBUS 2=D- 3=D+ 4:NC 5:GND S:SHIELD'],
    ] as const
  ).map(([kind, name, line]) =>
    port(`usb-device-${kind}`, `USB 2.0 device, ${name}`, `usb-${kind}`, 'socket', line, 'usb-2', {
      1: { volts: 5, leastV: 4.4, currentA: 0.1 },
    }),
  ),
];
