import type { Told } from '../message';
import { inEnglish } from './in-english';
import { SHELL, type ConductorId, type Contact } from '../catalogue';
import type { Wiring } from '../link';
import {
  PLAIN_CONDITIONS,
  plainBench,
  procedureOf,
  priorOf,
  NO_EXPERIENCE,
  reportOf,
  type Bench,
  type Conditions,
  type Happened,
  type Report,
  type Trial,
} from '../verify/explain';
import { tester, type TesterId } from '../verify';
import type { seeded } from './seeded';
import {
  TERMINATOR_OHM,
  goodLink,
  isFaulty,
  makeEndGood,
  observed,
  replaceCable,
  type SimulatedLink,
} from './simulated-link';

type Random = ReturnType<typeof seeded>;
type Place = 'near' | 'cable' | 'far';

export interface SessionEnd {
  readonly end: 'mended' | 'passed-told' | 'passed-untold' | 'doubt' | 'loop';
  /** Whether anything was wrong in the beginning. */
  readonly faulty: boolean;
  readonly tests: number;
  readonly minutes: number;
  /** How long each advice took. */
  readonly tookMs: readonly number[];
  /** An order that was given again right after it had failed. */
  readonly repeated: boolean;
  readonly sentences: readonly string[];
}

const chance = (random: Random) => random.below(1e6) / 1e6;

/** Something goes wrong at a place, as it does: mostly at the ends, mostly a conductor that is not home. */
function spoil(link: SimulatedLink, at: Place, random: Random): void {
  const side = at === 'cable' ? 'near' : at;
  const contacts = [...link.on[side].keys()];
  const wires = contacts.filter((contact) => contact !== SHELL);
  const core = (contact: Contact) => link.on[side].get(contact) as ConductorId;
  const one = random.pick(contacts);
  const next = wires[wires.indexOf(one) + 1] ?? wires[0];
  const draw = chance(random);
  if (at === 'cable') {
    if (draw < 0.7 || wires.length < 2) link.torn.push({ core: core(one), at });
    else link.touching.push({ at, a: core(one), b: core(next === one ? SHELL : (next ?? one)) });
    return;
  }
  if (draw < 0.4) link.torn.push({ core: core(one), at });
  else if (draw < 0.5)
    link.touching.push({ at, a: one, b: next === one ? SHELL : (next ?? SHELL) });
  else if (draw < 0.8 && wires.length > 1) {
    const [a = '', b = ''] = random.shuffle(wires);
    const [x, y] = [core(a), core(b)];
    link.on[side].set(a, y).set(b, x);
  } else if (draw < 0.9) link.poor.push({ core: core(one), at });
  else link.loose.push({ core: core(one), at });
}

/** The same slip at both ends: the order is right, the twist is not. */
function splitTwo(link: SimulatedLink): boolean {
  const rows = link.wiring.near.contacts.filter(({ pair }) => pair !== null);
  const [p, q] = [...new Set(rows.map(({ pair }) => pair))];
  const ring = rows.find(({ pair, member }) => pair === p && member === 'ring')?.core;
  const tip = rows.find(({ pair, member }) => pair === q && member === 'tip')?.core;
  if (!ring || !tip) return false;
  for (const side of ['near', 'far'] as const)
    for (const [contact, core] of [...link.on[side]])
      if (core === ring || core === tip) link.on[side].set(contact, core === ring ? tip : ring);
  return true;
}

export function spoiled(wiring: Wiring, random: Random): SimulatedLink {
  const link = goodLink(wiring);
  const place = (): Place => {
    const draw = chance(random);
    return draw < 0.45 ? 'near' : draw < 0.92 ? 'far' : 'cable';
  };
  if (chance(random) < 0.07 && splitTwo(link)) return link;
  for (let count = chance(random) < 0.13 ? 2 : 1; count > 0; count -= 1)
    spoil(link, place(), random);
  return link;
}

/** Hands that mend, mostly, and now and then make something wrong. */
function mend(link: SimulatedLink, at: Place, random: Random): void {
  if (chance(random) < 0.1) return;
  if (at === 'cable') replaceCable(link);
  else makeEndGood(link, at);
  if (chance(random) < 0.05) spoil(link, at === 'cable' ? 'near' : at, random);
}

const MOST_STEPS = 40;

/** Does to the letter what is advised, from the first test on, until nothing more is. */
export function session(
  link: SimulatedLink,
  testers: readonly TesterId[],
  random: Random,
  walkMinutes = 3,
): SessionEnd {
  const bench: Bench = plainBench(link.wiring, null, TERMINATOR_OHM);
  const prior = priorOf(NO_EXPERIENCE);
  const faulty = isFaulty(link);
  const history: Happened[] = [];
  const sentences: string[] = [];
  let [tests, minutes, repeated] = [0, 0, false];
  const tookMs: number[] = [];
  let failed = '';
  let testsSince = 0;
  const test = (trial: Trial) => {
    const seen = observed(link, trial, () => chance(random));
    if (!seen) throw new Error(`Nobody has a ${trial.tester} here`);
    history.push(seen);
    tests += 1;
    testsSince += 1;
  };
  const [first] = testers;
  for (const trial of procedureOf(tester(first as TesterId), link.wiring)) test(trial);
  const conditions: Conditions = { ...PLAIN_CONDITIONS, testers, walkMinutes };
  const done = (end: SessionEnd['end']): SessionEnd => ({
    end,
    faulty,
    tests,
    minutes,
    tookMs,
    repeated,
    sentences,
  });
  let at: 'near' | 'far' = 'near';
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const begun = performance.now();
    const report: Told<Report> = inEnglish(
      reportOf(history, bench, {
        prior,
        upTo: 2,
        conditions: { ...conditions, at },
        isOver: () => performance.now() - begun > 2000,
        isEnough: () => performance.now() - begun > 400,
      }),
    );
    tookMs.push(performance.now() - begun);
    if (report.doubt) return done('doubt');
    if (report.next) {
      sentences.push(report.next.sentence);
      minutes += report.next.minutes;
      const { trial } = report.next;
      if (trial.tester === 'look') at = trial.end;
      if (trial.tester === 'beeper') at = trial.to.end;
      test(trial);
    } else if (report.repair) {
      sentences.push(report.repair.sentence);
      if (report.repair.places.length === 0) {
        if (!isFaulty(link)) return done('mended');
        return done(report.unproven.length > 0 ? 'passed-told' : 'passed-untold');
      }
      minutes += report.repair.minutes;
      const order = report.repair.places.join('+');
      if (order === failed && testsSince < 2 && !report.repair.sentence.includes(' again: '))
        repeated = true;
      failed = order;
      testsSince = 0;
      const whole = report.repair.places.includes('cable');
      for (const place of whole ? (['cable'] as const) : report.repair.places) {
        mend(link, place, random);
        history.push({
          done: { action: place === 'cable' ? 'replaced' : 'remade', end: place, contacts: [] },
        });
        if (place !== 'cable') at = place;
      }
    } else return done('loop');
  }
  return done('loop');
}
