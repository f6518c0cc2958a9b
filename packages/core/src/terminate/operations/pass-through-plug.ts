import type { Operation } from '../operation';
import * as modular from './modular-plug';
import { PLAIN } from './prepare';

const THREAD: Operation = {
  ...modular.INSERT,
  id: 'thread-through',
  wording: 'thread-through',
  needs: ['conductors-ordered', 'jacket-shaped'],
  seconds: 20,
};

const READ: Operation = {
  ...modular.READ,
  wording: 'read-before-crimp/pass-through-plug',
  checks: ['order-at-nose', 'eight-out', 'jacket-under-bar'],
};

const CRIMP: Operation = {
  ...modular.CRIMP,
  wording: 'crimp/pass-through-plug',
  tools: ['pass-through crimper'],
};

const FLUSH: Operation = {
  ...PLAIN,
  id: 'trim-nose',
  kind: 'trim',
  part: 'plug',
  layer: 'conductors',
  needs: ['plug-crimped'],
  makes: ['nose-flush'],
  irreversible: true,
  checks: ['flush'],
  tools: ['flush cutter'],
  seconds: 15,
  depth: 5,
};

const PROVE: Operation = { ...modular.PROVE, needs: ['nose-flush'] };

/** The pass-through plug: stripped long, read at the nose, cut in the stroke or after it. */
export const PASS_THROUGH_PLUG: readonly Operation[] = [
  ...modular.BEFORE_PLUG,
  modular.SQUEEZE,
  THREAD,
  READ,
  modular.SEE_SHIELD,
  CRIMP,
  FLUSH,
  PROVE,
  ...modular.AFTER_PLUG,
];
