import type { Told } from '../../message';
import { inEnglish } from '../../testing/in-english';
import { SHELL, WIRE_CONTACTS, type Contact, type SchemeId } from '../../catalogue';
import {
  canonicalReading,
  conductorGraph,
  fourPairWiring,
  joinedGroups,
  pairsOf,
  sameReading,
  type Net,
  type Wiring,
} from '../../link';
import { seeded } from '../../testing/seeded';
import { applyFaults } from '../apply-faults';
import { diagnose, type Diagnosis, type TestResult } from './diagnose';
import type { Fault } from '../fault';

const straight = fourPairWiring('T568B', 'T568B');
const crossed = fourPairWiring('T568A', 'T568B');
const shieldedStraight = fourPairWiring('T568B', 'T568B', true);

/** "1-1 45-45 7- -7" as nets. */
function nets(text: string): Net[] {
  return text.split(' ').map((net) => {
    const [near = '', far = ''] = net.split('-');
    return { near: [...near] as Contact[], far: [...far] as Contact[] };
  });
}

function told(text: string, rest: Partial<TestResult> = {}): Told<Diagnosis> {
  return inEnglish(
    diagnose({
      wiring: straight,
      tester: 'pairing',
      nets: nets(text),
      splitPairs: [],
      ...rest,
    }),
  );
}

const kinds = (diagnosis: Told<Diagnosis>) => diagnosis.faults.map((fault) => fault.kind);
const good = '1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8';

function* permutations<T>(items: readonly T[]): Generator<T[]> {
  if (items.length === 0) yield [];
  for (const [index, first] of items.entries())
    for (const rest of permutations(items.filter((_, other) => other !== index)))
      yield [first, ...rest];
}

describe('diagnose', () => {
  it('passes a good link, and says what an identifying remote can’t prove', () => {
    expect(told(good).verdict).toBe('pass');
    const remote = told(good, { tester: 'identifying-remote' });
    expect(remote.verdict).toBe('unproven');
    expect(remote.faults).toEqual([]);
    expect(remote.summary).toBe('Order and shorts verified (straight), pairing not.');
    expect(remote.unseen).toContain('split-pair');
    expect(remote.actions[0]?.sentence).toMatch(/crosstalk/);
  });

  it('names the usual arrangements', () => {
    const orders: [string, Diagnosis['arrangement']][] = [
      ['12345678', 'straight'],
      ['36145278', 'crossover'],
      ['36178245', 'full-crossover'],
      ['87654321', 'rollover'],
      ['12435678', 'irregular'],
    ];
    for (const [far, arrangement] of orders) {
      const text = [...far].map((contact, index) => `${index + 1}-${contact}`).join(' ');
      expect(told(text).arrangement).withContext(far).toBe(arrangement);
    }
    expect(told('1- -1').arrangement).toBe('none');
  });

  const rows: [string, string, string[]][] = [
    ['an open conductor', '1-1 2-2 3-3 4-4 5-5 6-6 7- -7 8-8', ['open']],
    ['a dead cable as one fault', '1- 2- 3- -1', ['open']],
    ['a short within a pair', '1-1 2-2 3-3 45-45 6-6 7-7 8-8', ['short']],
    ['a short between pairs', '1-1 23-23 4-4 5-5 6-6 7-7 8-8', ['short']],
    ['a reversed pair', '1-1 2-2 3-6 4-4 5-5 6-3 7-7 8-8', ['reversed-pair']],
    ['one end A, other end B', '1-3 2-6 3-1 4-4 5-5 6-2 7-7 8-8', ['crossed-pairs']],
    ['crossed pairs, one of them reversed', '1-6 2-3 3-1 4-4 5-5 6-2 7-7 8-8', ['crossed-pairs']],
    ['three pairs in a ring', '1-3 2-6 3-4 6-5 4-2 5-1 7-7 8-8', ['crossed-pairs']],
    ['two conductors swapped', '1-1 2-2 3-4 4-3 5-5 6-6 7-7 8-8', ['miswire']],
    ['a plug upside down', '1-8 2-7 3-6 4-5 5-4 6-3 7-2 8-1', ['rollover']],
    [
      'a plug upside down with a broken conductor',
      '1-8 2-7 3- -6 4-5 5-4 6-3 7-2 8-1',
      ['rollover', 'open'],
    ],
    [
      'a plug upside down and one swap',
      '1-7 2-8 3-6 4-5 5-4 6-3 7-2 8-1',
      ['rollover', 'reversed-pair'],
    ],
    ['a short and an open at one end', '12-1 -2 3-3 4-4 5-5 6-6 7-7 8-8', ['open', 'short']],
  ];
  for (const [what, text, expected] of rows)
    it(`tells ${what}`, () => expect(kinds(told(text)) as string[]).toEqual(expected));

  it('says at which side of a break a short lies', () => {
    const near = told('12-1 -2 3-3 4-4 5-5 6-6 7-7 8-8');
    expect(near.faults.at(-1)).toEqual(jasmine.objectContaining({ kind: 'short', end: 'near' }));
    const far = told('1-1 2-2 3-3 4-45 5- 6-6 7-7 8-8');
    expect(far.faults.at(-1)).toEqual(jasmine.objectContaining({ kind: 'short', end: 'far' }));
    expect(far.actions.at(-1)?.end).toBe('far');
  });

  it('tells which plug of a crossover is upside down', () => {
    const map = (turn: (n: number) => string) =>
      WIRE_CONTACTS.map((contact) => `${contact}-${turn(Number(contact))}`).join(' ');
    const cross = '36145278';
    const farTurned = told(
      map((n) => String(9 - Number(cross[n - 1]))),
      { wiring: crossed },
    );
    expect(farTurned.faults).toEqual([jasmine.objectContaining({ kind: 'rollover', end: 'far' })]);
    const nearTurned = told(
      map((n) => cross[8 - n] as string),
      { wiring: crossed },
    );
    expect(nearTurned.faults).toEqual([
      jasmine.objectContaining({ kind: 'rollover', end: 'near' }),
    ]);
  });

  it('says that the order behind a short is not known', () => {
    expect(told('1-1 2-2 3-3 45-45 6-6 7-7 8-8').unseen).toContain('order-behind-short');
    expect(told('1- 2- 3-3 4-4 5-5 6-6 7-7 8-8').unseen).toContain('order-of-opens');
  });

  it('names split pairs only where the wire map does not explain them', () => {
    const split = told(good, {
      splitPairs: [
        ['3', '6'],
        ['4', '5'],
      ],
    });
    expect(split.verdict).toBe('fail');
    expect(split.faults).toEqual([
      jasmine.objectContaining({ kind: 'split-pair', pairs: [1, 3], near: ['3', '4', '5', '6'] }),
    ]);
    const miswired = told('1-1 2-2 3-4 4-3 5-5 6-6 7-7 8-8', { splitPairs: [['3', '6']] });
    expect(kinds(miswired)).toEqual(['miswire']);
  });

  it('judges the shield by what the link should have', () => {
    const wiring = shieldedStraight;
    expect(kinds(told(`${good} S-S`, { wiring }))).toEqual([]);
    expect(kinds(told(good, { wiring }))).toEqual(['shield-open']);
    expect(kinds(told('1-1 2-2 3S-3S 4-4 5-5 6-6 7-7 8-8', { wiring }))).toEqual(['shield-short']);
    expect(kinds(told(`${good} S-S`))).toEqual(['shield-unexpected']);
    expect(told('1-1 2-2 3S-3 4-4 5-5 6-6 7-7 8-8').faults).toEqual([
      jasmine.objectContaining({ kind: 'shield-short', end: 'near' }),
    ]);
  });

  it('tells contacts, colours and the action in plain words', () => {
    const { faults, actions } = told('1-1 2-2 3-4 4-3 5-5 6-6 7-7 8-8');
    expect(faults[0]?.sentence).toBe(
      'White-green and blue are swapped: near 3 arrives at far 4 and near 4 arrives at far 3.',
    );
    expect(actions).toEqual([
      {
        end: 'either',
        sentence:
          'Read the colours at both ends. Remake the end where white-green and blue are swapped (white-green on 4 and blue on 3).',
      },
    ]);
    const open = told('1-1 2-2 3-3 4-4 5-5 6-6 7- -7 8-8').faults[0];
    expect(open?.sentence).toBe('White-brown (7), pair 4, is open: it does not reach the far end.');
  });
});

describe('every order of eight conductors', () => {
  for (const [name, wiring] of Object.entries({ straight, crossed }))
    it(`is rebuilt from its diagnosis (${name})`, () => {
      const intended = new Map(
        joinedGroups(conductorGraph(wiring)).map(({ near, far }) => [near[0], far[0]]),
      );
      let count = 0;
      const wrong: string[] = [];
      for (const far of permutations(WIRE_CONTACTS)) {
        const reading = WIRE_CONTACTS.map((near, index) => ({
          near: [near],
          far: [far[index] as Contact],
        }));
        const { faults, verdict } = inEnglish(
          diagnose({
            wiring,
            tester: 'pairing',
            nets: reading,
            splitPairs: [],
          }),
        );
        const right = reading.every(({ near, far: to }) => intended.get(near[0]) === to[0]);
        const rebuilt = sameReading(applyFaults(faults, wiring), reading);
        if (!rebuilt || (verdict === 'pass') !== right) wrong.push(far.join(''));
        count += 1;
      }
      expect(count).toBe(40_320);
      expect(wrong).toEqual([]);
    });
});

describe('random readings', () => {
  const wirings: Wiring[] = (['T568A', 'T568B'] as SchemeId[]).flatMap((near) =>
    (['T568A', 'T568B'] as SchemeId[]).flatMap((far) =>
      [false, true].map((shielded) => fourPairWiring(near, far, shielded)),
    ),
  );

  it('are rebuilt from their diagnosis, whatever the partition', () => {
    const random = seeded(20261123);
    for (let round = 0; round < 2000; round += 1) {
      const wiring = random.pick(wirings);
      const netCount = 1 + random.below(16);
      const made = Array.from({ length: netCount }, () => ({
        near: [] as Contact[],
        far: [] as Contact[],
      }));
      for (const contact of [...WIRE_CONTACTS, SHELL]) {
        random.pick(made).near.push(contact);
        random.pick(made).far.push(contact);
      }
      const reading = canonicalReading(made);
      const { faults } = inEnglish(
        diagnose({ wiring, tester: 'pairing', nets: reading, splitPairs: [] }),
      );
      if (!sameReading(applyFaults(faults, wiring), reading))
        fail(`not rebuilt: ${JSON.stringify({ wiring, reading, faults })}`);
    }
    expect(true).toBeTrue();
  });

  it('are never told with more faults than were made', () => {
    const random = seeded(7);
    for (let round = 0; round < 4000; round += 1) {
      const wiring = random.pick(wirings);
      const count = 1 + random.below(4);
      const edges = conductorGraph(wiring).map((edge) => ({ ...edge, whole: true }));
      const joints: [Contact, Contact, 'near' | 'far'][] = [];
      const swap = (a: Contact, b: Contact) => {
        const to = (contact: Contact) => edges.find((edge) => edge.to.contact === contact);
        const [first, second] = [to(a), to(b)];
        if (first && second) [first.to, second.to] = [second.to, first.to];
      };
      for (let index = 0; index < count; index += 1) {
        const slip = random.below(5);
        const [a, b] = random.shuffle(WIRE_CONTACTS) as [Contact, Contact];
        const [p, q] = random.shuffle(pairsOf(wiring.far));
        if (slip === 0) swap(a, b);
        if (slip === 1 && p && q) {
          swap(p.tip, q.tip);
          swap(p.ring, q.ring);
        }
        if (slip === 2) random.pick(edges).whole = false;
        if (slip === 3) joints.push([a, b, random.pick(['near', 'far'] as const)]);
        if (slip === 4 && p) swap(p.tip, p.ring);
      }
      const reading = joinedGroups([
        ...edges.filter((edge) => edge.whole),
        ...joints.map(([a, b, end]) => ({ from: { end, contact: a }, to: { end, contact: b } })),
      ]);
      const { faults } = inEnglish(
        diagnose({ wiring, tester: 'pairing', nets: reading, splitPairs: [] }),
      );
      if (faults.length > count)
        fail(`${faults.length} > ${count}: ${JSON.stringify({ wiring, reading, faults })}`);
    }
    expect(true).toBeTrue();
  });

  it('give a fault for every contact that is not where it should be, and for no other', () => {
    const random = seeded(99);
    for (let round = 0; round < 1500; round += 1) {
      const far = random.shuffle(WIRE_CONTACTS);
      const displaced = WIRE_CONTACTS.filter((contact, index) => far[index] !== contact);
      const text = WIRE_CONTACTS.map((contact, index) => `${contact}-${far[index] ?? ''}`).join(
        ' ',
      );
      const faults = told(text).faults;
      if (faults.some((fault) => fault.kind === 'rollover')) continue;
      const blamed = new Set(faults.flatMap((fault: Fault) => fault.near));
      expect([...blamed].sort())
        .withContext(text)
        .toEqual(displaced);
    }
  });
});
