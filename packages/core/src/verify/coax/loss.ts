import type { Cable } from '../../catalogue';
import type { Message } from '../../message';
import { LIGHT_M_S, type Uncertain } from '../../units';

import { tell } from './messages';

/** Copper's resistivity, ohm metre (IEC 60028), and the magnetic constant, henry per metre. */
const COPPER_OHM_M = 1.7241e-8;
const MU_0 = 4e-7 * Math.PI;

const DB_PER_NEPER = 20 / Math.LN10;
/** Loss angle of polyethylene, solid or foamed. Generic. */
const TAN_DELTA = 3e-4;
/** A stranded centre and a woven shield carry current on a longer way than a smooth tube. Generic. */
const STRANDED = 1.25;
const SHIELD: Readonly<Record<'braid' | 'foil', number>> = { braid: 1.6, foil: 1.3 };
/** Of a loss that is worked out from sizes alone, share of it: sizes and plating differ by maker. */
const GENERIC_U = 0.12;
/** Of one that a sheet tells, read at another frequency. */
const SHEET_U = 0.04;
/** Rise by temperature, per kelvin: half of copper's, since the skin is a square root. */
const PER_K = 0.00393 / 2;

/** What the reel's sheet says at one frequency. */
export interface SheetLoss {
  readonly mhz: number;
  readonly dbPer100M: number;
}

/**
 * Loss of 100 m of a coaxial cable, dB: of its conductors by the skin effect, of its dielectric by its
 * loss angle, both from the catalogue's sizes; or after the sheet of the reel, which is better.
 *
 * Source: the textbook transmission line, R' = (1/d + 1/D) / π · √(π f μ0 ρ), a = R' / 2Z0 + π f √ε tan δ / c.
 *
 * @throws for a cable that states no impedance
 */
export function coaxLossPer100M(
  cable: Cable,
  mhz: number,
  temperatureC = 20,
  sheet: SheetLoss | null = null,
): Uncertain {
  const here = fromSizes(cable, mhz);
  const warm = 1 + PER_K * (temperatureC - 20);
  if (!sheet) return { value: here * warm, u: here * warm * GENERIC_U };
  const value = ((sheet.dbPer100M * here) / fromSizes(cable, sheet.mhz)) * warm;
  return { value, u: value * SHEET_U };
}

function fromSizes(cable: Cable, mhz: number): number {
  const { impedanceOhm, conductorMm, insulationMm, stranding, parts } = cable;
  if (impedanceOhm === null) throw new Error(`${cable.name} states no impedance`);
  const hz = mhz * 1e6;
  const skinOhm = Math.sqrt(Math.PI * hz * MU_0 * COPPER_OHM_M);
  const inner = (stranding === 'stranded' ? STRANDED : 1) / (conductorMm / 1000);
  const outer = SHIELD[parts.includes('foil') ? 'foil' : 'braid'] / (insulationMm / 1000);
  const conductors = (skinOhm * (inner + outer)) / Math.PI / (2 * impedanceOhm);
  const rootEpsilon = (60 * Math.log(insulationMm / conductorMm)) / impedanceOhm;
  const dielectric = (Math.PI * hz * rootEpsilon * TAN_DELTA) / LIGHT_M_S;
  return 100 * DB_PER_NEPER * (conductors + dielectric);
}

/** Of one good connector below 1 GHz, dB, and a splitter's loss beyond its share, of each doubling. Generic. */
const CONNECTOR_DB = { value: 0.1, u: 0.05 } as const;
const DOUBLING_DB = { value: 0.6, u: 0.2 } as const;

export interface LossQuestion {
  readonly cable: Cable;
  readonly lengthM: number;
  readonly mhz: number;
  readonly temperatureC: number;
  readonly connectors: number;
  /** How many ways each splitter on the way has. */
  readonly splitters: readonly number[];
  readonly sheet: SheetLoss | null;
}

export interface LossRow {
  readonly what: Message;
  readonly db: Uncertain;
}

export interface LossBudget {
  readonly rows: readonly LossRow[];
  readonly total: Uncertain;
  /** Of the power that goes in, the share that comes out. */
  readonly share: number;
}

/** What is lost from one end of a coaxial link to the other. */
export function lossBudget(question: LossQuestion): LossBudget {
  const { cable, lengthM, mhz, temperatureC, connectors, splitters, sheet } = question;
  const per = coaxLossPer100M(cable, mhz, temperatureC, sheet);
  const times = ({ value, u }: Uncertain, factor: number) => ({
    value: value * factor,
    u: u * factor,
  });
  const rows: LossRow[] = [
    { what: tell('loss-cable', {}), db: times(per, lengthM / 100) },
    { what: tell('loss-connectors', { count: connectors }), db: times(CONNECTOR_DB, connectors) },
    ...splitters.map((ways) => {
      const doublings = Math.log2(ways);
      return {
        what: tell('loss-splitter', { ways }),
        db: {
          value: 10 * Math.log10(ways) + doublings * DOUBLING_DB.value,
          u: doublings * DOUBLING_DB.u,
        },
      };
    }),
  ];
  const value = rows.reduce((sum, { db }) => sum + db.value, 0);
  const u = Math.hypot(...rows.map(({ db }) => db.u));
  return { rows, total: { value, u }, share: 10 ** (-value / 10) };
}
