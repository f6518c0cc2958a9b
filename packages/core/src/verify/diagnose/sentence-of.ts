import type { Wiring } from '../../link';
import type { Message } from '../../message';
import type { Fault } from '../fault';
import { FAULTS, changes } from '../faults';
import { arrivals, named } from '../faults/fault-words';
import { tell } from '../messages';
import type { WiringExplanation } from './explain-wiring';

/**
 * A fault in a sentence that holds of the reading it explains: of a fault of order only what arrives is
 * told to arrive, and what can't be seen of it is said.
 */
export function sentenceOf(
  fault: Fault,
  all: readonly Fault[],
  { map, intact }: Pick<WiringExplanation, 'map' | 'intact'>,
  wiring: Wiring,
): Message {
  const { kind, near, far } = fault;
  if (!changes(fault, 'arrives-elsewhere')) return FAULTS[kind].sentence(fault, wiring);
  const rows = near.flatMap((from, index) => {
    const to = far[index];
    return to !== undefined && map.get(from) === to && intact.has(from)
      ? [[from, to] as const]
      : [];
  });
  const read: Fault = { ...fault, near: rows.map(([from]) => from), far: rows.map(([, to]) => to) };
  const unseen = near.filter((from) => map.has(from) && !intact.has(from));
  if (unseen.length > 0 && kind !== 'shifted')
    return tell('fault-in-part', {
      arrivals: arrivals(read),
      open: unseen.map((contact) => named(contact, 'near', wiring)),
    });
  const turned = all.some((other) => other.kind === 'rollover') && kind === 'reversed-pair';
  const sentence = FAULTS[kind].sentence(kind === 'rollover' ? read : fault, wiring);
  return turned ? tell('fault-seen-upside-down', { fault: sentence }) : sentence;
}
