import type { Touchstone } from '../../formats/captures';
import type { Uncertain } from '../../units';
import { LEAST_POINTS } from './analyse-sweep';
import { firstPlaces, type FirstLook } from './first-place';
import { lookAtSweep } from './look-at-sweep';
import { unevenPoint } from './uneven-point';

/**
 * Standard uncertainty of a delay that nothing explains, a share of how far the echo is smeared. By
 * bench:look, the captures of another model: 95 of 100 lie within twice that.
 */
const U_SMEARS = 0.4;

/** What a sweep shows at a first look; null of what can’t be analysed. */
export function firstLookAtSweep(
  { points, ports }: Touchstone,
  velocityFactor: Uncertain,
): FirstLook | null {
  const hz = points.map((point) => point.hz);
  const stepHz = ((hz.at(-1) ?? 0) - (hz[0] ?? 0)) / (hz.length - 1);
  if (ports > 2 || points.length < LEAST_POINTS || !(stepHz > 0) || unevenPoint(hz) >= 0)
    return null;
  const part = (of: 're' | 'im') => points.map((point) => point.s[0]?.[0]?.[of] ?? 0);
  const seen = lookAtSweep(hz, Float64Array.from([...part('re'), ...part('im')]));
  return {
    places: firstPlaces(
      seen,
      velocityFactor,
      0,
      () => 'something',
      (smearedS) => U_SMEARS * smearedS,
    ),
    launchAtS: 0,
    rangeS: 1 / stepHz,
  };
}
