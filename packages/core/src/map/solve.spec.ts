import { BUILT_IN } from '../catalogue';
import { seeded } from '../testing/seeded';
import { COSTS, matchCost } from './match-cost';
import { namedContact, withPartners, type Direction, type Port } from './port';
import { PORTS } from './ports';
import { PLAIN_OPTIONS, type Join, type SolveOptions } from './solution';
import { solveMap } from './solve';
import { unitsOf } from './unit';

const port = (id: string): Port => {
  const found = PORTS.find((row) => row.id === id);
  if (!found) throw new Error(`No port ${id}`);
  return found;
};

/** Joined contacts as "near-far", the shield left out: "5-4+5 1+6-2". */
function wiring(near: Port, far: Port, options: Partial<SolveOptions> = {}): string {
  const { nets, questions } = solveMap({
    near,
    far,
    cable: null,
    options: { ...PLAIN_OPTIONS, ...options },
  });
  const told = nets
    .filter(({ signal }) => signal !== 'shield')
    .map((net) => `${net.near.join('+')}-${net.far.join('+')}`)
    .sort();
  return [...told, ...questions.map(() => '?')].join(' ');
}

const only = (id: string, contacts: string): Port => ({
  ...port(id),
  contacts: port(id).contacts.filter(({ contact }) => contacts.split(' ').includes(contact)),
});

/**
 * Textbook wirings. EIA-232 null modem and straight leads after TIA-574 and TIA-232-F, DMX512 after
 * ANSI E1.27-2, Ethernet straight and crossover after IEEE 802.3.
 */
const TEXTBOOK: readonly (readonly [near: string, far: string, wiring: string])[] = [
  ['dte-de9', 'dce-de9', '1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9'],
  ['dte-de9', 'dte-de9', '1+6-4 2-3 3-2 4-1+6 5-5 7-8 8-7'],
  ['dce-de9', 'dce-de9', '2-3 3-2 4-6 5-5 6-4 7-8 8-7'],
  ['dte-db25', 'dce-de9', '2-3 20-4 22-9 3-2 4-7 5-8 6-6 7-5 8-1'],
  ['dte-db25', 'dce-db25', '2-2 20-20 22-22 3-3 4-4 5-5 6-6 7-7 8-8'],
  ['dte-db25', 'dte-de9', '2-2 20-1+6 3-3 4-8 5-7 6+8-4 7-5'],
  ['console-8p8c', 'console-8p8c', '1-8 2-7 3-6 4+5-4+5 6-3 7-2 8-1'],
  ['dte-de9', 'console-8p8c', '1+6-2 2-3 3-6 4-7 5-4+5 7-8 8-1'],
  ['dte-8p8c', 'dce-de9', '1-6 2-1 3-4 4-5 5-2 6-3 7-8 8-7'],
  ['eia-422-terminal', 'eia-422-terminal', '1-3 2-4 3-1 4-2 5-5'],
  ['eia-485-terminal', 'eia-485-terminal', '1-1 2-2 3-3'],
  ['dmx-xlr5-out', 'dmx-xlr5-in', '1-1 2-2 3-3 4-4 5-5'],
  ['dmx-xlr5-out', 'dmx-8p8c-in', '1-7+8 2-2 3-1 4-6 5-3'],
  ['dmx-8p8c-out', 'dmx-8p8c-in', '1-1 2-2 3-3 6-6 7+8-7+8'],
  ['ethernet-100', 'ethernet-100-x', '1-1 2-2 3-3 6-6'],
  ['ethernet-100', 'ethernet-100', '1-3 2-6 3-1 6-2'],
  ['ethernet-100', 'ethernet-1000', '1-1 2-2 3-3 6-6'],
  ['ethernet-1000', 'ethernet-1000', '1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8'],
  ['usb-host-a', 'usb-device-b', '1-1 2-2 3-3 4-4'],
  ['usb-host-a', 'usb-device-mini-b', '1-1 2-2 3-3 4-5'],
  ['usb-host-a', 'usb-device-micro-b', '1-1 2-2 3-3 4-5'],
  ['ttl-serial-board', 'ttl-serial-device', '1-1 2-3 3-2 4-4'],
  ['isp-programmer', 'isp-target', '1-1 2-2 3-3 4-4 5-5 6-6'],
  ['telephone-line', 'telephone-set', '2-3 5-4'],
  ['camera', 'monitor', '1-1 2-2 3-3 4-4 5-5 6-6'],
];

describe('solveMap', () => {
  for (const [near, far, expected] of TEXTBOOK)
    it(`gives the textbook wiring of ${near} to ${far}, and the same from the other side`, () => {
      expect(wiring(port(near), port(far))).toBe(expected);
      const back = expected
        .split(' ')
        .map((net) => net.split('-').reverse().join('-'))
        .sort()
        .join(' ');
      expect(wiring(port(far), port(near))).toBe(back);
    });

  it('never joins two built-in ports so that something is hurt, whatever they are', () => {
    for (const near of PORTS)
      for (const far of PORTS) {
        const { findings, nets } = solveMap({ near, far, cable: null, options: PLAIN_OPTIONS });
        const stops = findings.filter(({ severity }) => severity === 'stop');
        // What is left to say is that levels need a stage between them, or that a ground is missing.
        for (const { kind } of stops)
          expect(['levels-inverted', 'level-over', 'level-high', 'missing-return'])
            .withContext(`${near.id} to ${far.id}`)
            .toContain(kind);
        for (const end of ['near', 'far'] as const) {
          const used = nets.flatMap((net) => net[end]);
          expect(new Set(used).size).toBe(used.length);
        }
      }
  });

  it('makes a three-wire null modem where the other side has three wires, and loops the rest back', () => {
    expect(wiring(port('dte-de9'), only('dte-de9', '2 3 5'))).toBe('1+4+6- 2-3 3-2 5-5 7+8-');
    expect(wiring(only('dte-de9', '2 3 5'), only('dte-de9', '2 3 5'))).toBe('2-3 3-2 5-5');
    const loops = { handshake: 'loop' } as const;
    expect(wiring(port('dte-de9'), port('dte-de9'), loops)).toBe(
      '-1+4+6 -7+8 1+4+6- 2-3 3-2 5-5 7+8-',
    );
    expect(wiring(port('dte-de9'), port('dte-de9'), { handshake: 'open' })).toBe('2-3 3-2 5-5');
  });

  it('asks where names fit two ways, and follows the answer', () => {
    const task = {
      near: port('eia-422-terminal'),
      far: port('eia-485-terminal'),
      cable: null,
      options: PLAIN_OPTIONS,
    };
    const [question] = solveMap(task).questions;
    expect(question?.choices.length).toBe(6);
    for (const { joins } of question?.choices ?? []) {
      const solved = solveMap({ ...task, options: { ...PLAIN_OPTIONS, joins } });
      expect(solved.questions).toEqual([]);
      for (const join of joins)
        expect(
          solved.nets.some(
            (net) => net.near.includes(join.near ?? '') && net.far.includes(join.far ?? ''),
          ),
        ).toBeTrue();
    }
  });

  it('asks which way data goes where nobody says who sends, and one answer settles both wires', () => {
    const bare = (id: string): Port => ({
      ...port('ttl-serial-board'),
      id,
      contacts: [namedContact('1', 'GND'), namedContact('2', 'TXD'), namedContact('3', 'RXD')],
    });
    expect(wiring(bare('a'), bare('b'))).toBe('1-1 ?');
    const { questions } = solveMap({
      near: bare('a'),
      far: bare('b'),
      cable: null,
      options: PLAIN_OPTIONS,
    });
    const wirings = questions[0]?.choices.map(({ joins }) =>
      wiring(bare('a'), bare('b'), { joins }),
    );
    expect(wirings).toEqual(['1-1 2-2 3-3', '1-1 2-3 3-2']);
  });

  it('asks which way round a bus goes whose wires are letters here and signs there', () => {
    const bus = (id: string, names: readonly string[]): Port => ({
      ...port('eia-485-terminal'),
      id,
      contacts: withPartners(names.map((name, index) => namedContact(String(index + 1), name))),
    });
    const task = {
      near: bus('a', ['DATA A', 'DATA B', 'GND']),
      far: bus('b', ['DATA+', 'DATA-', 'GND']),
      cable: null,
      options: PLAIN_OPTIONS,
    };
    const [question, ...more] = solveMap(task).questions;
    expect(more).toEqual([]);
    expect(question?.sentence).toContain('makers name these wires both ways');
    const wirings = question?.choices.map(({ joins }) => wiring(task.near, task.far, { joins }));
    expect(wirings).toEqual(['1-1 2-2 3-3', '1-2 2-1 3-3']);
    // The same on both sides leaves no doubt.
    expect(wiring(bus('a', ['D+', 'D-', 'GND']), bus('b', ['D+', 'D-', 'GND']))).toBe(
      '1-1 2-2 3-3',
    );
  });

  it('offers both pairs of a four-wire device to a two-wire bus, and warns of the one that never lets go', () => {
    const four = { near: port('eia-422-terminal'), far: port('eia-485-terminal'), cable: null };
    const [question] = solveMap({ ...four, options: PLAIN_OPTIONS }).questions;
    const both = question?.choices.filter(({ label }) => label.startsWith('With both')) ?? [];
    expect(both.length).toBe(2);
    const joins = both[0]?.joins ?? [];
    const { nets, findings } = solveMap({ ...four, options: { ...PLAIN_OPTIONS, joins } });
    const joined = nets.map(({ near, far }) => `${near.join(' ')}-${far.join(' ')}`);
    expect(joined).toContain('1 3-1');
    expect(joined).toContain('2 4-2');
    expect(findings.filter(({ kind }) => kind === 'bus-held').length).toBe(1);
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  it('asks about names that only share a word, and about supplies whose voltage nobody knows', () => {
    const device = (signals: readonly string[], direction: Direction): Port => ({
      ...port('ttl-serial-board'),
      contacts: signals.map((signal, i) => ({
        ...namedContact(String(i + 1), signal),
        direction: /GND/.test(signal) ? 'passive' : direction,
      })),
    });
    expect(wiring(device(['WATER LEVEL'], 'out'), device(['LEVEL'], 'in'))).toBe('?');
    expect(wiring(device(['WATER LEVEL'], 'out'), device(['WIND'], 'in'))).toBe('?');
    expect(wiring(device(['WATER LEVEL'], 'out'), device(['WIND'], 'out'))).toBe('');
    expect(wiring(device(['VCC', 'GND'], 'unknown'), device(['VCC', 'GND'], 'in'))).toBe('2-2 ?');
  });

  it('agrees with brute force over every assignment on 500 pairs with shuffled names', () => {
    const { below, pick } = seeded(41);
    const names = 'TXD RXD RTS CTS DTR DSR CLK DATA RESET TX1 TX2 RX1 RX2 LEVEL'.split(' ');
    const ways: readonly Direction[] = ['out', 'in', 'both', 'unknown'];
    const made = (): Port => ({
      ...port('ttl-serial-board'),
      contacts: Array.from({ length: 2 + below(5) }, (_, i) => ({
        ...namedContact(String(i + 1), pick(names)),
        direction: pick(ways),
      })),
    });
    let asked = 0;
    for (let round = 0; round < 500; round += 1) {
      const [near, far] = [made(), made()];
      const { best, all } = bruteForce(near, far);
      const { cost, nets, questions } = solveMap({
        near,
        far,
        cable: null,
        options: { ...PLAIN_OPTIONS, handshake: 'through' },
      });
      expect(cost).toBe(best);
      asked += questions.length > 0 ? 1 : 0;
      // What every cheapest assignment has is joined; what only some have is asked.
      const sure = (all[0] ?? []).filter(
        ([i, j, price]) =>
          price < COSTS.alike && all.every((other) => other.some(([a, b]) => a === i && b === j)),
      );
      const joins = nets.flatMap((net): Join[] =>
        net.near.length === 1 && net.far.length === 1
          ? [{ near: net.near[0] ?? null, far: net.far[0] ?? null }]
          : [],
      );
      expect(joins.map((join) => `${join.near}-${join.far}`).sort())
        .withContext(JSON.stringify([near.contacts, far.contacts]))
        .toEqual(sure.map(([i, j]) => `${i + 1}-${j + 1}`).sort());
    }
    expect(asked).toBeGreaterThan(50);
  });
});

type Pairing = readonly (readonly [row: number, column: number, cost: number])[];

/** Every way of joining some signals one to one; the cheapest cost and all pairings that have it. */
function bruteForce(near: Port, far: Port): { best: number; all: Pairing[] } {
  const [a, b] = [unitsOf(near), unitsOf(far)];
  const size = Math.max(a.length, b.length);
  let best = Infinity;
  let all: Pairing[] = [];
  const visit = (row: number, taken: ReadonlySet<number>, pairs: Pairing, sum: number): void => {
    if (row === a.length) {
      const total = sum + (size - pairs.length) * COSTS.apart;
      if (total < best) [best, all] = [total, []];
      if (total === best) all.push(pairs);
      return;
    }
    visit(row + 1, taken, pairs, sum);
    b.forEach((unit, column) => {
      const own = a[row];
      const cost = own && !taken.has(column) ? matchCost(own, unit) : COSTS.apart;
      if (cost < COSTS.apart)
        visit(row + 1, new Set([...taken, column]), [...pairs, [row, column, cost]], sum + cost);
    });
  };
  visit(0, new Set(), [], 0);
  return { best, all };
}

describe('cores', () => {
  const cores = (near: string, far: string, cable: string) =>
    solveMap({
      near: port(near),
      far: port(far),
      cable: BUILT_IN.cable(cable),
      options: PLAIN_OPTIONS,
    });

  it('give red to the supply, black to ground, and a pair to each differential signal', () => {
    const usb = cores('usb-host-a', 'usb-device-b', 'usb-2').nets;
    const core = (signal: string) => usb.find((net) => net.signal === signal)?.core;
    expect([core('VBUS'), core('GND')]).toEqual(['R', 'BK']);
    expect([core('D+'), core('D-')].sort()).toEqual(['G', 'W']);
    const cable = BUILT_IN.cable('cat5e-uutp-solid');
    const dmx = cores('dmx-xlr5-out', 'dmx-8p8c-in', cable.id);
    for (const channel of ['DATA1', 'DATA2']) {
      const pairs = ['+', '-'].map((mark) => {
        const net = dmx.nets.find(({ signal }) => signal === channel + mark);
        return cable.cores.find(({ id }) => id === net?.core)?.pair;
      });
      expect(pairs[0]).toBe(pairs[1] ?? 0);
    }
    expect(dmx.findings.filter(({ kind }) => kind === 'pair-split')).toEqual([]);
  });

  it('give supply and ground one pair where no red core is there', () => {
    const { nets } = cores('ttl-serial-board', 'ttl-serial-device', 'cat5e-uutp-stranded');
    const cable = BUILT_IN.cable('cat5e-uutp-stranded');
    const pairOf = (signal: string) =>
      cable.cores.find(({ id }) => id === nets.find((net) => net.signal === signal)?.core)?.pair;
    expect(pairOf('+5V')).toBeDefined();
    expect(pairOf('+5V')).toBe(pairOf('GND'));
    expect(nets.find(({ signal }) => signal === '+5V')?.core).toBe('O');
  });

  it('never twist the clock with data, and never use the protective earth for a signal', () => {
    const isp = cores('isp-programmer', 'isp-target', 'cat5e-uutp-solid');
    expect(isp.findings.filter(({ kind }) => kind === 'clock-with-data')).toEqual([]);
    const measured = ['G-Y', 'R', 'BK', 'W', 'BL'].map((id) => ({ near: id, far: id }));
    const { nets, findings } = solveMap({
      near: port('isp-programmer'),
      far: port('isp-target'),
      cable: null,
      options: { ...PLAIN_OPTIONS, measured },
    });
    expect(nets.filter((net) => net.core === 'G-Y').map(({ signal }) => signal)).not.toContain(
      'SCK',
    );
    expect(findings.some(({ kind }) => kind === 'too-few-cores')).toBeTrue();
  });

  it('keep both colours of a core whose ends were measured to differ', () => {
    const measured = [
      { near: 'R', far: 'BR' },
      { near: 'BK', far: 'BK' },
      { near: 'W', far: 'G' },
      { near: 'G', far: 'W' },
    ];
    const { nets } = solveMap({
      near: port('usb-host-a'),
      far: port('usb-device-b'),
      cable: BUILT_IN.cable('usb-2'),
      options: { ...PLAIN_OPTIONS, measured },
    });
    const vbus = nets.find(({ signal }) => signal === 'VBUS');
    expect([vbus?.core, vbus?.farCore]).toEqual(['R', 'BR']);
    expect(nets.find(({ signal }) => signal === 'GND')?.farCore).toBeUndefined();
  });
});
