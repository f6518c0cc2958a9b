import type { Uncertain } from '../../units';
import { attemptsWithin } from './attempts';

/** A part that is made good so often, and how it went up to now. */
export interface SparePart {
  readonly id: string;
  /** Good ones that the day needs. */
  readonly needed: number;
  /** Made up to now, and how many of those had to be made again. */
  readonly made: number;
  readonly failed: number;
  /** So many to a pack; they come one by one where it is 1. */
  readonly pack: number;
}

export interface Spare {
  readonly id: string;
  /** How many to bring in all, whole packs. */
  readonly bring: number;
  readonly packs: number;
  /** Share that has to be made again. */
  readonly rate: Uncertain;
}

/**
 * Before anything was made: as if one of twenty had failed. Generic, for the firm’s own numbers to outweigh: crews
 * differ by more than connectors do.
 */
const BEFORE = { failed: 1, good: 19 };

/** Nobody brings more than so many times what is needed: then the way of making it is what is wrong. */
const MOST_TIMES = 20;

/**
 * How many of each part to bring so that the day does not stop for want of any, in so many of all cases. What a
 * crew’s rate is, is itself known only as well as its own makes tell.
 *
 * Source: Beta prior, so that attempts for a number of good ones are beta negative binomial.
 *
 * @param service share of days that must not stop, below 1
 */
export function spares(parts: readonly SparePart[], service: number): Spare[] {
  const rows = parts.map((part) => {
    const failed = BEFORE.failed + part.failed;
    const good = BEFORE.good + part.made - part.failed;
    const lastsWith = attemptsWithin(part.needed, good, failed);
    return { part, failed, good, lastsWith, packs: Math.ceil(part.needed / part.pack) };
  });
  // One pack more of what most gains from it, until all of them together last.
  for (;;) {
    const all = rows.reduce((product, row) => product * chanceOf(row), 1);
    const growing = rows.filter(
      ({ part, packs }) => packs * part.pack < MOST_TIMES * Math.max(1, part.needed),
    );
    if (all >= service || growing.length === 0) break;
    const best = growing.reduce((one, other) => (gainOf(other) > gainOf(one) ? other : one));
    best.packs += 1;
  }
  return rows.map(({ part, failed, good, packs }) => ({
    id: part.id,
    bring: packs * part.pack,
    packs,
    rate: betaOf(failed, good),
  }));
}

interface Row {
  readonly part: SparePart;
  readonly lastsWith: (attempts: number) => number;
  packs: number;
}

const chanceOf = ({ part, lastsWith, packs }: Row, more = 0): number =>
  lastsWith((packs + more) * part.pack);

/** What a pack more makes of the chance, for each part in it. */
const gainOf = (row: Row): number => Math.log(chanceOf(row, 1) / chanceOf(row)) / row.part.pack;

/** Mean and standard deviation of a share that failed and good ones tell of. */
function betaOf(failed: number, good: number): Uncertain {
  const all = failed + good;
  return {
    value: failed / all,
    u: Math.sqrt((failed * good) / (all * all * (all + 1))),
  };
}
