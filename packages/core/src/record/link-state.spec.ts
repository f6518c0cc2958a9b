import { inEnglish } from '../testing/in-english';
import { PLAIN_LINK } from '../testing/plain-link';
import { PLAIN_JOB, wiringOf, type Link, type Reading } from '../link';
import { planTermination, tickKeys } from '../terminate';
import { diagnose, parseWireMap, type MapTesterId } from '../verify';
import { linkStanding as standingIn, taskOf, type Tick } from './link-state';
import type { TakenReading, TakenTest } from './tested';

const linkStanding = (
  link: Link,
  ticks: readonly Tick[],
  reading: TakenReading | null,
  tests: readonly TakenTest[] = [],
) => inEnglish(standingIn(link, ticks, { reading, tests }, PLAIN_JOB));

const link = PLAIN_LINK;

const at = (minute: number) => new Date(Date.UTC(2026, 4, 4, 8, minute)).toISOString();

function ticksOf(end: 'near' | 'far', minute: number): Tick[] {
  return planTermination(taskOf(link, end, PLAIN_JOB), PLAIN_JOB.catalogue)
    .steps.flatMap(tickKeys)
    .map((key) => ({ end, key, done: true, at: at(minute) }));
}

function reading(text: string, minute: number, tester: MapTesterId = 'pairing'): TakenReading {
  const parsed = parseWireMap(text);
  const nets: Reading = parsed.ok ? parsed.nets : [];
  const wiring = wiringOf(link, PLAIN_JOB);
  return {
    takenAt: at(minute),
    tester,
    wiring,
    nets,
    splitPairs: [],
    diagnosis: inEnglish(diagnose({ wiring, tester, nets, splitPairs: [] })),
  };
}

describe('linkStanding', () => {
  const both = [...ticksOf('near', 1), ...ticksOf('far', 2)];

  it('follows a link from plan to proof', () => {
    expect(linkStanding(link, [], null).state).toBe('planned');
    const begun = linkStanding(link, both.slice(0, 2), null);
    expect(begun.state).toBe('half-made');
    expect(begun.next.sentence).toBe('Go on with the near end, at C1/A/01.');
    expect(linkStanding(link, ticksOf('near', 1), null).next.sentence).toBe(
      'Make the far end, at Kiosk 1.',
    );
    expect(linkStanding(link, both, null).state).toBe('made');
    expect(linkStanding(link, both, reading('12345678', 5)).state).toBe('pass');
    expect(linkStanding(link, both, reading('12345678', 5, 'identifying-remote')).state).toBe(
      'unproven',
    );
    expect(linkStanding(link, both, reading('12435678', 5)).state).toBe('fail');
  });

  it('takes the last tick of a step as what holds', () => {
    const undone = { ...(both[0] as Tick), done: false, at: at(9) };
    expect(linkStanding(link, [...both, undone], null).state).toBe('half-made');
  });

  it('does not count a test older than a crimp or punch', () => {
    const remade = [...both, { end: 'far' as const, key: 'crimp', done: true, at: at(20) }];
    expect(linkStanding(link, remade, reading('12345678', 5)).state).toBe('remade');
    expect(linkStanding(link, remade, reading('12345678', 21)).state).toBe('pass');
  });

  it('goes back to half made when an end is cut off after the test', () => {
    const cutOff = ticksOf('far', 20).map((tick) => ({ ...tick, done: false }));
    const standing = linkStanding(link, [...both, ...cutOff], reading('12435678', 5));
    expect(standing.state).toBe('half-made');
    expect(standing.next.sentence).toBe('Make the far end, at Kiosk 1.');
  });

  it('judges an old reading by what the link should be now', () => {
    const crossover: Link = { ...link, far: { ...link.far, scheme: 'T568A' } };
    expect(linkStanding(crossover, both, reading('12345678', 5)).state).toBe('fail');
    expect(linkStanding(crossover, both, reading('36145278', 5)).state).toBe('pass');
  });

  it('says which end does not take the cable', () => {
    const thick: Link = { ...link, cable: 'cat6a-uutp-solid' };
    const standing = linkStanding(thick, [], null);
    expect(standing.state).toBe('does-not-fit');
    expect(standing.next.sentence).toMatch(/^Change the far end: 8P8C plug/);
  });

  it('lets a forgotten boot come from the other end only on a short cable', () => {
    const forgotten = ticksOf('far', 1).filter((tick) => tick.key !== 'thread-boot');
    expect(linkStanding({ ...link, lengthM: 3 }, forgotten, null).ends.far.late).toEqual([]);
    expect(linkStanding(link, forgotten, null).ends.far.late.length).toBe(1);
  });

  describe('with tests of other classes', () => {
    const lamps = ['reversed-pair', 'crossed-pairs', 'split-pair', 'intermittent'] as const;
    const test = (
      minute: number,
      verdict: TakenTest['verdict'],
      missed: TakenTest['missed'] = [],
      tester = 'pair-lamps',
    ): TakenTest => ({
      takenAt: at(minute),
      tester,
      wiring: wiringOf(link, PLAIN_JOB),
      verdict,
      missed,
      summary: 'Pair lamps: pair 2 dark.',
    });
    const stateOf = (...tests: TakenTest[]) => linkStanding(link, both, null, tests).state;

    it('is proven by classes that together miss nothing, and in part by each alone', () => {
      const standing = linkStanding(link, both, null, [test(5, 'as-expected', lamps)]);
      expect(standing.state).toBe('unproven');
      expect(standing.next.sentence).toBe(
        'No test has ruled out reversed pairs, crossed pairs or split pairs.',
      );
      const scan = test(6, 'as-expected', ['split-pair'], 'sequential-lamps');
      expect(stateOf(test(5, 'as-expected', lamps), scan)).toBe('unproven');
      expect(stateOf(scan, test(7, 'as-expected', ['intermittent'], 'pairing'))).toBe('pass');
      expect(linkStanding(link, both, reading('12345678', 5), [scan]).state).toBe('pass');
    });

    it('holds a fault until the same class, a wire map or one that misses nothing is good', () => {
      const dark = test(5, 'differs');
      expect(stateOf(dark)).toBe('fail');
      expect(stateOf(dark, test(6, 'part', [], 'beeper'))).toBe('fail');
      expect(stateOf(dark, test(6, 'as-expected', ['split-pair'], 'sequential-lamps'))).toBe(
        'fail',
      );
      expect(stateOf(dark, test(6, 'as-expected', lamps))).toBe('unproven');
      expect(stateOf(dark, test(6, 'as-expected', [], 'pairing'))).toBe('pass');
      expect(linkStanding(link, both, reading('12345678', 6), [dark]).state).toBe('pass');
      expect(linkStanding(link, both, reading('12345678', 4), [dark]).state).toBe('fail');
    });

    it('counts none that was taken before an end was made again, or for another wiring', () => {
      const remade = [...both, { end: 'far' as const, key: 'crimp', done: true, at: at(20) }];
      expect(linkStanding(link, remade, null, [test(5, 'differs')]).state).toBe('remade');
      const crossover: Link = { ...link, far: { ...link.far, scheme: 'T568A' } };
      expect(linkStanding(crossover, both, null, [test(5, 'as-expected')]).state).toBe('remade');
    });

    it('proves nothing by a part', () => {
      expect(stateOf(test(5, 'part', [], 'beeper'))).toBe('remade');
    });
  });
});
