/** A point may stray from even spacing by this share of it. */
const UNEVEN = 0.05;

/** The first of some frequencies that is not as far from its neighbours as all are on the mean; -1 where all are. */
export function unevenPoint(hz: readonly number[]): number {
  const [first = 0, last = 0] = [hz[0], hz.at(-1)];
  const stepHz = (last - first) / (hz.length - 1);
  return hz.findIndex((one, k) => !(Math.abs(one - first - k * stepHz) <= UNEVEN * stepHz));
}
