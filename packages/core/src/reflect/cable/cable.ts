import type { Cable } from '../../catalogue';
import type { Uncertain } from '../../units';
import { lossOf, type SheetLoss } from '../simulate';

/** What a trace is read with, of a cable as the catalogue names it. */
export interface ReflectFacts {
  readonly velocityFactor: Uncertain;
  readonly impedanceOhm: number;
  readonly loss: SheetLoss;
  /** Of the skin effect, as a trace's explanation begins with it, 1/√s; see Loss. */
  readonly skin: Uncertain;
}

interface Row {
  readonly fits: (cable: Cable) => boolean;
  readonly velocityFactor: number;
  readonly loss: SheetLoss;
}

/**
 * Generic, by kind: solid polyethylene carries waves at 0.66 (1/√2.25), foams at 0.78 and more, pairs
 * between as their insulation is thin. Losses are round figures of the kind. The sheet of the reel, or a
 * measurement on a known length, takes their place.
 */
const ROWS: readonly Row[] = [
  {
    fits: ({ grade }) => grade.startsWith('RG-6') || grade.startsWith('RG-8X'),
    velocityFactor: 0.82,
    loss: { a0: 0, a1: 0.65, a2: 0.002 },
  },
  {
    fits: ({ family }) => family === 'coax',
    velocityFactor: 0.66,
    loss: { a0: 0, a1: 1.4, a2: 0.008 },
  },
  {
    fits: ({ family, grade }) => family === 'four-pair' && grade === '5e',
    velocityFactor: 0.68,
    loss: { a0: 0, a1: 1.95, a2: 0.02 },
  },
  {
    fits: ({ family }) => family === 'four-pair',
    velocityFactor: 0.7,
    loss: { a0: 0, a1: 1.85, a2: 0.015 },
  },
];

const OTHER: Row = {
  fits: () => true,
  velocityFactor: 0.66,
  loss: { a0: 0, a1: 2.5, a2: 0.03 },
};

/** Makers differ by this much between cables of one kind. */
const GENERIC_U = 0.03;
const OTHER_U = 0.05;
const OTHER_OHM = 100;
/** Of a loss that is generic, a share. */
const SKIN_U = 0.5;

export function reflectFacts(cable: Cable): ReflectFacts {
  const row = ROWS.find(({ fits }) => fits(cable)) ?? OTHER;
  const { skin } = lossOf(row.loss, row.velocityFactor);
  return {
    velocityFactor: { value: row.velocityFactor, u: row === OTHER ? OTHER_U : GENERIC_U },
    impedanceOhm: cable.impedanceOhm ?? OTHER_OHM,
    loss: row.loss,
    skin: { value: skin, u: SKIN_U * skin },
  };
}
