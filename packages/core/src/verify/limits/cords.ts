import { cableLossDb, heatFactor, type LimitSet } from './class-limits';

/** Cords that are added to what was measured. */
export interface Cords {
  readonly lengthM: number;
  /** How much more a flexible cord loses than the solid cable: see CORD_LOSS. */
  readonly more: number;
}

/**
 * A stranded cord's loss beyond that of solid cable, share of it: 20 % at 24 AWG, 50 % at 26 AWG.
 *
 * Source: ANSI/TIA-568.2-D, ISO/IEC 11801-1.
 */
export const CORD_LOSS = { 24: 0.2, 26: 0.5 } as const;

/** What cords of a class add to the insertion loss at a frequency, dB; each end brings a connection. */
export function cordsLossDb(
  { lengthM, more }: Cords,
  limits: LimitSet,
  mhz: number,
  temperatureC: number,
  shielded: boolean,
): number {
  if (lengthM <= 0) return 0;
  const cable = cableLossDb(limits, mhz) * (lengthM / 100) * (1 + more);
  return cable * heatFactor(temperatureC, shielded);
}

/** Longest fixed cable, and longest channel with 24 AWG cords, m. */
const FIXED_M = 90;
const CHANNEL_M = 102;

/**
 * The most cord that a channel may have, m, in all, by the length of its fixed cable: C = (102 - H) /
 * (1 + D). A hot cable counts for as much more as it loses more. Never below nothing.
 *
 * Source: ANSI/TIA-568.0-D, open office cabling.
 */
export function mostCordM(
  fixedM: number,
  more: number,
  hottestC: number,
  shielded: boolean,
): number {
  const counted = fixedM * heatFactor(hottestC, shielded);
  return counted > FIXED_M + 1e-9 ? 0 : Math.max(0, (CHANNEL_M - counted) / (1 + more));
}
