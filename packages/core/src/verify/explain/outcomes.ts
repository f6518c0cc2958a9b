import { compareContacts, conductor, type ConductorId, type Contact } from '../../catalogue';
import { wireRows, type Wiring } from '../../link';
import { madeWith } from '../circuit/made';
import { lightOf, type LampStep } from '../circuit/observe';
import { observe, type Bench, type Shown, type Trial } from '../circuit/trial';
import { list } from '../diagnose/fault-words';
import type { Fault } from '../fault';
import { countedOn, spell } from './agree';
import type { Candidate } from './explain';
import { byChance } from './goes-by-joints';
import { flawsAt } from './look';
import { observerOf } from './observer';

/** One thing that a trial may show, with how likely that is and what it is called. */
export interface Outcome {
  readonly shown: Shown;
  readonly share: number;
  readonly words: string;
}

/** Ends of pairs, as a meter says it. */
const PLACE_WORDS = {
  near: 'at the near end',
  cable: 'on its way',
  far: 'at the far end',
} as const;

/** What a trial may show of a link with these faults, each with its share: eyes may see a flaw or not. */
export function shownOf(
  trial: Trial,
  faults: readonly Fault[],
  bench: Bench,
): readonly { readonly shown: Shown; readonly share: number }[] {
  const { show } = observerOf(bench);
  const shown = countedOn(show(trial, faults), bench);
  if (trial.tester === 'look' && shown.method === 'colours') {
    const { contacts, share } = flawsAt(faults, trial.end);
    return [
      { shown: { ...shown, flaws: [] }, share: 1 - share },
      ...(share > 0 ? [{ shown: { ...shown, flaws: contacts }, share }] : []),
    ];
  }
  if (!byChance(trial) || faults.every(({ kind }) => kind !== 'intermittent'))
    return [{ shown, share: 1 }];
  const still = countedOn(show({ ...trial, moved: null }, faults), bench);
  return spell(still) === spell(shown)
    ? [{ shown, share: 1 }]
    : [
        { shown, share: 0.5 },
        { shown: still, share: 0.5 },
      ];
}

/** What a trial may show, by the accounts that are left, the likeliest first. */
export function outcomesOf(
  trial: Trial,
  candidates: readonly Candidate[],
  bench: Bench,
): Outcome[] {
  const found = new Map<string, { shown: Shown; sum: number }>();
  let whole = 0;
  for (const { faults, probability } of candidates) {
    for (const { shown, share } of shownOf(trial, faults, bench)) {
      const key = spell(shown);
      const row = found.get(key) ?? { shown, sum: 0 };
      row.sum += probability * share;
      whole += probability * share;
      found.set(key, row);
    }
  }
  const plain = observe(trial, madeWith(bench.wiring, []), bench);
  return [...found.values()]
    .sort((a, b) => b.sum - a.sum)
    .map(({ shown, sum }) => ({
      shown,
      share: sum / whole,
      words: wordsOf(shown, plain, bench.wiring),
    }));
}

/** What was shown, told by how it differs from a good link. */
export function wordsOf(shown: Shown, plain: Shown, wiring: Wiring): string {
  if (shown.method === 'beep') return shown.beeps ? 'It beeps' : 'Silent';
  if (shown.method === 'colours' && shown.flaws)
    return colourWords(shown.cores, shown.flaws, plain);
  if (spell(shown) === spell(plain)) return 'As on a good link';
  switch (shown.method) {
    case 'nets': {
      const wrong = wireRows(shown.nets, wiring).filter(({ right }) => !right);
      const rows = wrong.map(({ near, reached, shortedTo }) =>
        shortedTo.length > 0
          ? `${near} with ${shortedTo.join(' and ')}`
          : reached.length === 0
            ? `${near} open`
            : `${near} to ${reached.join(' and ')}`,
      );
      const split = (shown.splitPairs ?? []).map((pair) => `${pair.join('-')} split`);
      return few([...rows, ...split]);
    }
    case 'lamps':
      return few(lampWords(shown.steps, plain.method === 'lamps' ? plain.steps : []));
    case 'lengths':
      return few(
        shown.pairs
          .filter(({ place, shows }) => place !== 'far' || shows !== 'open')
          .map(({ pair, place, shows }) => `Pair ${pair} ends ${shows} ${PLACE_WORDS[place]}`),
      );
    case 'tone':
      return shown.heard.length > 0 ? `Heard at far ${list(shown.heard)}` : 'Heard nowhere';
    case 'colours':
      return colourWords(shown.cores, [], plain);
    case 'ohms':
    case 'trio': {
      const ohms = shown.method === 'ohms' ? [shown.ohm] : shown.ohms;
      return ohms
        .map((ohm) => (ohm === null ? 'open' : `${Number(ohm.toPrecision(2))} Ω`))
        .join(', ');
    }
  }
}

/** What eyes saw at an end: colours out of order, and what else is wrong there. */
function colourWords(
  cores: ReadonlyMap<Contact, ConductorId>,
  flaws: readonly Contact[],
  plain: Shown,
): string {
  const meant = plain.method === 'colours' ? plain.cores : new Map<Contact, ConductorId>();
  const names = [...cores]
    .filter(([contact, core]) => meant.get(contact) !== core)
    .sort(([a], [b]) => compareContacts(a, b))
    .map(([contact, core]) => `${conductor(core).name} on ${contact}`);
  const seen = flaws.length > 0 ? [`something wrong to be seen at ${list(flaws)}`] : [];
  return names.length + seen.length > 0 ? few([...seen, ...names]) : 'As on a good link';
}

/** Of a scan, the steps that differ; of lamps that light all at once, the lamps. */
function lampWords(steps: readonly LampStep[], good: readonly LampStep[]): string[] {
  const [only, another] = steps;
  const meant = good[0];
  if (only && meant && !another)
    return [...new Set([...meant.lit, ...meant.dim, ...only.lit, ...only.dim])].flatMap((lamp) => {
      const light = lightOf(only, lamp);
      return light === lightOf(meant, lamp) ? [] : [`${lamp} ${light}`];
    });
  return steps
    .filter((row, index) => JSON.stringify(row) !== JSON.stringify(good[index]))
    .map(
      ({ step, lit, dim }) =>
        `${step}: ${list([...lit, ...dim.map((lamp) => `${lamp} dim`)]) || 'dark'}`,
    );
}

const MOST = 3;

const few = (rows: readonly string[]): string =>
  rows.length > MOST
    ? `${rows.slice(0, MOST).join(', ')}, and ${rows.length - MOST} more`
    : rows.join(', ');
