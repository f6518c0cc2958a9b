import type { Loss } from './line';
import { wireImpedance } from './wire';

/**
 * What a wave loses at each frequency, neper for each second of delay, of small losses: half of what its
 * conductors have of resistance over L′, and half of ω δ. Well above direct current that is skin · √(πf) + R / 8
 * + πfδ.
 */
export function attenuationOf(loss: Loss, hz: readonly number[]): Float64Array {
  const roots = Float64Array.from(hz, (one) => Math.sqrt(Math.PI * one));
  const { re } = wireImpedance(loss, { re: roots, im: roots });
  return re.map((metal, k) => metal / 2 + Math.PI * (hz[k] as number) * loss.dielectric);
}
