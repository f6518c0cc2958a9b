import type { Connector } from '../connector-row';
import type { OutlineId } from '../outline-row';
import type { Contact } from '../scheme';
import { accepts, coreCuts, part, range, upTo, type Span } from './row';

/** A ribbon's cores alternate between the rows of a press-on D-sub: 1, 6, 2, 7, ... */
const zigzag = (count: number): Contact[] =>
  Array.from({ length: count }, (_, index) =>
    String(index % 2 === 0 ? index / 2 + 1 : (count + 1) / 2 + (index + 1) / 2),
  );

const pressOn = (count: 9 | 15 | 25, gender: 'plug' | 'socket'): Connector =>
  part({
    id: `d-sub-${count}-press-on-${gender}`,
    name: `D-sub ${count} ${gender}, press-on for ribbon`,
    family: 'ribbon-press-on',
    gender,
    accepts: accepts(['ribbon'], {
      gaugeAwg: range(26, 28),
      cores: range(count, count),
      pitchMm: 1.27,
    }),
    cuts: [],
    contacts: zigzag(count),
    turns: true,
    outline: `d-sub-${count}`,
  });

const soldered = (
  id: string,
  name: string,
  outlineId: OutlineId,
  contacts: readonly Contact[],
  gender: 'plug' | 'socket',
  jacket: Span,
): Connector =>
  part({
    id,
    name,
    family: 'soldered',
    gender,
    shielded: true,
    accepts: accepts(['multi-core', 'usb', 'four-pair', 'telephone', 'alarm'], {
      jacketMm: range(...jacket),
      gaugeAwg: range(22, 30),
      cores: range(2, Math.max(contacts.length, 9)),
    }),
    cuts: coreCuts(25, 4),
    contacts,
    outline: outlineId,
  });

export const DATA_PARTS: readonly Connector[] = [
  pressOn(9, 'plug'),
  pressOn(9, 'socket'),
  pressOn(15, 'socket'),
  pressOn(25, 'socket'),
  part({
    id: 'box-10-press-on-socket',
    name: 'Box socket 2 x 5, press-on for ribbon',
    family: 'ribbon-press-on',
    gender: 'socket',
    accepts: accepts(['ribbon'], {
      gaugeAwg: range(26, 28),
      cores: range(10, 10),
      pitchMm: 1.27,
    }),
    cuts: [],
    contacts: upTo(10),
    turns: true,
    outline: 'box-2x5',
  }),
  soldered(
    'd-sub-9-soldered-plug',
    'D-sub 9 plug, soldered',
    'd-sub-9',
    upTo(9),
    'plug',
    [3.5, 8.5],
  ),
  soldered(
    'd-sub-9-soldered-socket',
    'D-sub 9 socket, soldered',
    'd-sub-9',
    upTo(9),
    'socket',
    [3.5, 8.5],
  ),
  soldered(
    'd-sub-25-soldered-plug',
    'D-sub 25 plug, soldered',
    'd-sub-25',
    upTo(25),
    'plug',
    [3.5, 11],
  ),
  soldered('din-5-soldered-plug', 'DIN 5 plug, soldered', 'din-5', upTo(5), 'plug', [3.5, 6.5]),
  soldered(
    'mini-din-4-soldered-plug',
    'Mini-DIN 4 plug, soldered',
    'mini-din-4',
    upTo(4),
    'plug',
    [3, 6.6],
  ),
  soldered(
    'mini-din-6-soldered-plug',
    'Mini-DIN 6 plug, soldered',
    'mini-din-6',
    upTo(6),
    'plug',
    [3, 6.6],
  ),
  part({
    id: 'pigtail-solder-sleeves',
    name: 'Pigtail, solder sleeves',
    family: 'sleeve-pigtail',
    gender: 'joint',
    shielded: true,
    accepts: accepts(['multi-core', 'usb', 'alarm', 'four-pair', 'telephone'], {
      gaugeAwg: range(20, 28),
      insulationMm: range(0.7, 1.7),
      cores: range(2, 9),
    }),
    cuts: coreCuts(40, 7),
    wiring: 'colour',
    weatherproof: true,
  }),
  part({
    id: 'header-4',
    name: 'Pin-header plug, 1 x 4',
    family: 'header-plug',
    gender: 'socket',
    accepts: accepts(['multi-core', 'usb', 'alarm', 'telephone'], {
      gaugeAwg: range(22, 28),
      insulationMm: range(0.8, 1.5),
      cores: range(4, 4),
    }),
    cuts: coreCuts(30, 3),
    contacts: upTo(4),
    turns: true,
    outline: 'header-4',
  }),
  part({
    id: 'contact-plug-4',
    name: 'Improvised contact plug, 4 pads',
    family: 'contact-plug',
    gender: 'plug',
    accepts: accepts(['multi-core', 'usb', 'alarm', 'telephone'], {
      gaugeAwg: range(22, 28),
      cores: range(4, 4),
    }),
    cuts: coreCuts(20, 5),
    contacts: upTo(4),
    turns: true,
    outline: 'pads-4',
  }),
];
