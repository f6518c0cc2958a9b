import type { Fit } from './fit-guess';
import type { Change } from './guess';
import { lossBySkin, type Prior } from './parameter';
import { plainly } from './plainly';
import { isFit, LEAST_FITS, LEAST_GAIN, lower, type SweepSearch } from './sweep-search';

/** No cable has more skin effect, 1/√s: a wire of a tenth of a millimetre in 50 ohm has 900. */
const MOST_SKIN = 1500;
/** Nor less than this: the thickest coaxial cables have some 40. What seems to have less lies near. Generic. */
const LEAST_SKIN = 30;
/** A line with as many changes is rather one whose end was seen too near; and so many ranges too near it may be. */
const MANY_CHANGES = 4;
const FOLDS = [1, 2];
/** From thick coaxial to thin pair, 1/√s. Generic. */
const FOLDED_SKINS = [60, 110, 180, 300];

/**
 * What lies behind the range of a sweep is seen nearer by as much as the range is, though with the loss and the
 * phases of its own way: where it takes many places to explain that, or they do not, it is supposed further away.
 *
 * @param plain the line without any change
 * @param near as it was explained within the range
 * @param growFrom goes on with a fit until nothing is left
 */
export function beyondRange(
  plain: Fit,
  near: Fit,
  prior: Prior,
  search: SweepSearch,
  growFrom: (first: Fit) => Fit,
): Fit {
  const echo = search.leftBy(plain);
  const { changes, loss } = near.guess.line;
  const isOdd = changes.length >= MANY_CHANGES || loss.skin > MOST_SKIN;
  if (!echo || !(isOdd || search.isOff(near))) return near;
  return FOLDS.reduce((best, folds) => {
    search.allow(LEAST_FITS);
    const change: Change = {
      kind: 'end',
      delayS: echo.delayS + folds * search.rangeS,
      size: 0,
      stubS: 0,
    };
    // So far away, an echo of another loss stands at another delay.
    const far = FOLDED_SKINS.flatMap((skin) => {
      const { line } = plain.guess;
      const lossy = lossBySkin(skin, prior.resistance.mean, line.loss.dielectric);
      const guess = { ...plain.guess, line: { ...line, loss: lossy } };
      const one = search.placed(guess, { before: [], place: 0, change }, echo);
      return one ? [search.fitted(one)] : [];
    }).reduce<Fit | null>((one, next) => lower(next, one), null);
    const other = far && growFrom(far);
    const isPlain =
      other &&
      other.guess.line.changes.length < MANY_CHANGES &&
      other.guess.line.loss.skin > LEAST_SKIN &&
      !search.isOff(other) &&
      isFit(other);
    return isPlain && plainly(other) < plainly(best) - LEAST_GAIN ? other : best;
  }, near);
}
