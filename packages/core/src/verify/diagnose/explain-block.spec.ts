import { inEnglish } from '../../testing/in-english';
import {
  PLAIN_JOB,
  canonicalReading,
  sameReading,
  wiringOf,
  type Net,
  type Wiring,
} from '../../link';
import { seeded } from '../../testing/seeded';
import { applyFaults } from '../apply-faults';
import { diagnose } from './diagnose';

const end = { place: '', connector: 'block-25-pair', scheme: 'T568B' as const };
const block: Wiring = wiringOf(
  { cable: 'telephone-25-pair', near: end, far: end, schools: {} },
  PLAIN_JOB,
);
const ROW = Array.from({ length: 50 }, (_, index) => index + 1);

/** What a tester shows where near n arrives at far to(n), which may be off the block. */
const reading = (to: (near: number) => number, rows = ROW): Net[] =>
  rows.flatMap((near) => {
    const far = to(near);
    return far >= 1 && far <= 50 ? [{ near: [String(near)], far: [String(far)] }] : [];
  });

const told = (nets: readonly Net[], wiring = block) => {
  const diagnosis = inEnglish(
    diagnose({ wiring, tester: 'identifying-remote', nets, splitPairs: [] }),
  );
  expect(sameReading(applyFaults(diagnosis.faults, wiring), nets))
    .withContext(
      `rebuilt: ${JSON.stringify(diagnosis.faults.map(({ kind, near, far }) => [kind, near, far]))}`,
    )
    .toBeTrue();
  return diagnosis;
};

describe('slips of a whole block', () => {
  it('are one fault and one action: begun late or early by any number of contacts, at either end', () => {
    for (let by = 1; by <= 24; by += 1)
      for (const sign of [1, -1]) {
        const { faults, actions } = told(reading((near) => near + sign * by));
        expect(faults.map(({ kind, end: at }) => [kind, at]))
          .withContext(String(sign * by))
          .toEqual([['shifted', sign > 0 ? 'far' : 'near']]);
        expect(actions.length).toBe(1);
      }
  });

  it('say how late, what is empty, what is left over, and where to begin again', () => {
    const { faults, actions, unseen } = told(reading((near) => near + 6));
    expect(faults[0]?.sentence).toBe(
      'Every pair is three pairs late at the far end: near 1 arrives at far 7, near 2 arrives at far 8 and so on, ' +
        'to near 44 arrives at far 50. Far 1 to 6 should be empty there, and the cores of near 45 to 50 are left over.',
    );
    expect(actions[0]?.sentence).toContain(
      'punch the far end down again from its first contact: white-blue on 1.',
    );
    expect(unseen).not.toContain('fewer-faults');
    expect(told(reading((near) => near - 1)).faults[0]?.sentence).toContain(
      'Every conductor is one contact late at the near end',
    );
  });

  it('are known when they go round, when the row is turned, and when pairs run backwards', () => {
    const kinds = (to: (near: number) => number) =>
      told(reading(to)).faults.map(({ kind }) => kind);
    expect(kinds((near) => ((near + 9) % 50) + 1)).toEqual(['shifted']);
    expect(kinds((near) => 51 - near)).toEqual(['rollover']);
    expect(kinds((near) => (near % 2 === 1 ? 50 - near : 52 - near))).toEqual(['rollover']);
  });

  it('name exchanged and turned groups by their colour', () => {
    const exchange = (near: number) =>
      near <= 10 ? near + 20 : near > 20 && near <= 30 ? near - 20 : near;
    const crossed = told(reading(exchange));
    expect(crossed.faults.map(({ kind }) => kind)).toEqual(['crossed-groups']);
    expect(crossed.faults[0]?.sentence).toContain(
      'The white group (pairs 1 to 5) and the black group (pairs 11 to 15) are exchanged',
    );
    const turned = told(reading((near) => (near > 10 && near <= 20 ? 31 - near : near)));
    expect(turned.faults.map(({ kind }) => kind)).toEqual(['turned-group']);
    expect(turned.faults[0]?.sentence).toContain('The red group (pairs 6 to 10) runs backwards');
    // Every group backwards: five slips, not fifty.
    const all = told(reading((near) => Math.ceil(near / 10) * 10 - ((near - 1) % 10)));
    expect(all.faults.map(({ kind }) => kind)).toEqual(
      Array.from({ length: 5 }, () => 'turned-group'),
    );
  });

  it('are still seen under what else is wrong', () => {
    const late = reading((near) => near + 4);
    const { faults } = told([
      ...late.slice(0, 10),
      { near: ['11'], far: [] },
      { near: ['12', '13'], far: ['16', '17'] },
      { near: ['14'], far: ['19'] },
      { near: ['15'], far: ['18'] },
      ...late.slice(15),
    ]);
    expect(faults.map(({ kind }) => kind)).toEqual(['shifted', 'miswire', 'open', 'short']);
  });

  it('are not thought of where hardly anything supports them', () => {
    const random = seeded(5);
    for (let round = 0; round < 30; round += 1) {
      const to = random.shuffle(ROW);
      const { faults, unseen } = told(reading((near) => to[near - 1] as number));
      expect(faults.some(({ kind }) => kind === 'shifted' || kind === 'rollover')).toBeFalse();
      expect(unseen).toContain('fewer-faults');
      for (const { sentence } of faults) expect(sentence.length).toBeLessThan(400);
    }
  });

  it('leave any reading of ten to fifty contacts rebuilt from its faults', () => {
    const random = seeded(77);
    const wirings = [
      block,
      ...(['ribbon-25', 'ribbon-15'] as const).map((cable) => {
        const pins = cable === 'ribbon-25' ? 25 : 15;
        const ends = { ...end, connector: `d-sub-${pins}-press-on-socket` };
        return wiringOf({ cable, near: ends, far: ends, schools: {} }, PLAIN_JOB);
      }),
    ];
    for (const wiring of wirings)
      for (let round = 0; round < 120; round += 1) {
        const near = wiring.near.contacts.map(({ contact }) => contact);
        const far = wiring.far.contacts.map(({ contact }) => contact);
        const by = random.below(5) - 2;
        const nets = near.map((contact, index) => ({
          near: [contact],
          far: far[index + by] === undefined ? [] : [far[index + by] as string],
        }));
        for (let slips = random.below(8); slips > 0; slips -= 1) {
          const [one, other] = [random.pick(nets), random.pick(nets)];
          const what = random.below(4);
          if (what === 0) [one.far, other.far] = [other.far, one.far];
          else if (what === 1) one.far = [];
          else if (what === 2 && one !== other) {
            one.near.push(...other.near.splice(0));
            one.far.push(...other.far.splice(0));
          } else if (one !== other) one.far.push(...other.far.splice(0));
        }
        told(canonicalReading(nets), wiring);
      }
  });
});
