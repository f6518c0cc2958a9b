import { operation, type Operation } from '../operation';
import * as modular from './modular-plug';

const FIT_LAMPS = operation({
  id: 'fit-lamps',
  kind: 'solder',
  part: 'lamps',
  needs: ['choose-lamps'],
  tools: ['soldering iron'],
  seconds: 900,
  depth: 8,
});

/** A loop-back plug, one lamp and one resistor a pair, a battery: a project that teaches what it can’t see. */
export const LAMP_TESTER: readonly Operation[] = [
  ...modular.MODULAR_PLUG,
  operation({
    id: 'choose-lamps',
    kind: 'check',
    part: 'lamps',
    needs: ['boot-seated', 'end-proven'],
    checks: ['resistor', 'fuse'],
    seconds: 120,
    depth: 8,
  }),
  FIT_LAMPS,
  operation({
    id: 'make-loop',
    kind: 'solder',
    part: 'contacts',
    needs: ['choose-lamps'],
    tools: ['soldering iron'],
    seconds: 300,
    depth: 8,
  }),
  operation({
    id: 'prove-tester',
    kind: 'check',
    part: 'battery',
    needs: ['fit-lamps', 'make-loop'],
    makes: ['tester-proven'],
    checks: ['good', 'open', 'blind'],
    seconds: 180,
    depth: 9,
  }),
];
