import type { Bench } from './circuit/bench';
import type { Made } from './circuit/made';
import { underTest } from './circuit/under-test';
import type { Shown } from './shown';
import { classOf, type Trial } from './testers';

/** What a trial shows of a link as it was made. */
export const observe = (trial: Trial, made: Made, model: Bench): Shown =>
  classOf(trial).observe(
    trial,
    underTest(() => made, model, trial.moved),
  );
