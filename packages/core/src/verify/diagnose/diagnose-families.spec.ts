import { inEnglish } from '../../testing/in-english';
import { SHELL, type Contact } from '../../catalogue';
import {
  PLAIN_JOB,
  canonicalReading,
  conductorGraph,
  sameReading,
  wiringOf,
  type Wiring,
} from '../../link';
import { seeded } from '../../testing/seeded';
import { applyFaults } from '../apply-faults';
import { diagnose } from './diagnose';

describe('links of other families', () => {
  const link = (cable: string, near: string, far = near): Wiring => {
    const end = (connector: string) => ({ place: '', connector, scheme: 'T568B' as const });
    return wiringOf({ cable, near: end(near), far: end(far), schools: {} }, PLAIN_JOB);
  };
  const test = (wiring: Wiring, text: string) =>
    diagnose({
      wiring,
      tester: 'identifying-remote',
      nets: text.split(' ').map((net) => {
        const [near = '', far = ''] = net.split('-');
        return { near: near.split('+').filter(Boolean), far: far.split('+').filter(Boolean) };
      }),
      splitPairs: [],
    });

  it('know a coaxial link: good, open, shorted, and that it has no pairs to prove', () => {
    const coax = link('rg-59', 'f-compression-rg-59');
    expect(test(coax, 'C-C S-S').verdict).toBe('pass');
    expect(test(coax, 'S-S').faults.map(({ kind }) => kind)).toEqual(['open']);
    const short = test(coax, 'C+S-C+S');
    expect(short.faults.map(({ kind }) => kind)).toEqual(['shield-short']);
    expect(inEnglish(short.actions[0]?.sentence)).toContain('a strand of the braid');
  });

  it('know that a telephone cord is turned over, and tell one that is straight; where straight is meant, the other', () => {
    const cord = link('cord-4', 'plug-6p4c');
    const end = { place: '', connector: 'plug-6p4c', scheme: 'T568B' as const };
    const straight = wiringOf(
      {
        cable: 'cord-4',
        near: end,
        far: end,
        schools: { cord: { choice: 'straight', reason: '' } },
      },
      PLAIN_JOB,
    );
    for (const [wiring, good, turned] of [
      [cord, '2-5 3-4 4-3 5-2', '2-2 3-3 4-4 5-5'],
      [straight, '2-2 3-3 4-4 5-5', '2-5 3-4 4-3 5-2'],
    ] as const) {
      expect(test(wiring, good).faults).toEqual([]);
      expect(test(wiring, turned).faults).toEqual([
        jasmine.objectContaining({ kind: 'rollover', near: ['2', '3', '4', '5'] }),
      ]);
    }
    expect(test(straight, '2-2 3-4 4-3 5-5').faults).toEqual([
      jasmine.objectContaining({ kind: 'reversed-pair', pairs: [1] }),
    ]);
    expect(test(cord, '2-5 3-3 4-4 5-2').faults).toEqual([
      jasmine.objectContaining({ kind: 'reversed-pair', pairs: [1] }),
    ]);
  });

  it('tell a ribbon connector that was pressed on the wrong way round', () => {
    const ribbon = link('ribbon-9', 'd-sub-9-press-on-plug', 'd-sub-9-press-on-socket');
    const turned = '1-5 6-9 2-4 7-8 3-3 8-7 4-2 9-6 5-1';
    expect(test(ribbon, turned).faults).toEqual([jasmine.objectContaining({ kind: 'rollover' })]);
  });

  it('read fifty rows of a block in time, with a pair crossed and one open', () => {
    const block = link('telephone-25-pair', 'block-25-pair');
    const rows = Array.from({ length: 50 }, (_, index) => String(index + 1));
    const swapped: Record<string, string> = { 1: '3', 2: '4', 3: '1', 4: '2' };
    const text = rows
      .filter((row) => row !== '50')
      .map((row) => `${row}-${swapped[row] ?? row}`)
      .join(' ');
    expect(test(block, text).faults.map(({ kind }) => kind)).toEqual(['crossed-pairs', 'open']);
  });

  it('leave the shield open at the far end where the job bonds it at the near end only', () => {
    const end = (connector: string) => ({ place: '', connector, scheme: 'T568B' as const });
    const ends = { near: end('d-sub-9-soldered-plug'), far: end('d-sub-9-soldered-socket') };
    const wiring = (bond: string) =>
      wiringOf(
        { cable: 'screened-9', ...ends, schools: { bond: { choice: bond, reason: '' } } },
        PLAIN_JOB,
      );
    const joined = (bond: string) =>
      conductorGraph(wiring(bond)).some(({ from }) => from.contact === SHELL);
    expect(joined('both-ends')).toBeTrue();
    expect(joined('near-end')).toBeFalse();
  });

  it('are rebuilt from their diagnosis, whatever was read', () => {
    const random = seeded(31);
    for (const wiring of [
      link('rg-59', 'f-compression-rg-59'),
      link('cord-6', 'plug-6p6c'),
      link('screened-9', 'd-sub-9-soldered-plug', 'pigtail-solder-sleeves'),
      link('telephone-3-pair', 'splice-gel'),
    ])
      for (let round = 0; round < 150; round += 1) {
        const made = Array.from({ length: 2 + random.below(12) }, () => ({
          near: [] as Contact[],
          far: [] as Contact[],
        }));
        for (const end of ['near', 'far'] as const)
          for (const { contact } of wiring[end].contacts) random.pick(made)[end].push(contact);
        const reading = canonicalReading(made);
        const { faults } = diagnose({ wiring, tester: 'pairing', nets: reading, splitPairs: [] });
        if (!sameReading(applyFaults(faults, wiring), reading))
          fail(`not rebuilt: ${JSON.stringify({ reading, faults })}`);
      }
    expect(true).toBeTrue();
  });
});
