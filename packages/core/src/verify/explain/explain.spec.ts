import { inEnglish } from '../../testing/in-english';
import { PLAIN_JOB, fourPairWiring, wiringOf } from '../../link';
import { seeded } from '../../testing/seeded';
import { TWO_PAIRS } from '../../testing/two-pairs';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import type { Bench } from '../circuit/bench';
import { observe } from '../observe';
import { keyOf } from '../shown';
import type { Fault } from '../fault';
import { procedureOf, tester, testersFor, type TesterId, type Trial } from '../testers';
import { agrees, type Seen } from './agree';
import { blindSpots } from './blind-spots';
import { completeFault } from './complete-fault';
import { explain, type Explained } from './explain';
import { hypothesesOf, type Hypothesis } from './hypotheses';
import { NO_EXPERIENCE, priorOf } from './prior';
import { reportOf } from './report';
import { PLAIN_CONDITIONS } from './trials-for';

const prior = priorOf(NO_EXPERIENCE);
const shielded = plainBench(fourPairWiring('T568B', 'T568B', true));
const small = plainBench(TWO_PAIRS);

const singlesOf = ({ wiring }: Bench): readonly Hypothesis[] => hypothesesOf(wiring, prior);
const see = (trials: readonly Trial[], faults: readonly Fault[], bench: Bench): Seen[] => {
  const made = madeWith(bench.wiring, faults);
  return trials.map((trial) => ({ trial, shown: observe(trial, made, bench) }));
};
const still = (id: TesterId, { wiring }: Bench) => procedureOf(tester(id), wiring);
/** Which conductors of two pairs are exchanged makes no other fault of it. */
const name = ({ kind, near, far }: Pick<Fault, 'kind' | 'near' | 'far'>) =>
  kind === 'split-pair'
    ? `${kind} ${[...near].sort().join()}`
    : `${kind} ${near.join()}>${far.join()}`;
/** What can be there beside one of them: pairs are split with each other in one way. */
const others = (faults: readonly Fault[], index: number): readonly Fault[] =>
  faults
    .slice(index + 1)
    .filter((other) => other.kind !== 'split-pair' || name(other) !== name(faults[index] as Fault));
const nameAll = (faults: readonly Fault[]) => faults.map(name).sort().join(' & ');
const has = ({ explanations }: Explained, faults: readonly Fault[]) =>
  explanations.some(
    (row) =>
      nameAll(row.faults) === nameAll(faults) &&
      faults.every((fault) =>
        row.places.some(
          (places, index) =>
            name(row.faults[index] as Fault) === name(fault) &&
            (fault.end === 'either' || places.some(({ at }) => at === fault.end)),
        ),
      ),
  );

describe('Explaining what testers showed', () => {
  it('has the true faults among the explanations: every one and two, every pair of classes, two pairs', () => {
    const faults = singlesOf(small).flatMap(({ places }) => places.map(({ fault }) => fault));
    const sets = [
      ...faults.map((fault) => [fault]),
      ...faults.flatMap((one, index) => others(faults, index).map((other) => [one, other])),
    ];
    const classes = testersFor(small.wiring).map(({ id }) => id);
    const answers = new Map<string, Explained>();
    const missing: string[] = [];
    let [second, asked] = [0, 0];
    const random = seeded(3);
    for (const set of sets)
      for (const [index, one] of classes.entries())
        for (const other of classes.slice(index + 1)) {
          // All pairs of classes are drawn from; readings that are alike are explained once.
          if (random.below(2000) > 0) continue;
          const seen = see([...still(one, small), ...still(other, small)], set, small);
          const key = `${one} ${other} ${seen.map(({ shown }) => keyOf(shown)).join('/')}`;
          const answer =
            answers.get(key) ?? explain(seen, small, { prior, upTo: 2, most: Infinity });
          answers.set(key, answer);
          asked += 1;
          if (!has(answer, set)) missing.push(`${one}, ${other}: ${nameAll(set)}`);
          if (answer.count === 1 && nameAll(answer.explanations[0]?.faults ?? []) !== nameAll(set))
            second += 1;
        }
    expect(asked).toBeGreaterThan(50);
    expect(missing).toEqual([]);
    expect(second).toBe(0);
  });

  it('has the true faults among the explanations: every one and many twos, each class, two pairs', () => {
    const faults = singlesOf(small).flatMap(({ places }) => places.map(({ fault }) => fault));
    const sets = [
      ...faults.map((fault) => [fault]),
      ...faults.flatMap((one, index) => others(faults, index).map((other) => [one, other])),
    ];
    const missing: string[] = [];
    const random = seeded(8);
    for (const { id } of testersFor(small.wiring)) {
      const answers = new Map<string, Explained>();
      for (const set of sets) {
        // Every single fault, and of the twos one in eight.
        if (set.length > 1 && random.below(8) > 0) continue;
        const seen = see(still(id, small), set, small);
        const key = seen.map(({ shown }) => keyOf(shown)).join('/');
        const answer = answers.get(key) ?? explain(seen, small, { prior, upTo: 2, most: Infinity });
        answers.set(key, answer);
        if (!has(answer, set)) missing.push(`${id}: ${nameAll(set)}`);
      }
    }
    expect(missing).toEqual([]);
  }, 120_000);

  it('has the true faults among the explanations of a shielded four-pair link', () => {
    const random = seeded(5);
    const faults = singlesOf(shielded).flatMap(({ places }) => places.map(({ fault }) => fault));
    for (const classes of [
      ['identifying-remote', 'look'],
      ['pairing', 'reflectometer'],
      ['sequential-lamps', 'pairing'],
    ] as const)
      for (let round = 0; round < 2; round += 1) {
        const set = [random.pick(faults), random.pick(faults)];
        const seen = see(
          classes.flatMap((id) => still(id, shielded)),
          set,
          shielded,
        );
        const answer = explain(seen, shielded, { prior, upTo: 2, most: Infinity });
        expect(has(answer, set)).withContext(nameAll(set)).toBeTrue();
      }
  });

  it('finds the same sets as making and observing every one, without pruning', () => {
    const truth = [completeFault({ kind: 'short', near: ['1', '2'], end: 'far' }, TWO_PAIRS)];
    for (const id of ['identifying-remote', 'pair-lamps', 'sequential-lamps', 'pairing'] as const) {
      const seen = see(still(id, small), truth, small);
      const all = singlesOf(small).flatMap(({ places }) => places.map(({ fault }) => fault));
      const plain = new Set<string>();
      const check = (set: readonly Fault[]) => {
        const made = madeWith(TWO_PAIRS, set);
        if (seen.every((one) => agrees(one, made, small))) plain.add(nameAll(set));
      };
      check([]);
      all.forEach((one, index) => {
        check([one]);
        others(all, index).forEach((other) => check([one, other]));
      });
      const found = explain(seen, small, { prior, upTo: 2, most: Infinity });
      const names = new Set(found.explanations.map(({ faults }) => nameAll(faults)));
      expect([...plain].filter((row) => !names.has(row)))
        .withContext(`${id}: not found`)
        .toEqual([]);
      expect([...names].filter((row) => !plain.has(row)))
        .withContext(`${id}: found without reason`)
        .toEqual([]);
    }
  });

  it('ranks an open on one conductor above two things at once, and keeps its place open', () => {
    const open = completeFault({ kind: 'open', near: ['4'], end: 'near' }, shielded.wiring);
    const { explanations } = explain(
      see(still('identifying-remote', shielded), [open], shielded),
      shielded,
      { prior, upTo: 2, most: 5 },
    );
    expect(nameAll(explanations[0]?.faults ?? [])).toBe('open 4>4');
    expect(explanations[0]?.faults[0]?.end).toBe('either');
    expect(explanations[0]?.probability).toBeGreaterThan(0.9);
    expect(explanations.reduce((sum, { probability }) => sum + probability, 0)).toBeLessThanOrEqual(
      1 + 1e-9,
    );
  });

  it('tells where an open is once reflectometry was read too', () => {
    const open = completeFault({ kind: 'open', near: ['4'], end: 'cable' }, shielded.wiring);
    const seen = see(
      [...still('identifying-remote', shielded), ...still('reflectometer', shielded)],
      [open],
      shielded,
    );
    const { explanations } = explain(seen, shielded, { prior, upTo: 2, most: 1 });
    expect(explanations[0]?.faults[0]?.end).toBe('cable');
  });

  it('finds what opens only while it is moved, where it was moved', () => {
    const loose = completeFault({ kind: 'intermittent', near: ['3'], end: 'far' }, shielded.wiring);
    const trials: Trial[] = (['near', 'cable', 'far'] as const).map((moved) => ({
      tester: 'identifying-remote',
      moved,
    }));
    const { explanations } = explain(see(trials, [loose], shielded), shielded, {
      prior,
      upTo: 2,
      most: 1,
    });
    expect(explanations[0]?.faults.map(({ kind, end }) => `${kind} ${end}`)).toEqual([
      'intermittent far',
    ]);
  });

  it('explains scans of lamps taken while the cable is moved as one by one, and as soon', () => {
    const loose = completeFault({ kind: 'intermittent', near: ['3'], end: 'far' }, shielded.wiring);
    const trials: Trial[] = [null, 'far' as const].map((moved) => ({
      tester: 'sequential-lamps',
      moved,
    }));
    const seen = see(trials, [loose], shielded);
    const found = explain(seen, shielded, { prior, upTo: 1, most: Infinity });
    const alone = singlesOf(shielded).flatMap(({ places }) =>
      places.flatMap(({ fault }) =>
        seen.every((one) => agrees(one, madeWith(shielded.wiring, [fault]), shielded))
          ? [`${name(fault)} ${fault.end}`]
          : [],
      ),
    );
    expect(alone.length).toBeGreaterThan(0);
    const told = found.explanations.flatMap(({ faults, places }) =>
      faults.flatMap((fault, index) =>
        (places[index] ?? []).map(({ at }) => `${name(fault)} ${at}`),
      ),
    );
    expect(told.sort()).toEqual(alone.sort());
  });

  it('ends when it has to, with what single faults explain, and says that it was cut short', () => {
    const open = completeFault({ kind: 'open', near: ['4'] }, shielded.wiring);
    const seen = see([{ tester: 'identifying-remote', moved: null }], [open], shielded);
    const found = explain(seen, shielded, { prior, upTo: 3, most: 1, isOver: () => true });
    expect([found.upTo, found.cutShort]).toEqual([1, true]);
    const told = reportOf(seen, shielded, {
      prior,
      upTo: 3,
      conditions: PLAIN_CONDITIONS,
      isOver: () => true,
    });
    expect(inEnglish(told.sentence)).toMatch(/There was no time to try more faults at once\.$/);
    expect(found.explanations[0]?.faults.map(({ kind }) => kind)).toEqual(['open']);
    expect(explain(seen, shielded, { prior, upTo: 2, most: 1 }).cutShort).toBeFalse();
  });

  it('explains a block that was begun late, though it has thousands of single faults', () => {
    const end = { place: '', connector: 'block-25-pair', scheme: 'T568B' as const };
    const wiring = wiringOf(
      { cable: 'telephone-25-pair', near: end, far: end, schools: {} },
      PLAIN_JOB,
    );
    const block = plainBench(wiring);
    const late = singlesOf(block).find(
      ({ kind, near }) => kind === 'shifted' && near.length === 50,
    );
    const fault = late?.places.find(({ at }) => at === 'far')?.fault as Fault;
    const seen = see([{ tester: 'identifying-remote', moved: null }], [fault], block);
    const found = explain(seen, block, { prior, upTo: 1, most: 3 });
    expect(found.explanations.map(({ faults }) => nameAll(faults))).toContain(nameAll([fault]));
    expect(blindSpots({ ...block, wiring: shielded.wiring }).sampled).toBeFalse();
  });

  it('takes a part of a reading for what it says, and the rest for not looked at', () => {
    const trial: Trial = { tester: 'sequential-lamps', moved: null };
    const seen: Seen[] = [
      { trial, shown: { method: 'lamps', steps: [{ step: '4', lit: [], dim: [] }] } },
    ];
    const answer = explain(seen, shielded, { prior, upTo: 1, most: 9 });
    expect(answer.explanations.map(({ faults }) => nameAll(faults))).toContain('open 4>4');
    expect(answer.explanations.map(({ faults }) => nameAll(faults))).not.toContain('open 5>5');
  });

  it('says that nothing explains readings that contradict each other', () => {
    const trial: Trial = { tester: 'identifying-remote', moved: null };
    const open = completeFault({ kind: 'open', near: ['4'] }, shielded.wiring);
    const seen = [...see([trial], [], shielded), ...see([trial], [open], shielded)];
    expect(explain(seen, shielded, { prior, upTo: 2, most: 5 }).count).toBe(0);
  });

  it('learns from the firm’s own remade ends', () => {
    const seen = priorOf({
      links: 1000,
      faults: [{ kind: 'split-pair', end: 'far', count: 200 }],
    });
    expect(seen.rate['split-pair']).toBeGreaterThan(10 * prior.rate['split-pair']);
    expect(seen.rate.rollover).toBeLessThan(prior.rate.rollover);
    expect(seen.places.far).toBeGreaterThan(prior.places.far);
  });
});

describe('Blind spots', () => {
  const { spots, cheapest } = blindSpots(shielded);
  const missed = (id: TesterId, kind: string) =>
    spots.find((row) => row.tester === id && row.kind === kind)?.missed;

  it('are what the field knows of each class, found by computing', () => {
    expect(missed('identifying-remote', 'split-pair')).toBeGreaterThan(0);
    expect(missed('pairing', 'split-pair')).toBe(0);
    expect(missed('pair-lamps', 'rollover')).toBeGreaterThan(0);
    expect(missed('pair-lamps', 'reversed-pair')).toBeGreaterThan(0);
    expect(missed('pair-lamps', 'open')).toBe(0);
    expect(missed('sequential-lamps', 'rollover')).toBe(0);
    expect(missed('sequential-lamps', 'split-pair')).toBeGreaterThan(0);
    expect(missed('ohmmeter', 'high-resistance')).toBe(0);
    expect(missed('ohmmeter', 'other-metal')).toBe(0);
  });

  it('name the cheapest testers that leave the fewest', () => {
    expect(cheapest.missed).toEqual(['intermittent']);
    expect([...cheapest.testers].sort()).toEqual(['insulation', 'ohmmeter', 'pairing']);
  });

  it('offer no class that goes from pair to pair where there are no pairs', () => {
    const loose = (end: typeof TWO_PAIRS.near) => ({
      ...end,
      contacts: end.contacts.map((row) => ({ ...row, pair: null, member: null })),
    });
    const ids = testersFor({ near: loose(TWO_PAIRS.near), far: loose(TWO_PAIRS.far) }).map(
      ({ id }) => id,
    );
    expect(ids).toEqual([
      'beeper',
      'sequential-lamps',
      'identifying-remote',
      'tone',
      'look',
      'insulation',
    ]);
  });
});
