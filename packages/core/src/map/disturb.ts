import type { PortContact } from './port';
import { meaningOf } from './signal';

const DATA = ['data', 'to-device', 'from-device', 'transmit', 'receive'];

const fast = (rows: readonly PortContact[]): 'clock' | 'data' | null => {
  const { concept } = meaningOf(rows[0]?.signal ?? '');
  return concept === 'clock' ? 'clock' : DATA.includes(concept) ? 'data' : null;
};

/** Whether two nets on one pair disturb each other: a clock beside data. */
export function disturbs(a: readonly PortContact[], b: readonly PortContact[]): boolean {
  const kinds = [fast(a), fast(b)];
  return kinds.includes('clock') && kinds.includes('data');
}
