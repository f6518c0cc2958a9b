import type { FaultKind } from './fault';

export type TesterId = 'identifying-remote' | 'pairing';

/** What no continuity test tells, whatever its class. */
export type Blindness = FaultKind | 'high-resistance' | 'intermittent' | 'performance';

export interface Tester {
  readonly id: TesterId;
  readonly name: string;
  readonly blindTo: readonly Blindness[];
}

const NEVER_SEEN = ['high-resistance', 'intermittent', 'performance'] as const;

export const TESTERS: readonly Tester[] = [
  {
    id: 'identifying-remote',
    name: 'Wire-map tester with an identifying remote',
    blindTo: ['split-pair', ...NEVER_SEEN],
  },
  {
    id: 'pairing',
    name: 'Wire-map tester that also measures crosstalk',
    blindTo: [...NEVER_SEEN],
  },
];

const BY_ID = new Map(TESTERS.map((row) => [row.id, row]));

export function tester(id: TesterId): Tester {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`No tester ${id}`);
  return found;
}
