import type { Port } from '../port';
import { port } from './row';

const ISP = '1<MISO 2>VCC 3>SCK 4>MOSI 5>RESET 6:GND';
const reversed = (line: string) => line.replace(/[<>]/g, (arrow) => (arrow === '<' ? '>' : '<'));
const CAMERA = '1<+12V 2:GND 3>VIDEO 4:VIDEO_RETURN 5>AUDIO 6:AUDIO_RETURN';
const VIDEO = {
  1: { volts: 12, leastV: 10.5, currentA: 0.2 },
  3: { level: 'picture-75', partner: '4' },
  4: { role: 'ground', partner: '3' },
  5: { level: 'audio', partner: '6' },
  6: { role: 'ground', partner: '5' },
} as const;

/**
 * A programming header in two rows of three, whose numbers are a habit of the trade; a telephone line on
 * the middle pair of a 6P plug and on contacts 2 and 5; a camera whose cores carry picture, sound and
 * supply. None of these numbers is a standard's: the device's sheet decides.
 */
export const DEVICES: readonly Port[] = [
  port('isp-programmer', 'In-circuit programmer, 2 x 3', 'box-2x3', 'plug', ISP, 'cmos-5', {
    2: { volts: 5, currentA: 0.1 },
  }),
  port('isp-target', 'In-circuit target, 2 x 3', 'box-2x3', 'plug', reversed(ISP), 'cmos-5', {
    2: { volts: 5, leastV: 4.5 },
  }),
  port(
    'telephone-line',
    'Telephone line, contacts 2 and 5',
    'modular-6',
    'socket',
    '2=LINE_B 5=LINE_A',
    'telephone',
  ),
  port(
    'telephone-set',
    'Telephone, middle pair',
    'modular-6',
    'socket',
    '3=LINE_B 4=LINE_A',
    'telephone',
  ),
  port(
    'camera',
    'Camera: picture, sound, supply',
    'mini-din-6',
    'socket',
    CAMERA,
    'picture-75',
    VIDEO,
  ),
  port(
    'monitor',
    'Monitor: picture, sound, supply',
    'terminal-6',
    'socket',
    reversed(CAMERA),
    'picture-75',
    { ...VIDEO, 1: { volts: 12, currentA: 0.5 } },
  ),
];
