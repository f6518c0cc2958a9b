import { seeded } from '../../testing/seeded';
import { buzzInReach, expectedProbes, type Buzzed, type ProbeReading } from './in-reach';
import { planWalk, type Ties } from './walk-plan';
import { RETURN, readWalk } from './walk-result';

const names = (count: number) => Array.from({ length: count }, (_, i) => String(i + 1));

/** A cable as it lies there: which far core each near core is, which are broken, which touch. */
interface Real {
  readonly farOf: readonly number[];
  readonly open: number | null;
  readonly short: readonly [number, number] | null;
}

/** Which cores beep together at one end while the other end is tied; worked out from the copper alone. */
function beeping(real: Real, tied: Ties, readAt: 'near' | 'far'): number[][] {
  const count = real.farOf.length;
  const nearOf = new Map(real.farOf.map((far, index) => [far, index + 1]));
  // A label for each piece of copper; what is joined takes one label.
  const piece = Array.from({ length: count + 1 }, (_, core) => core);
  const join = (a: number, b: number) => {
    const [from, to] = [piece[a] ?? 0, piece[b] ?? 0];
    piece.forEach((at, core) => {
      if (at === from) piece[core] = to;
    });
  };
  for (const group of tied) {
    const cores = group.map((core) => (readAt === 'far' ? core : (nearOf.get(core) ?? 0)));
    const whole = cores.filter((core) => core !== real.open);
    for (const core of whole.slice(1)) join(core, whole[0] ?? core);
  }
  if (real.short) join(...real.short);
  const groups = new Map<number, number[]>();
  for (let core = 1; core <= count; core += 1) {
    const at = piece[core] ?? 0;
    const told = readAt === 'near' ? core : (real.farOf[core - 1] ?? 0);
    groups.set(at, [...(groups.get(at) ?? []), told]);
  }
  return [...groups.values()];
}

const PLANS = Array.from({ length: 61 }, (_, count) => planWalk(count));

function walk(real: Real, plan = PLANS[real.farOf.length] ?? planWalk(real.farOf.length)) {
  const far = beeping(real, plan.nearTies, 'far');
  const there = readWalk(plan, { far, near: null });
  if (!there.farTies) return { ...there, plan };
  return { ...readWalk(plan, { far, near: beeping(real, there.farTies, 'near') }), plan };
}

describe('walking', () => {
  it('needs two walks for any number of cores but two, and ties every core at the near end', () => {
    for (let count = 1; count <= 60; count += 1) {
      const plan = planWalk(count);
      expect(plan.walks)
        .withContext(`${count}`)
        .toBe(count > 2 ? 2 : count - 1);
      expect(plan.nearTies.flat()).toEqual(Array.from({ length: count }, (_, i) => i + 1));
    }
  });

  it('cannot be done in one walk: cores of one tie, and untied ones, look alike from the far end', () => {
    // The bound: with more than two cores, some two have the same group size whatever is tied.
    for (let count = 3; count <= 60; count += 1) {
      const sizes = planWalk(count).nearTies.flatMap((group) => group.map(() => group.length));
      expect(new Set(sizes).size).toBeLessThan(count);
    }
  });

  it('labels every core of 3 to 60 rightly, in any order', () => {
    const { shuffle } = seeded(7);
    for (let count = 3; count <= 60; count += 1) {
      const farOf = shuffle(Array.from({ length: count }, (_, i) => i + 1));
      const { labels, contradictions, unproven } = walk({ farOf, open: null, short: null });
      expect(contradictions).toEqual([]);
      expect(labels.map(({ far }) => far))
        .withContext(`${count}`)
        .toEqual(farOf);
      expect(unproven.length).toBeLessThanOrEqual(1);
    }
  });

  it('labels rightly or names the contradiction, for every single open and every single short', () => {
    const { shuffle } = seeded(11);
    for (let count = 3; count <= 60; count += 1) {
      const farOf = shuffle(Array.from({ length: count }, (_, i) => i + 1));
      const faults: Real[] = [];
      for (let a = 1; a <= count; a += 1) {
        faults.push({ farOf, open: a, short: null });
        for (let b = a + 1; b <= count; b += 1) faults.push({ farOf, open: null, short: [a, b] });
      }
      for (const real of faults) {
        const { labels, contradictions, unproven } = walk(real);
        const right =
          labels.length === count && labels.every(({ near, far }) => farOf[near - 1] === far);
        const faulty = real.open === null ? (real.short ?? []) : [real.open];
        const cores = (ends: readonly string[], atFar: boolean) =>
          ends.map((text) => (atFar ? farOf.indexOf(Number(text)) + 1 : Number(text)));
        const named = contradictions.some(
          ({ kind, near, far }) =>
            kind === (real.open === null ? 'short' : 'open') &&
            faulty.every((core) => [...cores(near, false), ...cores(far, true)].includes(core)),
        );
        if (real.open !== null && right) expect(unproven).toEqual([real.open]);
        else
          expect(named)
            .withContext(`${count} ${JSON.stringify([real.open, real.short])}`)
            .toBeTrue();
      }
    }
  });

  it('tells two cores apart with a return, and says what does not fit', () => {
    const plan = planWalk(2);
    expect(plan.needsReturn).toBeTrue();
    expect(readWalk(plan, { far: [[RETURN, 2], [1]], near: null }).labels).toEqual([
      { near: 1, far: 2 },
      { near: 2, far: 1 },
    ]);
    expect(readWalk(plan, { far: [[RETURN], [1], [2]], near: null }).contradictions[0]?.kind).toBe(
      'open',
    );
    expect(readWalk(plan, { far: [[RETURN, 1, 2]], near: null }).contradictions[0]?.kind).toBe(
      'short',
    );
    expect(readWalk(planWalk(3), { far: [[1], [2]], near: null }).next).toBe('repair');
  });
});

/** Lets a cable answer every probe until nothing is left to ask. */
function probe(real: Real, expected: readonly (readonly [string, string])[] = []) {
  const count = real.farOf.length;
  const task = {
    near: names(count),
    far: names(count),
    expected: expected.map(([near, far]) => ({ near, far })),
  };
  const readings: ProbeReading[] = [];
  const together = (a: number, b: number) =>
    a === b || (real.short !== null && real.short.includes(a) && real.short.includes(b));
  let identified = 0;
  let state: Buzzed = buzzInReach(task, readings);
  while (state.next) {
    const { next } = state;
    const near = Number(next.near);
    const beep =
      next.kind === 'pair'
        ? Array.from({ length: count }, (_, i) => i + 1).some(
            (core) =>
              core !== real.open &&
              real.farOf[core - 1] === Number(next.far) &&
              together(core, near),
          ) && near !== real.open
        : next.others.some((other) => together(near, Number(other)));
    readings.push({ ...next, beep });
    if (state.stage === 'identify') identified += 1;
    state = buzzInReach(task, readings);
  }
  return { state, identified };
}

function permutations(count: number): number[][] {
  if (count === 0) return [[]];
  return permutations(count - 1).flatMap((rest) =>
    Array.from({ length: count }, (_, at) => [...rest.slice(0, at), count, ...rest.slice(at)]),
  );
}

describe('both ends in reach', () => {
  it('asks on average what the formula says, over every order of up to six cores', () => {
    for (let count = 1; count <= 6; count += 1) {
      const all = permutations(count);
      const sum = all.reduce((total, farOf) => {
        const { state, identified } = probe({ farOf, open: null, short: null });
        expect(
          state.labels.every(({ near, far }) => farOf[Number(near) - 1] === Number(far)),
        ).toBeTrue();
        return total + identified;
      }, 0);
      expect(sum / all.length)
        .withContext(`${count}`)
        .toBeCloseTo(expectedProbes(count), 9);
    }
  });

  it('asks no more than 5 % above the best of all ways, by exhaustive search', () => {
    for (let count = 2; count <= 5; count += 1)
      expect(expectedProbes(count)).toBeLessThanOrEqual(1.05 * fewestProbes(count));
  });

  it('needs one probe a core where the drawing is right, and less than without it where two are swapped', () => {
    const drawn = names(8).map((name) => [name, name] as const);
    const right = probe({ farOf: [1, 2, 3, 4, 5, 6, 7, 8], open: null, short: null }, drawn);
    expect(right.identified).toBeLessThanOrEqual(7);
    const swapped = probe({ farOf: [1, 2, 4, 3, 5, 6, 7, 8], open: null, short: null }, drawn);
    expect(swapped.identified).toBeLessThan(expectedProbes(8));
    expect(swapped.state.labels.find(({ near }) => near === '3')?.far).toBe('4');
  });

  it('labels rightly or names the contradiction, for every single open and short of up to 12 cores', () => {
    const { shuffle } = seeded(3);
    for (let count = 2; count <= 12; count += 1) {
      const farOf = shuffle(Array.from({ length: count }, (_, i) => i + 1));
      for (let a = 1; a <= count; a += 1) {
        const broken = probe({ farOf, open: a, short: null }).state;
        expect(broken.contradictions.map(({ kind, near }) => [kind, ...near])).toEqual([
          ['open', String(a)],
        ]);
        for (const { near, far } of broken.labels)
          expect(farOf[Number(near) - 1]).toBe(Number(far));
        for (let b = a + 1; b <= count; b += 1) {
          const { contradictions } = probe({ farOf, open: null, short: [a, b] }).state;
          const named = contradictions.some(
            ({ kind, near }) =>
              kind === 'short' && [a, b].every((core) => near.includes(String(core))),
          );
          expect(named).withContext(`${count}: ${a} with ${b}`).toBeTrue();
        }
      }
    }
  });

  it('labels 60 cores', () => {
    const farOf = seeded(5).shuffle(Array.from({ length: 60 }, (_, i) => i + 1));
    const { state } = probe({ farOf, open: null, short: null });
    expect(
      state.labels.map(({ near, far }) => farOf[Number(near) - 1] === Number(far)),
    ).not.toContain(false);
    expect(state.labels.length).toBe(60);
  });
});

/**
 * The least expected number of probes over every way of asking: a search through all sets of excluded
 * pairs, the same up to order of rows and columns.
 */
function fewestProbes(count: number): number {
  const known = new Map<string, number>();
  const names = new Map<string, string>();
  const orders = new Map<number, number[][]>();
  const ordersOf = (n: number) => {
    const found = orders.get(n) ?? permutations(n).map((order) => order.map((i) => i - 1));
    orders.set(n, found);
    return found;
  };
  const canonical = (rows: readonly number[]): string => {
    const n = rows.length;
    let best = '';
    for (const order of ordersOf(n)) {
      const moved = rows
        .map((row) => order.reduce((bits, from, to) => bits | (((row >> from) & 1) << to), 0))
        .sort((a, b) => a - b)
        .join();
      if (best === '' || moved < best) best = moved;
    }
    return `${n}:${best}`;
  };
  const ways = (rows: readonly number[], taken = 0, at = 0): number => {
    if (at === rows.length) return 1;
    let sum = 0;
    for (let j = 0; j < rows.length; j += 1)
      if (!(((rows[at] ?? 0) >> j) & 1) && !((taken >> j) & 1))
        sum += ways(rows, taken | (1 << j), at + 1);
    return sum;
  };
  const without = (rows: readonly number[], i: number, j: number) =>
    rows.flatMap((row, at) => (at === i ? [] : [(row & ((1 << j) - 1)) | ((row >> (j + 1)) << j)]));
  const best = (rows: readonly number[]): number => {
    const all = ways(rows);
    if (all <= 1) return 0;
    const written = rows.join();
    const name = names.get(written) ?? canonical(rows);
    names.set(written, name);
    const found = known.get(name);
    if (found !== undefined) return found;
    let least = Infinity;
    rows.forEach((row, i) => {
      for (let j = 0; j < rows.length; j += 1) {
        if ((row >> j) & 1) continue;
        const yes = ways(without(rows, i, j)) / all;
        if (yes === 0 || yes === 1) continue;
        const no = rows.map((other, at) => (at === i ? other | (1 << j) : other));
        const cost = 1 + yes * best(without(rows, i, j)) + (1 - yes) * best(no);
        least = Math.min(least, cost);
      }
    });
    known.set(name, least);
    return least;
  };
  return best(Array.from({ length: count }, () => 0));
}
