/** A layer gives back no more than this: what would be more is noise, or the end. */
const MOST = 0.98;

/**
 * The impedance of a lossless line of layers, each as long as one step takes there and back, out of what
 * comes back of an impulse: each layer's share is what is left first, when what goes to and fro between
 * the layers before it is taken away.
 *
 * Source: the layer-peeling (dynamic deconvolution) algorithm of one-dimensional inverse scattering.
 *
 * @param echoes what comes back in each step, beside the impulse; as many as layers are wanted
 * @returns the impedance behind each boundary
 */
export function layerPeeling(echoes: Float64Array, ohm: number): Float64Array {
  const count = echoes.length;
  const down = new Float64Array(count);
  const up = echoes.slice();
  down[0] = 1;
  const out = new Float64Array(count);
  let here = ohm;
  for (let layer = 0; layer < count; layer += 1) {
    const share = Math.max(-MOST, Math.min(MOST, (up[0] as number) / down[0]));
    here *= (1 + share) / (1 - share);
    out[layer] = here;
    const left = count - layer;
    for (let n = 0; n < left; n += 1) {
      const a = down[n] as number;
      const b = up[n] as number;
      down[n] = a - share * b;
      // One step nearer: the next layer's own comes first.
      if (n > 0) up[n - 1] = b - share * a;
    }
    up[left - 1] = 0;
  }
  return out;
}
