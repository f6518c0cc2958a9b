import type { Prior } from './parameter';
import { ANY_IMPEDANCE_OHM, type Told } from '../told';

/** Cables hold their impedance within a few percent; of one that is not told, little is known. */
const TOLD_IMPEDANCE_SHARE = 0.03;
const ANY_IMPEDANCE_SHARE = 0.15;
/** From thick coaxial to thin pair, 1/√s. Generic. */
const ANY_SKIN = { mean: 150, sd: 300 };
/**
 * R′ / L′ at direct current by the square of the skin effect, a number. Of a round wire alone it is 8π times
 * (L′ / μ0) for each wire that the current goes through, about 10 from 50 to 100 ohm; less where a shield or
 * strands add to the skin effect. Generic.
 */
const RESISTANCE_BY_SKIN = { mean: 7, sd: 4 };
/** Polyethylene and its foams, and worse. Generic. */
export const ANY_DIELECTRIC = { mean: 2e-4, sd: 5e-4 };

/** What is known of the cable before its trace is looked at. */
export function priorOf(
  { impedanceOhm, skin }: Told,
  of: 'trace' | 'sweep',
  mean = impedanceOhm ?? ANY_IMPEDANCE_OHM,
): Prior {
  return {
    impedance: {
      mean,
      sd: mean * (impedanceOhm === null ? ANY_IMPEDANCE_SHARE : TOLD_IMPEDANCE_SHARE),
    },
    skin: skin ? { mean: skin.value, sd: skin.u } : ANY_SKIN,
    resistance: RESISTANCE_BY_SKIN,
    // An edge's form tells it from the skin effect no better than it is known beforehand.
    dielectric: of === 'trace' ? { ...ANY_DIELECTRIC, sd: 0 } : ANY_DIELECTRIC,
  };
}
