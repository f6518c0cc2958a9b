import type { State } from './advice';
import { CALLBACK_MINUTES, PROVE_MINUTES, repairMinutes } from './repair';
import { repairs } from './shares';

/** Whether only one repair is left. */
export const isClear = ({ candidates }: State): boolean => repairs(candidates).length < 2;

/** Repairs in the order that reaches the right one soonest: the likelier per minute first. */
export function inTurn({ candidates, at }: State, walkMinutes: number) {
  return repairs(candidates)
    .map(([key, share]) => {
      const minutes = key === '' ? PROVE_MINUTES : repairMinutes(key, at, walkMinutes);
      // Who leaves a link that is faulty has to come again.
      const wrong = key === '' ? CALLBACK_MINUTES : 0;
      return { key, share, minutes, wrong };
    })
    .sort(
      (a, b) =>
        b.share / (b.minutes + b.wrong * (1 - b.share)) -
        a.share / (a.minutes + a.wrong * (1 - a.share)),
    );
}

/** Expected minutes of trying one repair after the other until the link is good. */
export function repairsInTurn(state: State, walkMinutes: number): number {
  let spent = 0;
  return inTurn(state, walkMinutes).reduce((sum, { share, minutes, wrong }) => {
    spent += minutes;
    const now = sum + share * spent;
    spent += wrong;
    return now;
  }, 0);
}
