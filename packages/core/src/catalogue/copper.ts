/** Copper at 20 degrees Celsius, ohm mm² per metre, and its rise per kelvin. Source: IEC 60028. */
const COPPER = { ohmMm2PerM: 0.017241, perK: 0.00393 } as const;

/** The resistance of one copper core, ohm. */
export const coreOhm = (lengthM: number, areaMm2: number, temperatureC: number): number =>
  ((COPPER.ohmMm2PerM * lengthM) / areaMm2) * (1 + COPPER.perK * (temperatureC - 20));
