import { inputImpedance, type InputImpedance, type Seen } from '../line/input-impedance';
import { keepMedia } from '../line/medium';
import { scaleIn, type Plane } from '../line/plane';
import { slopeOf, valueOf, type Ratio } from '../line/ratio';
import { jacobianAlong } from '../line/jacobian-along';
import { lineOf, type Guess, type GuessedLine } from './guess';
import type { Parameter } from './parameter';

/** What is told of guessed lines over the same points, and how it changes with their parameters. */
export function lookAtGuess(plane: Plane, ratioOf: (guess: Guess) => Ratio) {
  const media = keepMedia(plane);
  let last: { readonly line: GuessedLine; readonly seen: Seen } | null = null;
  const seenOf = ({ line }: Guess): Seen => {
    if (last?.line !== line) last = { line, seen: inputImpedance(lineOf(line), media) };
    return last.seen;
  };
  return {
    value: (guess: Guess): Plane =>
      valueOf(ratioOf(guess), seenOf(guess).near[0] as InputImpedance, plane),
    /** Of each parameter, by its scale. */
    jacobian: (guess: Guess, parameters: readonly Parameter[]): Plane[] => {
      const seen = seenOf(guess);
      const slope = slopeOf(ratioOf(guess), seen.near[0] as InputImpedance, plane);
      const steps = parameters.map((parameter) => smallStep(parameter, guess));
      const moved = steps.map((step) => lineOf(step.guess.line));
      const planes = jacobianAlong(lineOf(guess.line), seen, slope, moved, media);
      return planes.map((one, index) => scaleIn(one, 1 / (steps[index] as Step).share));
    },
  };
}

interface Step {
  /** Of the parameter's scale; below nothing, the other way. */
  readonly share: number;
  readonly guess: Guess;
}

/** Of a parameter's scale: a slope is taken over it. */
const SMALL = 1e-3;

/** The guess with a parameter a little off, away from the nearer bound. */
export function smallStep(parameter: Parameter, guess: Guess): Step {
  const value = parameter.get(guess);
  const share = value + parameter.scale > parameter.most ? -SMALL : SMALL;
  return { share, guess: parameter.set(guess, value + share * parameter.scale) };
}
