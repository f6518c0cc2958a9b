/** Where a trace leaves what was predicted of it. */
export interface Misfit {
  /** Where it begins, about. */
  readonly index: number;
  /** Over how many samples it was seen. */
  readonly span: number;
}

/** As improbable as one in some millions, and looked for in thousands of places. */
const BEYOND_NOISE = 6;
/** What no model predicts: a share of what has just happened. */
const MODEL_SHARE = 0.015;

/**
 * The first place where the residual stands out of its noise and of what a model of cables can get wrong.
 * It is looked for over single samples and over longer and longer means, since loss smears an echo.
 *
 * @param residual measured less predicted
 * @param predicted its own changes show where a model's errors are
 * @param edge samples of an edge
 * @param least what is too small to be told of: cables are not more even than that
 */
export function firstMisfit(
  residual: Float64Array,
  predicted: Float64Array,
  usable: Float64Array,
  sd: number,
  edge: number,
  from: number,
  least: number,
): Misfit | null {
  const count = residual.length;
  const stir = stirOf(predicted, edge);
  const sums = new Float64Array(count + 1);
  const counts = new Float64Array(count + 1);
  const stirs = new Float64Array(count + 1);
  for (let n = 0; n < count; n += 1) {
    const use = (usable[n] as number) > 0 ? 1 : 0;
    sums[n + 1] = (sums[n] as number) + use * (residual[n] as number);
    counts[n + 1] = (counts[n] as number) + use;
    stirs[n + 1] = (stirs[n] as number) + use * (stir[n] as number);
  }
  let first: { readonly end: number; readonly span: number } | null = null;
  for (let span = Math.max(2, edge >> 1); span <= count / 4; span *= 2) {
    const until = Math.min(count, first?.end ?? count) - span;
    for (let n = Math.max(0, from - (span >> 1)); n <= until; n += 1) {
      const used = (counts[n + span] as number) - (counts[n] as number);
      if (used < span / 2 || beyond(n, n + span) < BEYOND_NOISE) continue;
      first = { end: n + span, span };
      break;
    }
  }
  if (!first) return null;
  // The means that stood out first have more of it at their end: where it begins stands out most.
  let index = first.end - first.span;
  let most = 0;
  for (let n = index; n < first.end; n += 1) {
    const sigmas = beyond(n, first.end);
    if (sigmas > most) [most, index] = [sigmas, n];
  }
  return { index, span: first.end - index };

  function beyond(start: number, end: number): number {
    const used = (counts[end] as number) - (counts[start] as number);
    if (used === 0) return 0;
    const mean = ((sums[end] as number) - (sums[start] as number)) / used;
    const wrong = (MODEL_SHARE * ((stirs[end] as number) - (stirs[start] as number))) / used;
    const over = Math.abs(mean) - wrong;
    return over < least ? 0 : over / (sd / Math.sqrt(used));
  }
}

/** How much has just happened, or is about to: what was predicted to change, fading to both sides. */
function stirOf(predicted: Float64Array, edge: number): Float64Array {
  const count = predicted.length;
  const stir = new Float64Array(count);
  const fade = Math.exp(-1 / (8 * edge));
  let now = 0;
  for (let n = 1; n < count; n += 1) {
    now = now * fade + Math.abs((predicted[n] as number) - (predicted[n - 1] as number));
    stir[n] = now;
  }
  now = 0;
  const early = Math.exp(-1 / (1.5 * edge));
  for (let n = count - 1; n > 0; n -= 1) {
    now = now * early + Math.abs((predicted[n] as number) - (predicted[n - 1] as number));
    stir[n] = Math.max(stir[n] as number, now);
  }
  return stir;
}
