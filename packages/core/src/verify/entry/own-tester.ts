import { CONTACT_NAME } from '../../catalogue';
import type { CircuitStep, LampParts } from '../circuit/lamp-circuit';
import { nodeAt } from '../circuit/link-circuit';
import type { CircuitPart, Node } from '../circuit/circuit-part';

export type ParsedOwnTester =
  | { readonly ok: true; readonly steps: readonly CircuitStep[] }
  | { readonly ok: false; readonly line: number; readonly reason: string };

const PLUS: Node = 'tester:plus';
const MINUS: Node = 'tester:minus';
/** A lamp's slope beyond its threshold, a wire inside the tester, the battery's own resistance, ohm. Generic. */
const SLOPE_OHM = 10;
const WIRE_OHM = 0.02;
const BATTERY_OHM = 2;
const MOST_STEPS = 64;

const NODE = '(near|far)\\s+(\\S+)';
const PATTERNS = {
  plus: new RegExp(`^\\+\\s*${NODE}$`, 'i'),
  minus: new RegExp(`^[-−]\\s*${NODE}$`, 'i'),
  join: new RegExp(`^join\\s+${NODE}\\s+${NODE}$`, 'i'),
  lampFromPlus: new RegExp(`^lamp\\s+(\\S+)\\s+${NODE}$`, 'i'),
  lampBetween: new RegExp(`^lamp\\s+(\\S+)\\s+${NODE}\\s+${NODE}$`, 'i'),
} as const;

const HINT = 'Write + near 1, - near 2, join far 1 far 2, lamp A near 1, or lamp A far 1 far 2';

/**
 * Reads a lamp tester of one's own, a step a line: its name, a colon, and what is connected at it.
 *
 * - "+ near 1" and "- near 2": the contact on the supply's plus or minus.
 * - "lamp A near 1": a lamp from plus, through its resistor, into the contact.
 * - "lamp A far 1 far 2": a lamp between two contacts, the first its anode.
 * - "join far 1 far 2": joined inside the tester or its remote.
 *
 * @returns the line that can't be read and why
 */
export function parseOwnTester(text: string, built: LampParts): ParsedOwnTester {
  const steps: CircuitStep[] = [];
  for (const [index, raw] of text.split(/\r\n|\r|\n/).entries()) {
    const row = raw.trim();
    if (row === '') continue;
    const line = index + 1;
    const bad = (reason: string): ParsedOwnTester => ({ ok: false, line, reason });
    const [, name, rest = ''] = /^([^:]{1,40}):(.*)$/.exec(row) ?? [];
    if (name === undefined) return bad('A step is a name, a colon, and what is connected');
    const parts: CircuitPart[] = [
      { kind: 'supply', plus: PLUS, minus: MINUS, volts: built.supplyV, ohm: BATTERY_OHM },
    ];
    const lamps: string[] = [];
    for (const word of rest.split(',').map((part) => part.trim())) {
      if (word === '') continue;
      const read = partOf(word, built);
      if (!read) return bad(`‘${word}’ can’t be read. ${HINT}`);
      if (read.kind === 'diode') {
        if (lamps.includes(read.name))
          return bad(`There are two lamps ‘${read.name}’ in this step`);
        lamps.push(read.name);
      }
      parts.push(read);
    }
    if (lamps.length === 0) return bad('No lamp can light in this step');
    if (steps.some((step) => step.name === name.trim()))
      return bad(`There are two steps ‘${name.trim()}’`);
    steps.push({ name: name.trim(), parts, lamps });
  }
  if (steps.length === 0) return { ok: false, line: 1, reason: `There is no step. ${HINT}` };
  return steps.length > MOST_STEPS
    ? { ok: false, line: MOST_STEPS + 1, reason: `More than ${MOST_STEPS} steps` }
    : { ok: true, steps };
}

function partOf(word: string, { seriesOhm, lampV }: LampParts): CircuitPart | null {
  const wire = (a: Node, b: Node | null): CircuitPart | null =>
    b === null ? null : { kind: 'resistor', a, b, ohm: WIRE_OHM };
  const match = (name: keyof typeof PATTERNS) => PATTERNS[name].exec(word);
  const plus = match('plus');
  if (plus) return wire(PLUS, place(plus[1], plus[2]));
  const minus = match('minus');
  if (minus) return wire(MINUS, place(minus[1], minus[2]));
  const join = match('join');
  if (join) {
    const from = place(join[1], join[2]);
    return from === null ? null : wire(from, place(join[3], join[4]));
  }
  const lamp = (name = '', anode: Node | null, cathode: Node | null): CircuitPart | null =>
    anode === null || cathode === null
      ? null
      : { kind: 'diode', name, anode, cathode, forwardV: lampV, ohm: seriesOhm + SLOPE_OHM };
  const between = match('lampBetween');
  if (between)
    return lamp(between[1], place(between[2], between[3]), place(between[4], between[5]));
  const from = match('lampFromPlus');
  return from ? lamp(from[1], PLUS, place(from[2], from[3])) : null;
}

function place(end = '', contact = ''): Node | null {
  return CONTACT_NAME.test(contact)
    ? nodeAt(end.toLowerCase() === 'far' ? 'far' : 'near', contact)
    : null;
}
