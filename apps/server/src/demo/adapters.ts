import type { AdapterInput } from '@near-spoke/contract/map';

type Port = Exclude<AdapterInput['near'], string>;

/** A device's pin table in one line a contact: contact, direction, signal. */
const table = (lines: string): Port['contacts'] =>
  lines
    .trim()
    .split('\n')
    .map((line) => {
      const [contact = '', direction = '', ...signal] = line.trim().split(' ');
      return {
        contact,
        signal: signal.join(' '),
        direction: direction as 'in' | 'out' | 'both' | 'passive',
      };
    });

const with_ = (
  contacts: Port['contacts'],
  more: Readonly<Record<string, Partial<Port['contacts'][number]>>>,
): Port['contacts'] => contacts.map((row) => ({ ...row, ...more[row.contact] }));

const levels = (contacts: Port['contacts'], level: string): Port['contacts'] =>
  contacts.map((row) => (row.direction === 'passive' ? row : { ...row, level }));

export interface DemoAdapter extends AdapterInput {
  /** The label of the link that this adapter is. */
  readonly link?: string;
}

/** The terminal's adapters, as its technicians drew them up from the devices' sheets. */
export const ADAPTERS: readonly DemoAdapter[] = [
  {
    name: 'Logger to tide gauge',
    link: 'TG02',
    note: 'The gauge’s tail ends in M12; the logger stands in cabinet L3.',
    near: {
      name: 'Logger port, D-sub 9',
      connector: 'd-sub-9',
      gender: 'plug',
      contacts: with_(
        levels(
          table(
            '1 in DCD\n2 in RD\n3 out TD\n4 out DTR\n5 passive SG\n6 in DSR\n7 out RTS\n8 in CTS\n9 out +12V',
          ),
          'eia-232',
        ),
        { 9: { volts: 12, currentA: 0.5, level: null } },
      ),
    },
    far: {
      name: 'Tide gauge, M12',
      connector: 'm12-a-5',
      gender: 'plug',
      contacts: with_(
        levels(table('1 in +12V\n2 out TXD\n3 passive GND\n4 in RXD\n5 passive Screen'), 'eia-232'),
        { 1: { volts: 12, leastV: 9, currentA: 0.06, level: null }, 5: { role: 'shield' } },
      ),
    },
    cable: 'screened-9',
    options: { lengthM: 8, handshake: 'loop' },
  },
  {
    name: 'Display-board console',
    note: 'For the boards DB01 to DB06; kept in the comms room.',
    near: 'dte-de9',
    far: 'console-8p8c',
    cable: 'cat5e-uutp-stranded',
    options: { lengthM: 2 },
  },
  {
    name: 'Weather mast to bus',
    note: 'The mast speaks on four wires, the bus has two.',
    near: {
      name: 'Weather mast, EIA-422',
      connector: 'mini-din-6',
      gender: 'socket',
      contacts: levels(
        table('1 out TX+\n2 out TX-\n3 in RX+\n4 in RX-\n5 passive GND\n6 passive NC'),
        'eia-422',
      ),
    },
    far: 'eia-485-terminal',
    cable: 'screened-4',
    options: { lengthM: 2.5 },
  },
  {
    name: 'Passenger counter ribbon',
    note: 'Box connector pressed on; the D-sub takes its cores one by one.',
    near: {
      name: 'Counter board, box 2 x 5',
      connector: 'box-2x5',
      gender: 'plug',
      contacts: levels(
        table(
          '1 in DCD\n2 in DSR\n3 in RXD\n4 out RTS\n5 out TXD\n6 in CTS\n7 out DTR\n8 in RI\n9 passive GND\n10 passive NC',
        ),
        'eia-232',
      ),
    },
    far: 'dce-de9',
    cable: 'ribbon-10',
    options: { lengthM: 0.3 },
  },
  {
    name: 'Gate reader supply',
    note: 'The reader restarts in the evening when all gates open.',
    near: {
      name: 'Cabinet supply, USB A',
      connector: 'usb-a',
      gender: 'socket',
      contacts: with_(table('1 out VBUS\n2 both D-\n3 both D+\n4 passive GND'), {
        1: { volts: 5, leastV: 4.75, currentA: 0.5 },
        2: { level: 'usb-2' },
        3: { level: 'usb-2' },
      }),
    },
    far: {
      name: 'Gate reader, USB B',
      connector: 'usb-b',
      gender: 'socket',
      contacts: with_(table('1 in VBUS\n2 both D-\n3 both D+\n4 passive GND'), {
        1: { volts: 5, leastV: 4.4, currentA: 0.4 },
        2: { level: 'usb-2' },
        3: { level: 'usb-2' },
      }),
    },
    cable: 'usb-2',
    options: { lengthM: 12 },
  },
];
