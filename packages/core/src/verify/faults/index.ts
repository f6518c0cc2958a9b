import type { Fault, FaultKind } from '../fault';
import { CROSSED_GROUPS } from './crossed-groups';
import { CROSSED_PAIRS } from './crossed-pairs';
import { HIGH_RESISTANCE } from './high-resistance';
import { INTERMITTENT } from './intermittent';
import { MISWIRE } from './miswire';
import { MOISTURE } from './moisture';
import { OPEN } from './open';
import { OTHER_METAL } from './other-metal';
import { REVERSED_PAIR } from './reversed-pair';
import { ROLLOVER } from './rollover';
import { SHIELD_OPEN } from './shield-open';
import { SHIELD_SHORT } from './shield-short';
import { SHIELD_UNEXPECTED } from './shield-unexpected';
import { SHIFTED } from './shifted';
import { SHORT } from './short';
import { SPLIT_PAIR } from './split-pair';
import { TURNED_GROUP } from './turned-group';
import type { Change, FaultClass } from './fault-class';

export type { Action, Change, FaultClass } from './fault-class';
export type { Instance } from './instance';
export { faultyLink } from './faulty-link';

/** Every kind of fault. A new one is a file, a line here, and its name in FAULT_KINDS. */
export const FAULTS: Readonly<Record<FaultKind, FaultClass>> = {
  open: OPEN,
  short: SHORT,
  'reversed-pair': REVERSED_PAIR,
  miswire: MISWIRE,
  'crossed-pairs': CROSSED_PAIRS,
  rollover: ROLLOVER,
  shifted: SHIFTED,
  'crossed-groups': CROSSED_GROUPS,
  'turned-group': TURNED_GROUP,
  'split-pair': SPLIT_PAIR,
  'high-resistance': HIGH_RESISTANCE,
  intermittent: INTERMITTENT,
  'other-metal': OTHER_METAL,
  'shield-open': SHIELD_OPEN,
  'shield-short': SHIELD_SHORT,
  'shield-unexpected': SHIELD_UNEXPECTED,
  moisture: MOISTURE,
};
export const FAULT_CLASSES: readonly FaultClass[] = Object.values(FAULTS);

/** Whether a fault changes a link in one of these ways. */
export const changes = ({ kind }: Pick<Fault, 'kind'>, ...ways: readonly Change[]): boolean =>
  ways.includes(FAULTS[kind].change);
