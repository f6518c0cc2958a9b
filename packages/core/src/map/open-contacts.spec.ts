import { BUILT_IN } from '../catalogue';
import { level } from './level';
import { parsePins } from './parse-port';
import type { Port, PortContact } from './port';
import { PORTS } from './ports';
import { PLAIN_OPTIONS, type Join, type SolveOptions } from './solution';
import { solveMap, type MapTask } from './solve';
import { adapterStanding } from './standing';

/** A device from its pin list as it is pasted. */
function device(name: string, text: string, rest: Partial<Port> = {}): Port {
  const parsed = parsePins(text, 'header-6');
  if (!parsed.ok) throw new Error(parsed.problems.map(({ reason }) => reason).join(' '));
  return {
    id: '',
    name,
    connector: 'header-6',
    gender: 'plug',
    leastSupplyV: null,
    leadAwg: null,
    ...rest,
    contacts: parsed.contacts,
  };
}
const task = (near: Port, far: Port, options: Partial<SolveOptions> = {}): MapTask => ({
  near,
  far,
  cable: BUILT_IN.cable('screened-4'),
  options: { ...PLAIN_OPTIONS, ...options },
});
const joined = ({ near, far, cable, options }: MapTask) =>
  solveMap({ near, far, cable, options })
    .nets.filter((net) => net.near.length > 0 && net.far.length > 0)
    .map((net) => `${net.near.join('+')}-${net.far.join('+')}`)
    .sort();
/** Every question is answered by its first choice, until none is left. */
function answered(of: MapTask): MapTask {
  let joins: readonly Join[] = of.options.joins;
  for (let turn = 0; turn < 20; turn += 1) {
    const [question] = solveMap({ ...of, options: { ...of.options, joins } }).questions;
    if (!question) break;
    joins = [...joins, ...(question.choices[0]?.joins ?? [])];
  }
  return { ...of, options: { ...of.options, joins } };
}
/** Every measurement of an adapter passes. */
function measuredAll(of: MapTask) {
  const solution = solveMap(of);
  const { tests } = adapterStanding(of, solution, []);
  const deeds = tests.steps.map(({ step }, index) => ({
    id: String(index),
    deed: { kind: 'test', stepId: step.id, pass: true, readV: null } as const,
  }));
  return adapterStanding(of, solution, deeds).tests;
}

describe('an adapter whose names differ', () => {
  const keyboard = device('Keyboard', '1 KCLK\n2 KDAT\n3 +5V\n4 GND');
  const board = device('Board', '1 K-DATA\n2 CLK\n3 +5V\n4 GND');

  it('is joined by the parts of its names, and asks only who feeds whom', () => {
    const of = task(keyboard, board);
    expect(joined(of)).toEqual(['1-2', '2-1', '4-4']);
    expect(solveMap(of).questions.map(({ id }) => id)).toEqual(['supply-3-3']);
  });

  it('takes one name for another where makers do: the clock of a keyboard in five spellings', () => {
    for (const one of ['KB CLK', 'KBCLK', 'Keyboard clock', 'CLOCK', 'K-CLK'])
      for (const other of ['KCLK', 'CLK', 'kbd clock'])
        expect(joined(task(device('A', `1 ${one}\n2 GND`), device('B', `1 ${other}\n2 GND`))))
          .withContext(`${one}, ${other}`)
          .toEqual(['1-1', '2-2']);
  });

  it('asks about names that may be one, with the likely answer first', () => {
    for (const [one, other] of [
      ['FIRE', 'Button'],
      ['D11', 'MOSI'],
      ['Tip', 'T'],
      ['PE', 'GND'],
      ['RX LED', 'RX'],
      ['Mouse clock', 'KCLK'],
    ] as const) {
      const { questions, nets } = solveMap(
        task(device('A', `1 ${one}`), device('B', `1 ${other}`)),
      );
      expect(nets).withContext(one).toEqual([]);
      expect(questions.map(({ choices }) => choices[0]?.joins))
        .withContext(one)
        .toEqual([[{ near: '1', far: '1' }]]);
    }
  });

  it('joins a braid with a shield: they are one', () => {
    const roles = ['Braid', 'SHIELD'].map((name) => device('A', `1 ${name}`).contacts[0]?.role);
    expect(roles).toEqual(['shield', 'shield']);
  });

  it('asks about every contact that is open at both sides, and closes nothing over a question', () => {
    const of = task(device('Pad', '1 FIRE\n2 UP\n3 GND'), device('Board', '1 A1\n2 UP\n3 GND'));
    const { questions } = solveMap(of);
    expect(questions.map(({ sentence }) => sentence)).toEqual([
      'Near 1 (FIRE) is open, and so is far 1 (A1). Is it one of them?',
    ]);
    expect(questions[0]?.choices.map(({ label }) => label)).toEqual([
      'Leave it open',
      'With far 1 (A1)',
    ]);
    expect(measuredAll(of).shellMayClose).toBeFalse();
    expect(measuredAll(of).sentence).toContain('Near 1 (FIRE) is open');
    const left = task(of.near, of.far, { joins: [{ near: '1', far: null }] });
    expect(measuredAll(left).shellMayClose).toBeTrue();
    const made = task(of.near, of.far, { joins: [{ near: '1', far: '1' }] });
    expect(measuredAll(made).shellMayClose).toBeTrue();
  });

  it('never closes over a contact that carries something, is open on both sides and was not asked about', () => {
    let closed = 0;
    for (const near of PORTS)
      for (const far of PORTS) {
        const of = answered(task(near, far));
        const solution = solveMap(of);
        expect(solution.questions).withContext(`${near.id} ${far.id}`).toEqual([]);
        const settled = (end: 'near' | 'far') =>
          new Set(of.options.joins.flatMap((join) => join[end] ?? []));
        const silent = (end: 'near' | 'far') =>
          solution.unmatched[end].filter((contact) => !settled(end).has(contact));
        const row = (port: Port, contact: string) =>
          port.contacts.find((one) => one.contact === contact);
        const couldMeet = (a?: PortContact, b?: PortContact) =>
          a?.role === 'signal' &&
          b?.role === 'signal' &&
          !(a.direction === b.direction && /in|out/.test(a.direction)) &&
          (a.level === null || b.level === null || level(a.level)?.kind === level(b.level)?.kind);
        for (const a of silent('near'))
          for (const b of silent('far'))
            expect(couldMeet(row(near, a), row(far, b)))
              .withContext(`${near.id} ${a}, ${far.id} ${b}`)
              .toBeFalse();
        closed += 1;
      }
    expect(closed).toBe(PORTS.length ** 2);
  });

  it('measures each supply with its sign, at the end that the answer says is fed', () => {
    const steps = (feeds: 'near' | 'far') => {
      const of = task(keyboard, board, { joins: [{ near: '3', far: '3', feeds }] });
      return adapterStanding(of, solveMap(of), []).tests.steps.flatMap(({ step }) =>
        step.stage === 'supply' && step.kind === 'volts' ? [step] : [],
      );
    };
    expect(steps('near').map(({ probes }) => probes[0])).toEqual([{ end: 'far', contact: '3' }]);
    expect(steps('far').map(({ probes }) => probes[0])).toEqual([{ end: 'near', contact: '3' }]);
    expect(steps('far')[0]?.ranges).toEqual([[4.5, 5.5]]);
    const of = task(keyboard, board, { joins: [{ near: '3', far: '3' }] });
    const unsaid = adapterStanding(of, solveMap(of), []).tests.steps.filter(
      ({ step }) => step.stage === 'supply',
    );
    expect(unsaid.map(({ step }) => step.sentence).join()).toContain('Find out first which device');
  });

  it('asks both ways round who feeds, and only the one that the tables leave open', () => {
    const labels = (near: Port, far: Port) =>
      solveMap(task(near, far)).questions.flatMap(({ choices }) =>
        choices.map(({ label }) => label),
      );
    expect(labels(keyboard, board)).toEqual([
      'Near feeds far, same voltage: join',
      'Far feeds near, same voltage: join',
      'Each has its own: leave open',
    ]);
    const fed = device('Fed', 'pin,signal,dir\n1,+5V,in\n2,GND,');
    expect(labels(device('Giver', '1 +5V\n2 GND'), fed)).toEqual([
      'Near feeds far, same voltage: join',
      'Each has its own: leave open',
    ]);
  });

  it('measures the shield, and no silence between contacts that hold no core', () => {
    const round = (text: string): Port => ({
      ...device('Round', text),
      connector: 'din-5',
      gender: 'socket',
    });
    const of = task(round('1 CLK\n2 GND'), round('1 CLK\n2 GND'), { shield: 'near-end' });
    const solution = solveMap(of);
    const steps = adapterStanding(of, solution, []).tests.steps.map(({ step }) => step);
    expect(steps.find(({ id }) => id.startsWith('shield'))?.sentence).toContain(
      'bonded at the near end only',
    );
    for (const step of steps)
      if (step.kind === 'silence')
        expect(
          step.probes.some(({ end, contact }) =>
            solution.nets.some((net) => net[end].includes(contact)),
          ),
        )
          .withContext(step.sentence)
          .toBeTrue();
  });
});

describe('levels and supplies as they are stated', () => {
  const SHEET = 'pin,signal,dir,VOL,VOH,VIL,VIH,max';
  const kinds = (near: Port, far: Port) =>
    solveMap(task(near, far)).findings.map(({ kind }) => kind);

  it('compares a data sheet’s own levels without a family: 1.3 V into an input that needs 2 V', () => {
    const out = device('Out', `${SHEET}\n1,DATA,out,0.1,1.3,0.4,0.9,1.5\n2,GND,,,,,,`);
    const into = device('In', `${SHEET}\n1,DATA,in,0.4,2.4,0.8,2,3.6\n2,GND,,,,,,`);
    const { findings } = solveMap(task(out, into));
    const high = findings.find(({ kind }) => kind === 'level-high');
    expect(high?.severity).toBe('stop');
    expect(high?.sentence).toContain('a high of 1.3 V may not reach the 2 V');
    const fine = device('In', `${SHEET}\n1,DATA,in,0.4,2.4,0.4,0.9,3.6\n2,GND,,,,,,`);
    expect(kinds(out, fine)).not.toContain('level-high');
  });

  it('counts a cell’s sag from the device’s own supply', () => {
    const cell = (least: number | null): Port => {
      const made = device(
        'Sensor',
        'pin,signal,dir,volts,level\n1,DATA,out,,cmos-1v8\n2,GND,,,\n3,VBAT,out,1.5,',
        {
          leastSupplyV: least,
        },
      );
      return made;
    };
    const reader = (vIh: number) =>
      device('Reader', `${SHEET}\n1,DATA,in,0.1,2.4,0.6,${vIh},3.6\n2,GND,,,,,,`);
    // 1.35 V of the family, 0.3 V less on a cell that fell from 1.5 V to 1.2 V.
    expect(kinds(cell(1.2), reader(1.04))).not.toContain('level-high');
    expect(kinds(cell(1.2), reader(1.06))).toContain('level-high');
  });

  it('fits a supply by what the receiver states, fresh and empty, not by nominal values', () => {
    const giver = (volts: number, least: number | null) =>
      device('Box', `pin,signal,dir,volts\n1,VBAT,out,${volts}\n2,GND,,`, { leastSupplyV: least });
    const taker = (least: string, most: string) =>
      device(
        'Lamp',
        `pin,signal,dir,volts,least,most,current\n1,VIN,in,3.3,${least},${most},0.01\n2,GND,,,,,`,
      );
    expect(joined(task(giver(3, 2.4), taker('2.2', '3.6')))).toContain('1-1');
    expect(kinds(giver(3, 2.4), taker('2.2', '3.6'))).not.toContain('cells-empty');
    const empty = solveMap(task(giver(3, 1.8), taker('2.2', '3.6'))).findings.find(
      ({ kind }) => kind === 'cells-empty',
    );
    expect(empty?.sentence).toContain('good down to 2.2 V, which is 1.1 V a cell');
    expect(joined(task(giver(4.5, 3), taker('2.2', '3.6')))).not.toContain('1-1');
    expect(joined(task(giver(3, null), taker('', '')))).not.toContain('1-1');
  });
});

describe('colours as measured', () => {
  it('keep the other cores where two are swapped, or one alone is named', () => {
    const near = device('A', '1 A1\n2 A2\n3 A3\n4 GND');
    const far = device('B', '1 A1\n2 A2\n3 A3\n4 GND');
    const colours = (measured: SolveOptions['measured']) => {
      const { nets, findings } = solveMap(task(near, far, { measured }));
      expect(findings.map(({ kind }) => kind)).not.toContain('too-few-cores');
      return nets
        .filter(({ core }) => core !== undefined && core !== 'shield')
        .map(({ core, farCore }) => `${core}>${farCore ?? core}`)
        .sort();
    };
    const swapped = ['BK>BK', 'G>W', 'R>R', 'W>G'];
    expect(
      colours([
        { near: 'W', far: 'G' },
        { near: 'G', far: 'W' },
      ]),
    ).toEqual(swapped);
    expect(colours([{ near: 'W', far: 'G' }])).toEqual(swapped);
  });
});

describe('names of the trade', () => {
  const asks = (near: string, far: string) => {
    const of = task(device('Near', near), device('Far', far));
    return { questions: solveMap(of).questions, after: joined(answered(of)) };
  };

  it('that makers use both ways are asked: A and B beside D+ and D-, SDI beside MOSI', () => {
    const bus = asks('1 A\n2 B\n3 GND', '1 D+\n2 D-\n3 GND');
    expect(bus.questions.length).toBeGreaterThan(0);
    expect(bus.after.filter((net) => net !== '3-3').length).toBe(2);
    const spi = asks('1 MOSI\n2 MISO\n3 SCK\n4 GND', '1 SDI\n2 SDO\n3 SCK\n4 DGND');
    expect(spi.questions.length).toBeGreaterThan(0);
    expect(spi.after).toEqual(['1-1', '2-2', '3-3', '4-4']);
  });

  it('of sound and of grounds are known: HOT, COLD, L, LEFT, DGND, 0 V and a lone minus', () => {
    expect(asks('1 HOT\n2 COLD\n3 GND', '1 AUDIO+\n2 AUDIO-\n3 GND').after).toEqual([
      '1-1',
      '2-2',
      '3-3',
    ]);
    expect(asks('1 L\n2 R\n3 GND', '1 LEFT\n2 RIGHT\n3 GND').after).toEqual(['1-1', '2-2', '3-3']);
    for (const ground of ['DGND', '0 V', '0V', '-'])
      expect(asks(`1 TX\n2 ${ground}`, '1 RX\n2 GND').after)
        .withContext(ground)
        .toEqual(['1-1', '2-2']);
  });
});
