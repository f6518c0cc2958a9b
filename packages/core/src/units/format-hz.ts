const UNITS = [
  [1e12, 'THz'],
  [1e9, 'GHz'],
  [1e6, 'MHz'],
  [1e3, 'kHz'],
] as const;

/** A frequency with three figures, in the unit that leaves one to three before the point. */
export function formatHz(hz: number): string {
  const [by, unit] = UNITS.find(([least]) => hz >= 0.9995 * least) ?? [1, 'Hz'];
  return `${Number((hz / by).toPrecision(3))} ${unit}`;
}
