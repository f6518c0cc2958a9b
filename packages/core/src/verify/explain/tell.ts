import type { Wiring } from '../../link';
import type { Message } from '../../message';
import { PLACES, type Fault } from '../fault';
import { FAULTS } from '../faults';
import { tell } from '../messages';
import { classOf, type Trial } from '../testers';
import type { Advice, RepairAdvice, TestAdvice } from './advice';
import { hypothesesOf } from './hypotheses';
import { NO_EXPERIENCE, priorOf } from './prior';
import { placesOf } from './repair';

/** A fault in a few words, without the cores: "open 4 at the near end". */
export const shortly = ({ kind, near, far, end }: Fault): Message =>
  tell('fault-shortly', { kind, contacts: near.length > 0 ? near : far, end });

/** What to do for a trial, as an order. */
export function orderOf(trial: Trial): Message {
  const row = classOf(trial);
  const order = row.order?.(trial) ?? tell('order-test', { tester: row.id });
  return trial.moved ? tell('order-moved', { order, moved: trial.moved }) : order;
}

/** Advice with its cost, and what its reader has to know before it is followed. */
export function tellAdvice(advice: Advice): Message {
  switch (advice.kind) {
    case 'test':
      return tellTest(advice);
    case 'repair':
      return tellRepair(advice);
    case 'doubt':
      return tell('advise-doubt', {});
  }
}

function tellTest({ trial, tells, minutes, blindTo, before }: TestAdvice): Message {
  const order = orderOf(trial);
  return before
    ? tell('advise-test-first', { order, unseen: before, minutes })
    : tell('advise-test', {
        order,
        tells: tells.slice(0, 2).map(({ faults }) => faults.map(shortly)),
        minutes,
        blindTo,
      });
}

function tellRepair(advice: RepairAdvice): Message {
  const { key, minutes, because } = advice;
  const places = placesOf(key);
  if (places.length === 0) return tell('advise-nothing', {});
  const unexplained = because === 'nothing-explains';
  if (places.length === PLACES.length) return tell('advise-anew', { unexplained, minutes });
  return tell('advise-repair', {
    places,
    why: unexplained ? 'unexplained' : because === 'something-new' ? 'something-new' : 'plain',
    minutes,
    first: whyFirst(advice),
  });
}

/** Why this one, where there are several. */
function whyFirst({ key, shares, at, because }: RepairAdvice) {
  if (shares.length < 2) return null;
  return {
    shares: shares.map((row) => ({ places: placesOf(row.key), share: row.share })),
    because:
      shares[0]?.key === key
        ? null
        : because === 'rest-failed'
          ? ('rest-failed' as const)
          : key === at
            ? ('stands-there' as const)
            : ('less-time' as const),
  };
}

/** A fault with its title and its sentence. */
export const described = (fault: Fault, wiring: Wiring) => ({
  ...fault,
  title: tell('fault-title', { kind: fault.kind }),
  sentence: FAULTS[fault.kind].sentence(fault, wiring),
});

/** Every single fault that a link can have, each at one place, told. */
export const everyFault = (wiring: Wiring) =>
  hypothesesOf(wiring, priorOf(NO_EXPERIENCE)).flatMap(({ places }) =>
    places.map(({ fault }) => described(fault, wiring)),
  );
