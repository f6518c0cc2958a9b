import { sentences, type Message } from '../message';
import { tell } from './messages';
import { wordingOf, type Operation } from './operation';

/** How to mend an end on which a part was left off until it could not go on any more. */
export interface WayBack {
  /** Take steps back to before the part is shut out, or cut the end off and make it again. */
  readonly kind: 'take-back' | 'remake';
  /** The steps that are taken back, the last one first; all that are done, for a remake. */
  readonly stepIds: readonly string[];
  /** What it costs at the usual pace: taking back and doing again. */
  readonly seconds: number;
  readonly sentence: Message;
}

/**
 * The cheapest way back to where a part can go on: if everything that shut it out can be undone, these
 * steps alone; else the whole end again.
 *
 * @param done what has been done, in any order.
 */
export function cheapestWayBack(late: Operation, done: readonly Operation[]): WayBack {
  const undone = shutOutBy(late, done);
  const hint = tell('way-back-of', { step: wordingOf(late) });
  if (undone.some(({ irreversible }) => irreversible)) {
    const seconds = sum(done);
    return {
      kind: 'remake',
      stepIds: done.map(({ id }) => id),
      seconds,
      sentence: sentences([tell('cut-off-again', { seconds }), hint]),
    };
  }
  const seconds = 2 * sum(undone) + late.seconds;
  const first = undone[0];
  return {
    kind: 'take-back',
    stepIds: undone.map(({ id }) => id).reverse(),
    seconds,
    sentence: sentences([
      tell('undo-from', { step: first ? wordingOf(first) : null, seconds }),
      hint,
    ]),
  };
}

/** The steps that shut a part out, and those that were built on them. */
function shutOutBy(late: Operation, done: readonly Operation[]): Operation[] {
  const shut = new Set(
    done.filter(({ makes }) => makes.some((fact) => late.blockedBy.includes(fact))),
  );
  for (let before = -1; before !== shut.size;) {
    before = shut.size;
    const facts = [...shut].flatMap(({ makes }) => makes);
    for (const operation of done)
      if (operation.needs.some((fact) => facts.includes(fact))) shut.add(operation);
  }
  return [...shut];
}

const sum = (operations: readonly Operation[]) =>
  operations.reduce((total, { seconds }) => total + seconds, 0);
