import type { Connector } from '../connector-row';
import { accepts, coreCuts, inRow, part, plugCuts, range, upTo } from './row';

/** Line 1 on the middle contacts, line 2 around it, line 3 outermost: ANSI/TIA-1096-A (RJ11, RJ14, RJ25). */
const LINE_PAIRS = [
  ['4', '3'],
  ['2', '5'],
  ['1', '6'],
] as const;

/** The line on contacts 5 and 2, the bell wire on 3: BS 6312. Tip and ring as the pair's colours run. */
const SOCKET_WIRING = {
  pairs: [['5', '2']],
  bell: { contact: '3', pair: 2, member: 'ring' },
} as const;

const telephoneSocket = (kind: 'master' | 'secondary' | 'extension', name: string): Connector =>
  part({
    id: `telephone-socket-${kind}`,
    name,
    family: 'telephone-socket',
    gender: 'socket',
    accepts: accepts(['telephone', 'four-pair'], {
      jacketMm: range(3, 6.5),
      insulationMm: range(0.7, 1.05),
      gaugeAwg: range(22, 26),
      stranding: ['solid'],
      cores: range(4, 8),
    }),
    cuts: plugCuts(40, 13, false),
    untwistMm: 13,
    wiring: 'pairs',
    contacts: upTo(6),
    ...SOCKET_WIRING,
    slots: [...inRow('upper', '123'), ...inRow('lower', '456')],
    traits: [kind],
  });

/** Cores under screws, as the terminals are marked. */
const screwTerminals = (
  rest: Pick<Connector, 'id' | 'name' | 'contacts' | 'pairs'> & Partial<Connector>,
) =>
  part({
    family: 'screw-terminals',
    gender: 'socket',
    accepts: accepts(['telephone', 'four-pair'], {
      jacketMm: range(3, 6.5),
      insulationMm: range(0.7, 1.3),
      gaugeAwg: range(22, 26),
      stranding: ['solid'],
      cores: range(4, 8),
    }),
    cuts: coreCuts(50, 12),
    wiring: 'pairs',
    ...rest,
  });

export const TELEPHONE_PARTS: readonly Connector[] = [
  part({
    id: 'plug-6p6c',
    name: '6P6C plug',
    family: 'telephone-plug',
    gender: 'plug',
    accepts: accepts(['cord', 'telephone', 'four-pair'], {
      jacketMm: range(3.4, 6.8),
      insulationMm: range(0.8, 1.05),
      gaugeAwg: range(23, 28),
      cores: range(4, 8),
    }),
    cuts: plugCuts(20, 6.5, true),
    wiring: 'pairs',
    contacts: upTo(6),
    pairs: LINE_PAIRS,
    turns: true,
    outline: 'modular-6',
  }),
  part({
    id: 'plug-6p4c',
    name: '6P4C plug',
    family: 'telephone-plug',
    gender: 'plug',
    accepts: accepts(['cord', 'telephone', 'four-pair'], {
      jacketMm: range(3.4, 5.6),
      insulationMm: range(0.8, 1.05),
      gaugeAwg: range(24, 28),
      cores: range(4, 8),
    }),
    cuts: plugCuts(20, 6.5, true),
    wiring: 'pairs',
    contacts: ['2', '3', '4', '5'],
    pairs: LINE_PAIRS.slice(0, 2),
    turns: true,
    outline: 'modular-6',
  }),
  telephoneSocket('master', 'Telephone socket, master'),
  telephoneSocket('secondary', 'Telephone socket, secondary'),
  telephoneSocket('extension', 'Telephone socket, extension'),
  screwTerminals({
    id: 'telephone-line-box',
    name: 'Telephone line box, terminals A and B',
    contacts: ['A', 'B'],
    pairs: [['A', 'B']],
    slots: inRow('single', 'AB'),
  }),
  screwTerminals({
    id: 'telephone-plate-two-line',
    name: 'Telephone plate, two lines, 6P4C',
    contacts: ['2', '3', '4', '5'],
    pairs: LINE_PAIRS.slice(0, 2),
    slots: inRow('single', '2345'),
    outline: 'modular-6',
  }),
  part({
    id: 'block-25-pair',
    name: '25-pair block',
    family: 'punch-block',
    gender: 'socket',
    accepts: accepts(['telephone'], {
      insulationMm: range(0.7, 1.3),
      gaugeAwg: range(22, 26),
      stranding: ['solid'],
      cores: range(4, 50),
    }),
    cuts: plugCuts(250, 13, false),
    untwistMm: 13,
    wiring: 'pairs',
    contacts: upTo(50),
    pairs: Array.from(
      { length: 25 },
      (_, index) => [String(2 * index + 1), String(2 * index + 2)] as const,
    ),
  }),
];
