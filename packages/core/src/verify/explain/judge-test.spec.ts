import { inEnglish } from '../../testing/in-english';
import { fourPairWiring } from '../../link';
import { FAULT_KINDS } from '../fault';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { observe } from '../observe';
import type { Trial } from '../testers';
import { completeFault } from './complete-fault';
import { judgeTest } from './judge-test';

const OF_ROWS = ['shifted', 'crossed-groups', 'turned-group'];

describe('A fault of which something is named', () => {
  const wiring = fourPairWiring('T568B', 'T568B');
  it('is of the pairs that were named, else of those of its contacts', () => {
    expect(completeFault({ kind: 'split-pair', near: ['4'], pairs: [1, 2] }, wiring).pairs).toEqual(
      [1, 2],
    );
    expect(completeFault({ kind: 'short', near: ['1', '4'] }, wiring).pairs).toEqual([2, 1]);
  });
});

describe('Judging a test', () => {
  const wiring = fourPairWiring('T568B', 'T568B');
  const bench = plainBench(wiring);
  const shownBy = (trial: Trial, ...faults: Parameters<typeof completeFault>[0][]) => ({
    trial,
    shown: observe(
      trial,
      madeWith(
        wiring,
        faults.map((fault) => completeFault(fault, wiring)),
      ),
      bench,
    ),
  });
  const lamps: Trial = { tester: 'pair-lamps', moved: null };

  it('calls a cable that is turned end for end good by pair lamps, and says that they miss it', () => {
    const judged = judgeTest(shownBy(lamps, { kind: 'rollover', end: 'far' }), bench);
    expect(judged.verdict).toBe('as-expected');
    expect(judged.missed).toContain('rollover');
    expect(judged.missed).not.toContain('open');
    expect(inEnglish(judged.summary)).toBe('Pair lamps: as on a good link.');
  });

  it('names what differs', () => {
    const judged = judgeTest(shownBy(lamps, { kind: 'open', near: ['4'], end: 'far' }), bench);
    expect(judged.verdict).toBe('differs');
    expect(judged.missed).toEqual([]);
    expect(inEnglish(judged.summary)).toBe('Pair lamps: pair 1 dark.');
  });

  it('takes one beep for a part of a link only', () => {
    const across: Trial = {
      tester: 'beeper',
      from: { end: 'near', contact: '4' },
      to: { end: 'far', contact: '4' },
      moved: null,
    };
    expect(judgeTest(shownBy(across), bench).verdict).toBe('part');
    expect(
      judgeTest(shownBy(across, { kind: 'open', near: ['4'], end: 'far' }), bench).verdict,
    ).toBe('differs');
  });

  it('takes some steps of a scan for a part of it', () => {
    const scan = shownBy({ tester: 'sequential-lamps', moved: null });
    const shown = scan.shown.method === 'lamps' ? scan.shown.steps : [];
    const half = { ...scan, shown: { method: 'lamps' as const, steps: shown.slice(0, 4) } };
    expect(judgeTest(half, bench).verdict).toBe('part');
    expect(judgeTest(scan, bench).verdict).toBe('as-expected');
  });

  it('sees an intermittent only where the cable is moved', () => {
    const loose = { kind: 'intermittent', near: ['7'], end: 'far' } as const;
    const moved = (at: 'near' | 'far'): Trial => ({ tester: 'pairing', moved: at });
    expect(judgeTest(shownBy(moved('near'), loose), bench).verdict).toBe('as-expected');
    const seen = judgeTest(shownBy(moved('far'), loose), bench);
    expect(seen.verdict).toBe('differs');
    expect(inEnglish(seen.summary)).toBe('Sees pairing, moved at the far end: 7 open.');
  });

  it('compares ohms as near as they are known', () => {
    const loop: Trial = {
      tester: 'ohmmeter',
      from: { end: 'near', contact: '4' },
      to: { end: 'near', contact: '5' },
      joined: ['4', '5'],
      moved: null,
    };
    const ohms = (ohm: number | null) =>
      judgeTest({ trial: loop, shown: { method: 'ohms', ohm } }, bench).verdict;
    expect([ohms(5.3), ohms(24), ohms(null)]).toEqual(['part', 'differs', 'differs']);
  });

  it('judges a tester of one’s own by its circuit', () => {
    const steps = [
      {
        name: 'all',
        lamps: ['red'],
        parts: [
          { kind: 'supply', plus: 'p', minus: 'm', volts: 9, ohm: 1 },
          { kind: 'diode', name: 'red', anode: 'p', cathode: 'near:1', forwardV: 2, ohm: 470 },
          { kind: 'resistor', a: 'far:1', b: 'm', ohm: 0.1 },
        ],
      },
    ] as const;
    const judged = judgeTest(shownBy({ tester: 'own-lamps', circuit: steps, moved: null }), bench);
    expect(judged.verdict).toBe('as-expected');
    // An unshielded link can have none of the shield's, and eight contacts are no row of groups.
    const others = ['rollover', 'shield-open', 'shield-short', ...OF_ROWS];
    expect(judged.missed).toEqual(FAULT_KINDS.filter((kind) => !others.includes(kind)));
  });
});
