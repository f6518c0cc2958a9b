import type { Wiring } from '../../link';
import { capital, lower } from '../../units';
import { arrivals, counted, list, named } from '../faults/fault-words';
import type { WiringExplanation } from './explain-wiring';
import type { Fault } from '../fault';
import { FAULTS, changes } from '../faults';

/**
 * A fault in a sentence that holds of the reading it explains: of a fault of order only what arrives is
 * told to arrive, and what can't be seen of it is said.
 */
export function sentenceOf(
  fault: Fault,
  all: readonly Fault[],
  { map, intact }: Pick<WiringExplanation, 'map' | 'intact'>,
  wiring: Wiring,
): string {
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
  if (unseen.length > 0 && kind !== 'shifted') return inPart(read, unseen, wiring);
  const turned = all.some((other) => other.kind === 'rollover') && kind === 'reversed-pair';
  const sentence = FAULTS[kind].sentence(kind === 'rollover' ? read : fault, wiring);
  return turned ? `Seen from the end that is upside down, ${lower(sentence)}` : sentence;
}

/** "Three conductors are in the wrong places: near 3 arrives at far 5. Where blue (4) belongs ...". */
function inPart(read: Fault, unseen: readonly string[], wiring: Wiring): string {
  const names = unseen.map((contact) => named(contact, 'near', wiring));
  const [is, it] = unseen.length === 1 ? ['is', 'it'] : ['are', 'they'];
  const hidden = `${capital(list(names))} ${is} open: in which order ${it} would arrive can’t be seen.`;
  if (read.near.length === 0) return hidden;
  const count = read.near.length;
  const what = count === 1 ? 'One conductor is' : `${capital(counted(count))} conductors are`;
  const where = count === 1 ? 'the wrong place' : 'the wrong places';
  return `${what} in ${where}: ${arrivals(read)}. ${hidden}`;
}
