/** What a beeper said: of two contacts, or of one near core against several held together. */
export type Probe =
  | { readonly kind: 'pair'; readonly near: string; readonly far: string }
  | { readonly kind: 'bundle'; readonly near: string; readonly others: readonly string[] };

export type ProbeReading = Probe & { readonly beep: boolean };

export interface Label {
  readonly near: string;
  readonly far: string;
}

export interface Contradiction {
  readonly kind: 'open' | 'short' | 'impossible';
  readonly near: readonly string[];
  readonly far: readonly string[];
  readonly sentence: string;
}

export interface Buzzed {
  /** Null when everything is known. */
  readonly next: Probe | null;
  /** Finding out, then proving what was only concluded, then proving that nothing touches. */
  readonly stage: 'identify' | 'confirm' | 'isolate' | 'done';
  readonly labels: readonly Label[];
  readonly contradictions: readonly Contradiction[];
  /** How many probes are left: the expected number while cores are being found. */
  readonly left: number;
}

export interface BuzzTask {
  readonly near: readonly string[];
  readonly far: readonly string[];
  /** What the drawing says; tried first. */
  readonly expected: readonly Label[];
}

/** Probes to find k cores among k, one after the other: each costs (k - 1)(k + 2) / 2k on average. */
export const expectedProbes = (cores: number): number =>
  Array.from({ length: Math.max(0, cores - 1) }, (_, index) => index + 2).reduce(
    (sum, k) => sum + ((k - 1) * (k + 2)) / (2 * k),
    0,
  );

/** A probe as people say it: "1-3". */
const key = (near: string, far: string) => JSON.stringify([near, far]);

/**
 * Both ends in reach: which contact to touch next, from all that is known. The drawing's pair first; else
 * the pair most likely to beep, in the row or column with the fewest candidates. What only elimination
 * tells is proven by a probe, then each core against all before it, so that no short is left.
 */
export function buzzInReach(task: BuzzTask, readings: readonly ProbeReading[]): Buzzed {
  const state = stateOf(task, readings);
  const { labels, proven, open } = state;
  const contradictions = [...openFound(open, state), ...shortsFound(task, readings)];
  const unsure = task.near.filter((near) => !labels.has(near) && !open.includes(near));
  const told = [...labels].map(([near, far]) => ({ near, far }));
  const answer = (stage: Buzzed['stage'], next: Probe | null, left: number): Buzzed => ({
    next,
    stage,
    labels: told,
    contradictions,
    left,
  });
  if (unsure.length > 0)
    return answer('identify', bestProbe(task, state, unsure), expectedProbes(unsure.length));
  const concluded = told.filter(({ near }) => !proven.has(near));
  const isolation = nextBundle(task, readings, open);
  const wait = concluded.length + isolation.left;
  if (concluded[0]) return answer('confirm', { kind: 'pair', ...concluded[0] }, wait);
  return isolation.next
    ? answer('isolate', isolation.next, isolation.left)
    : answer('done', null, 0);
}

interface State {
  readonly labels: ReadonlyMap<string, string>;
  /** Near cores whose partner beeped. */
  readonly proven: ReadonlySet<string>;
  readonly open: readonly string[];
  readonly candidates: ReadonlyMap<string, readonly string[]>;
  readonly freeFar: readonly string[];
}

function stateOf(task: BuzzTask, readings: readonly ProbeReading[]): State {
  const labels = new Map<string, string>();
  const silent = new Map(task.near.map((near) => [near, new Set<string>()]));
  for (const reading of readings) {
    if (reading.kind !== 'pair') continue;
    if (reading.beep) {
      if (!labels.has(reading.near)) labels.set(reading.near, reading.far);
    } else silent.get(reading.near)?.add(reading.far);
  }
  const proven = new Set(labels.keys());
  const open: string[] = [];
  const remaining = () => {
    const taken = new Set(labels.values());
    const freeFar = task.far.filter((far) => !taken.has(far));
    const candidates = new Map(
      task.near
        .filter((near) => !labels.has(near) && !open.includes(near))
        .map((near) => [near, freeFar.filter((far) => !silent.get(near)?.has(far))]),
    );
    return { freeFar, candidates };
  };
  for (;;) {
    const { candidates, freeFar } = remaining();
    const dead = [...candidates].find(([, fars]) => fars.length === 0);
    const single = [...candidates].find(([, fars]) => fars.length === 1);
    // A far core that only one near core can be, as long as no core is open and none is to spare.
    const whole = open.length === 0 && candidates.size === freeFar.length;
    const lone = freeFar.flatMap((far) => {
      const nears = [...candidates].flatMap(([near, fars]) => (fars.includes(far) ? [near] : []));
      return whole && nears.length === 1 && nears[0] ? [[nears[0], far] as const] : [];
    })[0];
    if (dead) open.push(dead[0]);
    else if (single?.[1][0] !== undefined) labels.set(single[0], single[1][0]);
    else if (lone) labels.set(...lone);
    else return { labels, proven, open, candidates, freeFar };
  }
}

function bestProbe(task: BuzzTask, state: State, unsure: readonly string[]): Probe | null {
  const { candidates, freeFar } = state;
  const drawn = task.expected.find(
    ({ near, far }) => unsure.includes(near) && candidates.get(near)?.includes(far),
  );
  if (drawn) return { kind: 'pair', near: drawn.near, far: drawn.far };
  const rows = unsure.map((near) => ({
    near,
    far: candidates.get(near)?.[0],
    count: candidates.get(near)?.length ?? 0,
  }));
  const columns = freeFar.map((far) => {
    const nears = unsure.filter((near) => candidates.get(near)?.includes(far));
    return { near: nears[0], far, count: nears.length };
  });
  const [best] = [...rows, ...columns]
    .filter(({ near, far }) => near !== undefined && far !== undefined)
    .sort((a, b) => a.count - b.count);
  return best?.near !== undefined && best.far !== undefined
    ? { kind: 'pair', near: best.near, far: best.far }
    : null;
}

function openFound(open: readonly string[], { freeFar }: State): Contradiction[] {
  return open.map((near) => ({
    kind: 'open',
    near: [near],
    far: freeFar,
    sentence: `Near ${near} beeps with nothing: it is open${
      freeFar.length === 1 ? `, and far ${freeFar[0]} is its other end` : ''
    }.`,
  }));
}

const bundles = (readings: readonly ProbeReading[]) =>
  readings.filter((reading) => reading.kind === 'bundle');

/** Shorts that are told apart to a pair, and far contacts that answered twice. */
function shortsFound(task: BuzzTask, readings: readonly ProbeReading[]): Contradiction[] {
  const short = (near: readonly string[], why: string): Contradiction => ({
    kind: 'short',
    near,
    far: [],
    sentence: `Near ${near.join(' and ')} touch: ${why} Their labels may be the wrong way round until they are parted.`,
  });
  const found = bundles(readings).flatMap(({ near, others, beep }) =>
    beep && others.length === 1 ? [short([near, ...others], 'one beeps with the other.')] : [],
  );
  const beeped = readings.filter((reading) => reading.kind === 'pair' && reading.beep);
  const twice = task.far.flatMap((far) => {
    const nears = [
      ...new Set(beeped.flatMap((r) => (r.kind === 'pair' && r.far === far ? [r.near] : []))),
    ];
    return nears.length > 1 ? [short(nears, `both beep with far ${far}.`)] : [];
  });
  return [...found, ...twice];
}

/** Each core against all before it; where one beeps, halved until the other is found. */
function nextBundle(
  task: BuzzTask,
  readings: readonly ProbeReading[],
  open: readonly string[],
): { next: Probe | null; left: number } {
  const cores = task.near.filter((near) => !open.includes(near));
  const said = new Map(
    bundles(readings).map((reading) => [
      key(reading.near, reading.others.join('\u0000')),
      reading.beep,
    ]),
  );
  let left = 0;
  let next: Probe | null = null;
  cores.forEach((near, index) => {
    let others = cores.slice(0, index);
    while (others.length > 0) {
      const beep = said.get(key(near, others.join('\u0000')));
      if (beep === undefined) {
        next ??= { kind: 'bundle', near, others };
        left += 1;
        return;
      }
      if (!beep || others.length === 1) return;
      const half = others.slice(0, Math.ceil(others.length / 2));
      // Silence of the first half leaves the other one.
      others =
        said.get(key(near, half.join('\u0000'))) === false ? others.slice(half.length) : half;
    }
  });
  return { next, left };
}
