/**
 * How likely so many attempts are enough for a number of good ones, where the share of good ones is a Beta of what
 * was good and what failed.
 *
 * Source: the beta negative binomial, term by term: P(k failures before the n-th good one) =
 * C(n + k − 1, k) B(good + n, failed + k) / B(good, failed).
 */
export function attemptsWithin(
  needed: number,
  good: number,
  failed: number,
): (attempts: number) => number {
  // No failure: (good)(good + 1)… over (good + failed)…, n factors.
  let term = 1;
  for (let n = 0; n < needed; n += 1) term *= (good + n) / (good + failed + n);
  const sums = [term];
  return (attempts) => {
    const most = attempts - needed;
    if (most < 0) return 0;
    for (let k = sums.length; k <= most; k += 1) {
      term *= ((needed + k - 1) * (failed + k - 1)) / (k * (good + failed + needed + k - 1));
      sums.push((sums[k - 1] ?? 0) + term);
    }
    return Math.min(1, sums[most] ?? 1);
  };
}
