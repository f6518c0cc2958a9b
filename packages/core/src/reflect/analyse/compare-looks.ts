import type { Message } from '../../message';
import { WITHIN_95, type Uncertain } from '../../units';
import { metresOf } from '../hand';
import type { Analysis } from './analysis';
import type { FirstLook, FirstPlace } from './first-place';
import { tell, type Far } from './messages';

/** A first look in words, while what it sees is worked out. The greatest are told. */
export function tellFirstLook({ places }: FirstLook): Message {
  const told = [...places]
    .sort((a, b) => Math.abs(b.size) - Math.abs(a.size))
    .slice(0, MOST_TOLD)
    .sort((a, b) => a.delayS.value - b.delayS.value)
    .map(({ distanceM }) => distanceM);
  return tell('first-look', { at: told, more: places.length - told.length });
}

const MOST_TOLD = 4;

/**
 * What an analysis makes of what was seen at first look: which places stand and how far they moved, which
 * are no places, and which were not seen.
 */
export function compareLooks({ places }: FirstLook, analysis: Analysis): Message[] {
  const { velocityFactor, events, trace, intervalS } = analysis;
  const edgeS = trace?.riseS ?? intervalS;
  const found = events.filter(({ kind }) => kind !== 'ghost');
  const isThere =
    (one: Uncertain) =>
    ({ delayS }: { readonly delayS: Uncertain }): boolean =>
      Math.abs(delayS.value - one.value) < WITHIN_95 * Math.hypot(one.u, delayS.u) + edgeS;
  const offS = (place: FirstPlace) => (event: { readonly delayS: Uncertain }) =>
    Math.abs(event.delayS.value - place.delayS.value);
  const stand = places.filter(({ delayS }) => found.some(isThere(delayS)));
  const gone = places.filter((place) => !stand.includes(place));
  const isNew = found.filter(({ delayS }) => !places.some(isThere(delayS)));
  const mostS = Math.max(
    0,
    ...stand.map((place) => Math.min(...found.filter(isThere(place.delayS)).map(offS(place)))),
  );
  const far = ({ delayS: { value } }: { readonly delayS: Uncertain }): Far => ({
    distanceM: metresOf(value, velocityFactor.value),
    isNear: true,
  });
  return [
    stand.length > 0 &&
      tell('look-stands', {
        count: stand.length,
        of: places.length,
        by: { distanceM: metresOf(mostS, velocityFactor.value), isNear: true },
      }),
    gone.length > 0 && tell('look-gone', { at: gone.map(far) }),
    isNew.length > 0 && tell('look-new', { at: isNew.map(far) }),
  ].filter((one) => one !== false);
}
