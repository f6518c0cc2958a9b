import type { CableFamily } from '../cable';
import type { Accepts, Connector } from '../connector-row';
import { WIRE_CONTACTS } from '../scheme';
import { BOTH, accepts, inRow, part, plugCuts, range, type Span } from './row';

/**
 * Generic slot orders, pairs kept side by side. They are not pin order and they differ from jack to
 * jack: the card on the jack decides.
 */
const JACK_SLOTS = [...inRow('upper', '5412'), ...inRow('lower', '7836')];
const PANEL_SLOTS = inRow('single', '45123678');

const EIGHT = {
  wiring: 'four-pair',
  contacts: WIRE_CONTACTS,
  turns: true,
  outline: 'modular-8',
} as const;

/** Both have four pairs in the same order of colours. */
const NETWORK: readonly CableFamily[] = ['four-pair', 'telephone'];

const network = (jacket: Span, insulation: Span, gauge: Span, stranding: Accepts['stranding']) =>
  accepts(NETWORK, {
    jacketMm: range(...jacket),
    insulationMm: range(...insulation),
    gaugeAwg: range(...gauge),
    stranding,
    cores: range(8, 8),
  });

const PLUG_CUTS = plugCuts(30, 13, true);
/** Stripped long, so that the conductors come out of the nose and can be read there. */
const PASS_THROUGH_CUTS = plugCuts(40, 13, false);

/** Untwist of 13 mm at most: ANSI/TIA-568.0-D, termination of category 5e and higher. */
const JACK = { ...EIGHT, gender: 'socket', cuts: plugCuts(45, 13, false), untwistMm: 13 } as const;

export const NETWORK_PARTS: readonly Connector[] = [
  part({
    ...EIGHT,
    id: 'plug-8p8c',
    name: '8P8C plug',
    family: 'modular-plug',
    gender: 'plug',
    accepts: network([4.8, 6.5], [0.8, 1.05], [23, 26], BOTH),
    cuts: PLUG_CUTS,
  }),
  part({
    ...EIGHT,
    id: 'plug-8p8c-large',
    name: '8P8C plug, large entry',
    family: 'modular-plug',
    gender: 'plug',
    accepts: network([5.8, 8], [0.95, 1.3], [22, 24], BOTH),
    cuts: PLUG_CUTS,
  }),
  part({
    ...EIGHT,
    id: 'plug-8p8c-shielded',
    name: '8P8C plug, shielded',
    family: 'modular-plug',
    gender: 'plug',
    shielded: true,
    accepts: network([5.5, 8], [0.9, 1.3], [22, 26], BOTH),
    cuts: PLUG_CUTS,
  }),
  part({
    ...JACK,
    id: 'keystone-punch-down',
    name: 'Keystone jack, punch-down',
    family: 'punch-down-jack',
    accepts: network([4.5, 8], [0.7, 1.25], [22, 24], ['solid']),
    slots: JACK_SLOTS,
  }),
  part({
    ...JACK,
    id: 'keystone-punch-down-shielded',
    name: 'Keystone jack, punch-down, shielded',
    family: 'punch-down-jack',
    shielded: true,
    accepts: network([5.5, 8.5], [0.7, 1.45], [22, 24], ['solid']),
    slots: JACK_SLOTS,
  }),
  part({
    ...EIGHT,
    id: 'plug-8p8c-outdoor',
    name: '8P8C plug, outdoor, shielded',
    family: 'modular-plug',
    gender: 'plug',
    shielded: true,
    weatherproof: true,
    accepts: network([7, 9.5], [1, 1.4], [22, 24], ['solid']),
    cuts: plugCuts(40, 13, true),
  }),
  part({
    ...EIGHT,
    id: 'plug-8p8c-pass-through',
    name: '8P8C plug, pass-through',
    family: 'pass-through-plug',
    gender: 'plug',
    accepts: network([4.8, 6.6], [0.85, 1.1], [23, 26], BOTH),
    cuts: PASS_THROUGH_CUTS,
  }),
  part({
    ...EIGHT,
    id: 'plug-8p8c-pass-through-shielded',
    name: '8P8C plug, pass-through, shielded',
    family: 'pass-through-plug',
    gender: 'plug',
    shielded: true,
    accepts: network([5.5, 8], [0.95, 1.25], [23, 26], BOTH),
    cuts: PASS_THROUGH_CUTS,
  }),
  part({
    ...JACK,
    id: 'keystone-tool-less',
    name: 'Keystone jack, tool-less',
    family: 'tool-less-jack',
    accepts: network([5, 8], [0.85, 1.3], [22, 26], BOTH),
    slots: JACK_SLOTS,
  }),
  part({
    ...JACK,
    id: 'keystone-tool-less-shielded',
    name: 'Keystone jack, tool-less, shielded',
    family: 'tool-less-jack',
    shielded: true,
    accepts: network([5.5, 9], [0.85, 1.6], [22, 26], BOTH),
    slots: JACK_SLOTS,
  }),
  part({
    ...JACK,
    id: 'panel-port',
    name: 'Patch panel port, punch-down',
    family: 'panel-port',
    accepts: network([4.5, 8], [0.7, 1.25], [22, 24], ['solid']),
    slots: PANEL_SLOTS,
  }),
  part({
    ...EIGHT,
    id: 'lamp-tester',
    name: 'Pair-lamp loop tester (a build)',
    family: 'lamp-tester',
    gender: 'plug',
    accepts: network([4.5, 6.5], [0.8, 1.05], [23, 26], BOTH),
    cuts: PLUG_CUTS,
  }),
];
