import type { End } from '../link';
import type { PortContact } from './port';
import { meaningOf } from './signal';
import type { Finding, Handshake, Joined, Spot } from './solution';

const HANDSHAKE = ['request', 'clear', 'terminal-ready', 'set-ready', 'carrier', 'ring-indicator'];

/** What an output is told when nothing at the other end answers: its own line comes back to it. */
const LOOPS: readonly (readonly [out: string, ins: readonly string[]])[] = [
  ['request', ['clear']],
  ['terminal-ready', ['set-ready', 'carrier']],
];

/** An input that hears what another hears, where nobody drives it: carrier detect with set ready. */
const FOLLOWS: readonly (readonly [input: string, leader: string])[] = [['carrier', 'set-ready']];

export const isHandshake = (row: PortContact): boolean =>
  row.role === 'signal' && HANDSHAKE.includes(meaningOf(row.signal).concept);

type Used = (spot: Spot) => boolean;

const find = (rows: readonly PortContact[], concept: string, direction: 'in' | 'out') =>
  rows.find(
    (row) =>
      row.role === 'signal' &&
      row.direction === direction &&
      meaningOf(row.signal).concept === concept,
  );

/**
 * Handshake lines that have no partner: an input follows its leader, and where the whole answer is
 * missing the output is looped back at its own connector.
 */
export function joinHandshake(
  end: End,
  rows: readonly PortContact[],
  used: Used,
  handshake: Handshake,
): Joined {
  const edges: (readonly [Spot, Spot])[] = [];
  const findings: Finding[] = [];
  if (handshake === 'open') return { edges, findings, questions: [] };
  const spot = (row: PortContact): Spot => ({ end, contact: row.contact });
  for (const [input, leader] of FOLLOWS) {
    const [own, lead] = [find(rows, input, 'in'), find(rows, leader, 'in')];
    if (own && lead && !used(spot(own)) && used(spot(lead))) edges.push([spot(lead), spot(own)]);
  }
  for (const [concept, ins] of LOOPS) {
    const out = find(rows, concept, 'out');
    const inputs = ins.flatMap((name) => find(rows, name, 'in') ?? []);
    if (!out || inputs.length === 0 || [out, ...inputs].some((row) => used(spot(row)))) continue;
    edges.push(...inputs.map((row) => [spot(out), spot(row)] as const));
    findings.push({
      severity: 'note',
      kind: 'looped',
      [end]: [out, ...inputs].map(({ contact }) => contact),
      sentence: `${end === 'near' ? 'Near' : 'Far'} ${out.contact} (${out.signal}) goes back to ${inputs
        .map((row) => `${row.contact} (${row.signal})`)
        .join(' and ')} in its own connector: the device always finds itself ready.`,
      remedy: 'Turn hardware flow control off at both devices, or data can be lost.',
    });
  }
  return { edges, findings, questions: [] };
}
