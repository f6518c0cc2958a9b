import { inEnglish } from '../../testing/in-english';
import { fourPairWiring } from '../../link';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { observe } from '../observe';
import type { Fault, FaultKind } from '../fault';
import type { Seen } from './agree';
import { completeFault } from './complete-fault';
import type { Done } from '../done';
import type { Happened } from './done';
import { NO_EXPERIENCE, priorOf } from './prior';
import { reportOf } from './report';
import { PLAIN_CONDITIONS } from './trials-for';
import type { TesterId, Trial } from '../testers';

const bench = plainBench(fourPairWiring('T568B', 'T568B'));
const scan: Trial = { tester: 'identifying-remote', moved: null };
const fault = (kind: FaultKind, near: readonly string[], end: Fault['end']) =>
  completeFault({ kind, near, end }, bench.wiring);
const see = (trial: Trial, faults: readonly Fault[]): Seen => ({
  trial,
  shown: observe(trial, madeWith(bench.wiring, faults), bench),
});
const did = (action: Done['action'], end: Done['end'], contacts: readonly string[] = []) => ({
  done: { action, end, contacts },
});
const report = (history: readonly Happened[], testers: readonly TesterId[] = [scan.tester]) =>
  inEnglish(
    reportOf(history, bench, {
      prior: priorOf(NO_EXPERIENCE),
      upTo: 2,
      conditions: { ...PLAIN_CONDITIONS, testers },
    }),
  );
const open4 = fault('open', ['4'], 'far');
const shareAt = (history: readonly Happened[], at: 'near' | 'cable' | 'far'): number =>
  report(history)
    .explanations.filter(({ faults }) => faults.some(({ kind }) => kind === 'open'))
    .reduce(
      (sum, { probability, faults }) =>
        sum + probability * (faults[0]?.places.find((row) => row.at === at)?.share ?? 0),
      0,
    );

describe('What was done is evidence', () => {
  it('an open that stays when the near end was remade is mostly at the far end, and it is named next', () => {
    const before = report([see(scan, [open4])]);
    expect(before.repair?.sentence).toMatch(
      /^Remake the near end: far end \d\d %, near end \d\d %.*; near end first, you stand there\. 7 minutes\.$/,
    );
    const history = [see(scan, [open4]), did('remade', 'near'), see(scan, [open4])];
    expect(shareAt(history, 'far')).toBeGreaterThan(0.7);
    expect(shareAt(history, 'near')).toBeLessThan(0.15);
    expect(report(history).repair?.places).toEqual(['far']);
  });

  it('what was mended is proven before anything else is said', () => {
    const history = [see(scan, [open4]), did('remade', 'far')];
    expect(report(history).next?.trial).toEqual(scan);
    const good = report([...history, see(scan, [])]);
    expect(good.repair?.places).toEqual([]);
    expect(good.sentence).toContain('as it should be');
    expect(good.unproven).toContain('split-pair');
    expect(good.repair?.sentence).toContain('Not proven');
  });

  it('a better tester at hand is used before a pass is believed', () => {
    const next = report([see(scan, [])], ['identifying-remote', 'pairing']).next;
    expect(next?.tester).toBe('pairing');
    expect(next?.sentence).toContain('before you believe it');
    expect(next?.sentence).toContain('split pairs');
  });

  it('with both ends remade in vain the cable is thought of, and then all of it', () => {
    const history: Happened[] = [see(scan, [open4])];
    const orders: string[] = [];
    for (let step = 0; step < 40; step += 1) {
      const { next, repair, doubt } = report(history, ['identifying-remote', 'look']);
      if (doubt) {
        orders.push('doubt');
        break;
      }
      if (next) history.push(see(next.trial, [open4]));
      for (const place of repair?.places ?? [])
        history.push(did(place === 'cable' ? 'replaced' : 'remade', place));
      if (repair) orders.push(repair.places.join('+'));
    }
    expect(orders.at(-1)).toBe('doubt');
    expect(orders.some((order) => order.includes('cable'))).toBe(true);
    expect(orders.every((order, index) => order !== orders[index + 1])).toBe(true);
  });

  it('a look that found nothing makes an open there less likely, one that found a strand names the end', () => {
    const first = see(scan, [open4]);
    expect(shareAt([first, did('looked', 'near')], 'near')).toBeLessThan(
      shareAt([first], 'near') * 0.75,
    );
    const look: Seen = {
      trial: { tester: 'look', end: 'near', moved: null },
      shown: {
        method: 'colours',
        cores: madeWith(bench.wiring, []).cores.near,
        flaws: ['4'],
      },
    };
    expect(shareAt([first, look], 'near')).toBeGreaterThan(0.9);
  });

  it('seating again helps what is loose, not what is in the wrong place', () => {
    const swapped = fault('miswire', ['2', '3'], 'near');
    const history = (one: Fault): Happened[] => [see(scan, [one]), did('reseated', 'near')];
    const good = (rows: readonly Happened[]) =>
      report(rows).explanations.find(({ faults }) => faults.length === 0)?.probability ?? 0;
    expect(good(history(fault('open', ['4'], 'near')))).toBeGreaterThan(0.1);
    expect(good(history(swapped))).toBe(0);
  });

  it('one end of a split pair made right leaves a miswire at the other', () => {
    const pairing: Trial = { tester: 'pairing', moved: null };
    const split = completeFault({ kind: 'split-pair', pairs: [1, 2] }, bench.wiring);
    const first = see(pairing, [split]);
    const { explanations, next } = report([first, did('remade', 'near')], ['pairing']);
    expect(next?.tester).toBe('pairing');
    expect(explanations[0]?.faults).toEqual([
      jasmine.objectContaining({ kind: 'miswire', end: 'far' }),
    ]);
  });
});
