/**
 * Diameter of a round conductor in mm for an American Wire Gauge number (for stranded wire, of the
 * solid wire of equal area).
 * Source: ASTM B258, d = 0.127 mm x 92^((36 - n) / 39).
 */
export function awgDiameterMm(gaugeAwg: number): number {
  return 0.127 * 92 ** ((36 - gaugeAwg) / 39);
}

/** Cross-section of the conductor in mm². Same source. */
export const awgAreaMm2 = (gaugeAwg: number): number =>
  (Math.PI * awgDiameterMm(gaugeAwg) ** 2) / 4;
