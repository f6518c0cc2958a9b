import type { Message } from '../../message';
import type { Uncertain } from '../../units';
import { tell } from './messages';

/** What one class of power sourcing gives, and what it needs at the far end. */
export interface PowerClass {
  readonly id: string;
  readonly standard: string;
  readonly of: 'type' | 'class';
  readonly number: number;
  /** Least at the source, volt; power it gives and that the device may draw, watt. */
  readonly sourceV: number;
  readonly sourceW: number;
  readonly deviceW: number;
  readonly pairs: 2 | 4;
}

/** Source: IEEE 802.3-2022, clauses 33 (types 1 and 2) and 145 (types 3 and 4). */
export const POWER_CLASSES: readonly PowerClass[] = [
  {
    id: 'af',
    standard: '802.3af',
    of: 'type',
    number: 1,
    sourceV: 44,
    sourceW: 15.4,
    deviceW: 12.95,
    pairs: 2,
  },
  {
    id: 'at',
    standard: '802.3at',
    of: 'type',
    number: 2,
    sourceV: 50,
    sourceW: 30,
    deviceW: 25.5,
    pairs: 2,
  },
  {
    id: 'bt-5',
    standard: '802.3bt',
    of: 'class',
    number: 5,
    sourceV: 50,
    sourceW: 45,
    deviceW: 40,
    pairs: 4,
  },
  {
    id: 'bt-6',
    standard: '802.3bt',
    of: 'class',
    number: 6,
    sourceV: 50,
    sourceW: 60,
    deviceW: 51,
    pairs: 4,
  },
  {
    id: 'bt-7',
    standard: '802.3bt',
    of: 'class',
    number: 7,
    sourceV: 52,
    sourceW: 75,
    deviceW: 62,
    pairs: 4,
  },
  {
    id: 'bt-8',
    standard: '802.3bt',
    of: 'class',
    number: 8,
    sourceV: 52,
    sourceW: 90,
    deviceW: 71.3,
    pairs: 4,
  },
];

export interface PowerBudget {
  readonly id: string;
  readonly name: Message;
  /** At the device while it draws all it may; null where the cable can't carry it. */
  readonly deviceV: number | null;
  readonly currentA: number | null;
  readonly lostW: number | null;
  /** The most that the device can draw before the source gives all it has, watt. */
  readonly mostW: number;
  readonly enough: boolean;
  readonly sentence: Message;
}

/**
 * What arrives over a link with this loop resistance of a pair. Current goes out on the two
 * conductors of one pair and back on those of another: that path has half a pair's loop, and of two
 * such paths side by side a quarter.
 *
 * The upper end of the resistance (value + 2 u) is used: a device that just starts in the cold must
 * not stop in the heat.
 *
 * @param wiredPairs pairs that go through: classes that need more are not spoken of
 */
export function powerBudget(loop: Uncertain, wiredPairs = 4): PowerBudget[] {
  const worst = loop.value + 2 * loop.u;
  return POWER_CLASSES.filter(({ pairs }) => pairs <= wiredPairs).map(
    ({ id, standard, of, number, sourceV, sourceW, deviceW, pairs }) => {
      const path = pairs === 2 ? worst / 2 : worst / 4;
      const most = sourceW - (sourceW / sourceV) ** 2 * path;
      const root = sourceV ** 2 - 4 * path * deviceW;
      const currentA = root < 0 ? null : (sourceV - Math.sqrt(root)) / (2 * path);
      const deviceV = currentA === null ? null : sourceV - currentA * path;
      const enough = currentA !== null && most >= deviceW - 0.05;
      const name = tell('power-class', { standard, of, number });
      const lostW = currentA === null ? null : currentA ** 2 * path;
      const mostW = Math.max(0, most);
      return {
        id,
        name,
        deviceV,
        currentA,
        lostW,
        mostW,
        enough,
        sentence: tell('power-arrives', {
          source: name,
          deviceW,
          mostW,
          isEnough: enough,
          there:
            currentA === null || deviceV === null || lostW === null
              ? null
              : { deviceV, currentA, lostW },
        }),
      };
    },
  );
}
