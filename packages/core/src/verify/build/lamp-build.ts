import type { Message } from '../../message';
import { e24Between } from '../../units';
import { DIM_A, LIT_A, type LampParts } from '../circuit/lamp-circuit';
import { tell } from './messages';

/** Lamps by colour: their drop at some 10 mA, volt. Generic: the sheet of the lamp decides. */
export const LAMPS = [
  { id: 'red', name: 'Red', lampV: 1.9 },
  { id: 'amber', name: 'Amber', lampV: 2.0 },
  { id: 'green', name: 'Green', lampV: 2.2 },
  { id: 'white', name: 'White', lampV: 3.1 },
] as const;
export type LampId = (typeof LAMPS)[number]['id'];

/** Supplies: when new, when called empty, and what they hold. Generic. */
export const SUPPLIES = [
  { id: 'block-9', name: '9 V block', supplyV: 9, emptyV: 6, capacityAh: 0.5 },
  { id: 'four-aa', name: '4 cells of 1.5 V', supplyV: 6, emptyV: 4, capacityAh: 2.4 },
  { id: 'three-aa', name: '3 cells of 1.5 V', supplyV: 4.5, emptyV: 3, capacityAh: 2.4 },
  { id: 'two-aa', name: '2 cells of 1.5 V', supplyV: 3, emptyV: 2, capacityAh: 2.4 },
] as const;
export type SupplyId = (typeof SUPPLIES)[number]['id'];

export interface BuildQuestion {
  readonly supply: SupplyId;
  readonly lampV: number;
  /** Through one lamp, as wished. */
  readonly wantedA: number;
  /** Of one loop of the longest cable that it shall test. */
  readonly loopOhm: number;
  readonly lamps: number;
}

export type Brightness = 'bright' | 'dim' | 'dark';

/** A resistor of the series, and what follows from it. */
export interface BuildChoice {
  readonly ohm: number;
  /** Through one lamp with the supply new, over no cable; over the longest cable, empty. */
  readonly newA: number;
  readonly worstA: number;
  readonly atWorst: Brightness;
  readonly resistorW: number;
  /** All lamps lit, until the supply is empty. */
  readonly hours: number;
}

export interface Build {
  /** What the wished current asks for; null where the supply can't light the lamp. */
  readonly exactOhm: number | null;
  readonly choices: readonly BuildChoice[];
  /** Of the choices: the least that does not exceed the wished current. */
  readonly best: BuildChoice | null;
  readonly warnings: readonly Message[];
}

/** What small resistors and lamps bear. Generic. */
const RESISTOR_W = 0.25;
const LAMP_MOST_A = 0.02;

const brightness = (ampere: number): Brightness =>
  ampere >= LIT_A ? 'bright' : ampere >= DIM_A ? 'dim' : 'dark';

export const supplyOf = (id: SupplyId): (typeof SUPPLIES)[number] =>
  SUPPLIES.find((row) => row.id === id) ?? SUPPLIES[0];

/** The resistor beside each lamp: R = (U - U of the lamp) / I, and the values of the series around it. */
export function buildLamps({ supply, lampV, wantedA, loopOhm, lamps }: BuildQuestion): Build {
  const { supplyV, emptyV, capacityAh } = supplyOf(supply);
  const over = supplyV - lampV;
  if (over <= 0.2)
    return {
      exactOhm: null,
      choices: [],
      best: null,
      warnings: [tell('supply-too-low', { supplyV, lampV })],
    };
  const exactOhm = over / wantedA;
  const choices = e24Between(exactOhm * 0.55, exactOhm * 2.6).map((ohm): BuildChoice => {
    const newA = over / ohm;
    const worstA = Math.max(0, emptyV - lampV) / (ohm + loopOhm);
    return {
      ohm,
      newA,
      worstA,
      atWorst: brightness(worstA),
      resistorW: newA ** 2 * ohm,
      hours: capacityAh / (newA * lamps),
    };
  });
  const best = choices.find(({ newA }) => newA <= wantedA * (1 + 1e-9)) ?? null;
  const warnings = [
    ...(best && best.newA > LAMP_MOST_A ? [tell('lamp-too-much', { mostA: LAMP_MOST_A })] : []),
    ...(best && best.resistorW > RESISTOR_W
      ? [tell('resistor-too-small', { watt: best.resistorW })]
      : []),
    ...(best && best.atWorst !== 'bright' ? [tell('lamps-hardly-light', {})] : []),
    ...(emptyV <= lampV ? [tell('lamps-out-early', {})] : []),
  ];
  return { exactOhm, choices, best, warnings };
}

/** The parts as the simulation takes them. */
export const partsOf = (supply: SupplyId, lampV: number, seriesOhm: number): LampParts => ({
  supplyV: supplyOf(supply).supplyV,
  seriesOhm,
  lampV,
});
