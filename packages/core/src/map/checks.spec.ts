import { BUILT_IN, coreOhm, type Cable } from '../catalogue';
import { voltageAtEnd } from './checks/supply';
import { e24AtLeast, e24AtMost, e24Between, formatOhm } from '../units';
import { LEVELS, level, type Thresholds } from './level';
import { namedContact, type Direction, type Port, type PortContact } from './port';
import { commonBase, divider, inverter, lampResistor } from './remedy';
import { PLAIN_OPTIONS, type SolveOptions } from './solution';
import { solveMap } from './solve';

const row = (
  contact: string,
  signal: string,
  direction: Direction,
  more: Partial<PortContact> = {},
): PortContact => ({ ...namedContact(contact, signal), direction, ...more });

const port = (contacts: readonly PortContact[], more: Partial<Port> = {}): Port => ({
  id: 'p',
  name: 'Port',
  connector: 'd-sub-9',
  gender: 'plug',
  contacts,
  leastSupplyV: null,
  leadAwg: null,
  ...more,
});

const GROUND = row('5', 'GND', 'passive');

function findings(
  near: Port,
  far: Port,
  options: Partial<SolveOptions> = {},
  cable: Cable | null = null,
) {
  return solveMap({ near, far, cable, options: { ...PLAIN_OPTIONS, ...options } }).findings;
}

const kinds = (...task: Parameters<typeof findings>) =>
  findings(...task)
    .filter(({ severity }) => severity !== 'note')
    .map(({ kind }) => kind);

const sends = (levelId: string, more: Partial<Port> = {}) =>
  port([GROUND, row('3', 'TXD', 'out', { level: levelId })], more);
const hears = (levelId: string) => port([GROUND, row('2', 'RXD', 'in', { level: levelId })]);

const thresholds = (id: string): Thresholds => {
  const found = level(id)?.thresholds;
  if (!found) throw new Error(`No thresholds for ${id}`);
  return found;
};

describe('checks', () => {
  const tx = port([GROUND, row('3', 'TXD', 'out'), row('4', 'CLK', 'out')]);
  const byHand = (near: string, far: string) => ({ joins: [{ near, far }] });

  it('stop two outputs, a supply on a signal, on ground and on another supply, joined by hand', () => {
    expect(kinds(tx, tx, byHand('3', '3'))).toContain('outputs-joined');
    const fed = port([GROUND, row('1', '+5V', 'out'), row('2', '+12V', 'out')]);
    expect(kinds(fed, tx, byHand('1', '3'))).toContain('supply-on-signal');
    expect(kinds(fed, tx, byHand('1', '5'))).toContain('supply-shorted');
    expect(kinds(fed, fed, byHand('1', '1'))).toContain('supplies-joined');
    const takes = port([GROUND, row('1', '+12V', 'in')]);
    expect(kinds(fed, takes, byHand('1', '1'))).toContain('supply-voltages-differ');
  });

  it('miss a return, an input’s driver, and a kind that needs a converter', () => {
    const bare = port([row('3', 'TXD', 'out', { level: 'ttl-5' })]);
    expect(kinds(bare, hears('ttl-5'))).toContain('missing-return');
    const listens = port([GROUND, row('2', 'RXD', 'in')]);
    expect(kinds(listens, listens, byHand('2', '2'))).toContain('no-driver');
    expect(kinds(sends('ttl-5'), hears('usb-2'), byHand('3', '2'))).toContain('levels-foreign');
  });

  it('know which level families understand each other', () => {
    const expected: readonly (readonly [string, string, string[]])[] = [
      ['ttl-5', 'ttl-5', []],
      ['lvttl-3v3', 'ttl-5', []],
      ['cmos-3v3', 'cmos-3v3', []],
      ['cmos-5', 'cmos-3v3', ['level-over']],
      ['ttl-5', 'lvttl-3v3', ['level-over']],
      ['ttl-5', 'cmos-5', ['level-high']],
      ['cmos-3v3', 'cmos-5', ['level-high']],
      ['cmos-1v8', 'ttl-5', ['level-high']],
      ['eia-232', 'ttl-5', ['levels-inverted']],
      ['cmos-5', 'eia-232', ['levels-inverted']],
      ['eia-232', 'eia-232', []],
      ['cmos-2v5', 'lvttl-3v3', ['level-thin']],
    ];
    for (const [from, to, found] of expected)
      expect(kinds(sends(from), hears(to)).filter((kind) => kind.startsWith('level')))
        .withContext(`${from} to ${to}`)
        .toEqual(found);
  });

  it('stop a low that is too high for its input', () => {
    const lazy = { ...thresholds('ttl-5'), outLowMaxV: 0.9 };
    const weak = port([GROUND, row('3', 'TXD', 'out', { level: 'ttl-5', thresholds: lazy })]);
    const found = findings(weak, hears('ttl-5')).find(({ kind }) => kind === 'level-low');
    expect(found?.severity).toBe('stop');
    expect(found?.sentence).toContain('a low of 0.9 V is above the 0.8 V');
  });

  it('take a family’s own thresholds before its table’s', () => {
    const tough = { ...thresholds('cmos-3v3'), inMaxV: 5.5 };
    const tolerant = port([
      GROUND,
      row('2', 'RXD', 'in', { level: 'cmos-3v3', thresholds: tough }),
    ]);
    expect(kinds(sends('cmos-5'), tolerant)).toEqual([]);
  });

  it('see the margin shrink as a cell ages, until it is gone', () => {
    const at = (leastSupplyV: number) => kinds(sends('cmos-3v3', { leastSupplyV }), hears('ttl-5'));
    expect(at(3.3)).toEqual([]);
    expect(at(2.45)).toEqual(['level-thin']);
    expect(at(2.1)).toEqual(['level-high']);
  });

  it('give a lamp its resistor', () => {
    const lamp = port([
      GROUND,
      row('2', 'LAMP', 'in', { level: 'lamp', volts: 2, currentA: 0.01 }),
    ]);
    const fed = port([GROUND, row('1', '+5V', 'out')]);
    const [found] = findings(fed, lamp, byHand('1', '2')).filter(
      ({ kind }) => kind === 'lamp-resistor',
    );
    expect(found?.remedy).toContain('300 Ω');
    expect(kinds(fed, lamp, byHand('1', '2'))).not.toContain('supply-on-signal');
  });

  it('warn of a header that goes on both ways round, and say what would meet what', () => {
    const pins = (connector: string) =>
      port([row('1', '+5V', 'out'), row('2', 'TXD', 'out'), row('4', 'GND', 'passive')], {
        connector,
      });
    const [found] = findings(pins('header-4'), tx).filter(({ kind }) => kind === 'fits-both-ways');
    expect(found?.sentence).toContain('+5V would be on 4 (GND)');
    expect(found?.remedy).toContain('place 3');
    expect(findings(pins('box-2x2'), tx).some(({ kind }) => kind === 'fits-both-ways')).toBeFalse();
  });

  it('warn where the data does not reach, by how far each kind is made to go', () => {
    const usb = port([
      row('2', 'D-', 'both', { level: 'usb-2', partner: '3' }),
      row('3', 'D+', 'both', { level: 'usb-2', partner: '2' }),
      GROUND,
    ]);
    expect(kinds(usb, usb, { lengthM: 4 })).not.toContain('too-long');
    expect(kinds(usb, usb, { lengthM: 6 })).toContain('too-long');
    expect(kinds(usb, usb)).not.toContain('too-long');
    expect(kinds(sends('eia-232'), hears('eia-232'), { lengthM: 60 })).not.toContain('too-long');
  });

  it('count the cores, and leave protective earth’s free', () => {
    const wide = port([GROUND, ...['1', '2', '3', '4'].map((n) => row(n, `OUT${n}`, 'out'))]);
    const back = port([GROUND, ...['1', '2', '3', '4'].map((n) => row(n, `OUT${n}`, 'in'))]);
    const measured = (text: string) => ({
      measured: text.split(' ').map((id) => ({ near: id, far: id })),
    });
    expect(kinds(wide, back, measured('R BK W G BL'))).not.toContain('too-few-cores');
    expect(kinds(wide, back, measured('R BK W G'))).toContain('too-few-cores');
    expect(kinds(wide, back, measured('R G-Y W G BL'))).not.toContain('too-few-cores');
    expect(kinds(wide, back, measured('R G-Y W Y-G BL'))).toContain('too-few-cores');
  });

  it('say nothing of a join that names a contact which is gone', () => {
    const gone = findings(sends('ttl-5'), hears('ttl-5'), { joins: [{ near: '77', far: '2' }] });
    expect(gone).toEqual(findings(sends('ttl-5'), hears('ttl-5')));
  });

  it('forbid a splice onto a thinner wire', () => {
    const leads = port([GROUND], { leadAwg: 20 });
    expect(kinds(leads, tx, {}, BUILT_IN.cable('alarm-4'))).toContain('thinner-splice');
    expect(kinds(leads, tx, {}, BUILT_IN.cable('speaker-2'))).not.toContain('thinner-splice');
  });

  it('warn where a differential signal has no pair', () => {
    const pair = (direction: Direction) =>
      port([
        row('1', 'TX+', direction, { level: 'eia-422', partner: '2' }),
        row('2', 'TX-', direction, { level: 'eia-422', partner: '1' }),
      ]);
    expect(kinds(pair('out'), pair('in'), {}, BUILT_IN.cable('alarm-4'))).toContain('pair-split');
    expect(kinds(pair('out'), pair('in'), {}, BUILT_IN.cable('cat5e-uutp-solid'))).toEqual([]);
  });
});

describe('supply over a length', () => {
  it('follows Ohm’s law for copper: 100 m of 1 mm² has 1.724 ohm, 10 % more at 45 degrees', () => {
    expect(coreOhm(100, 1, 20)).toBeCloseTo(1.7241, 4);
    expect(coreOhm(100, 1, 45) / coreOhm(100, 1, 20)).toBeCloseTo(1.09825, 5);
    expect(voltageAtEnd(12, 1, 100, 1, 20)).toBeCloseTo(12 - 3.4482, 4);
  });

  const host = port([GROUND, row('1', '+5V', 'out', { currentA: 0.5 })]);
  const reader = port([GROUND, row('1', '+5V', 'in', { currentA: 0.4, leastV: 4.5 })]);
  const found = (lengthM: number, cable = 'usb-2') =>
    findings(host, reader, { lengthM }, BUILT_IN.cable(cable)).find(
      ({ kind }) => kind === 'supply-drop',
    );

  it('stops a lead that is too long, with remedies that hold when they are tried', () => {
    expect(found(2)?.severity).toBe('note');
    const long = found(12);
    expect(long?.severity).toBe('stop');
    const [, gauge] = /Take (\d+) AWG/.exec(long?.remedy ?? '') ?? [];
    const [, longest] = /lead to ([\d.]+) m/.exec(long?.remedy ?? '') ?? [];
    expect(found(Number(longest))?.severity).toBe('note');
    expect(found(Number(longest) + 0.2)?.severity).toBe('stop');
    const cable = { ...BUILT_IN.cable('usb-2'), gaugeAwg: Number(gauge) };
    const thicker = (awg: number) =>
      findings(host, reader, { lengthM: 12 }, { ...cable, gaugeAwg: awg }).some(
        ({ kind, severity }) => kind === 'supply-drop' && severity === 'stop',
      );
    expect(thicker(Number(gauge))).toBeFalse();
    expect(thicker(Number(gauge) + 1)).toBeTrue();
  });

  it('stops a load that heats its core, and one that asks for more than there is', () => {
    const strong = port([GROUND, row('1', '+5V', 'out', { currentA: 5 })]);
    const hungry = port([GROUND, row('1', '+5V', 'in', { currentA: 3 })]);
    expect(kinds(strong, hungry, {}, BUILT_IN.cable('usb-2'))).toContain('current-heating');
    expect(kinds(host, hungry, {}, BUILT_IN.cable('speaker-2'))).toContain('supply-too-weak');
    const unknown = port([GROUND, row('1', '+5V', 'in')]);
    expect(kinds(host, unknown, {}, BUILT_IN.cable('usb-2'))).toContain('current-unknown');
  });
});

describe('remedies', () => {
  it('use the 24 values of a decade, and no other', () => {
    expect(e24Between(100, 999).length).toBe(24);
    expect([e24AtLeast(300), e24AtLeast(301), e24AtMost(299)]).toEqual([300, 330, 270]);
    expect(formatOhm(4700)).toBe('4.7 kΩ');
  });

  it('divide every over-high output down so that the input understands it, or give none', () => {
    let made = 0;
    for (const from of LEVELS)
      for (const to of LEVELS) {
        const [out, into] = [from.thresholds, to.thresholds];
        if (!out || !into || from.kind !== 'single' || to.kind !== 'single') continue;
        const found = divider(out, into);
        if (!found) continue;
        made += 1;
        const share = found.groundOhm / (found.seriesOhm + found.groundOhm);
        expect(out.outHighMaxV * share).toBeLessThan(into.inMaxV);
        expect(out.outHighMinV * share).toBeGreaterThan(into.inHighMinV);
        expect(out.outLowMaxV * share).toBeLessThan(into.inLowMaxV);
        expect(e24Between(1000, 47_000)).toContain(found.seriesOhm);
      }
    expect(made).toBeGreaterThan(5);
    expect(divider(thresholds('cmos-5'), thresholds('cmos-3v3'))).not.toBeNull();
  });

  it('lift a low output without inverting only if its low stays low', () => {
    const stage = commonBase(thresholds('cmos-3v3'), thresholds('cmos-5'), 3.3, 5);
    expect(stage?.kind).toBe('common-base');
    expect((5 - 0.2) / (stage?.pullUpOhm ?? 1)).toBeLessThanOrEqual(0.001);
    const deaf = { ...thresholds('cmos-5'), inLowMaxV: 0.3 };
    expect(commonBase(thresholds('cmos-3v3'), deaf, 3.3, 5)).toBeNull();
    expect(inverter(thresholds('eia-232'), 5).bitPerS).toBeGreaterThan(115_200);
  });

  it('hold a lamp to its current, and never above it', () => {
    const made = lampResistor(12, 2, 0.02);
    expect(made).toEqual({ ohm: 510, watt: 100 / 510 });
    expect(lampResistor(1.5, 2, 0.02)).toBeNull();
  });

  it('tell two names that terminals only listen to, joined by hand, whatever is known of their directions', () => {
    const byHand = { joins: [{ near: '1', far: '1' }] };
    const carrier = (direction: Direction) => port([GROUND, row('1', 'DCD', direction)]);
    expect(kinds(carrier('in'), carrier('in'), byHand)).toContain('no-driver');
    expect(kinds(carrier('unknown'), carrier('unknown'), byHand)).toContain('listeners-joined');
    expect(kinds(carrier('in'), carrier('out'), byHand)).not.toContain('listeners-joined');
  });

  it('give an I2C bus between two supplies one transistor a line and pull-ups, not two one-way remedies', () => {
    const bus = (levelId: string) =>
      port([
        GROUND,
        row('1', 'SDA', 'both', { level: levelId }),
        row('2', 'SCL', 'both', { level: levelId }),
      ]);
    const found = findings(bus('lvttl-3v3'), bus('ttl-5')).filter(({ kind }) =>
      kind.startsWith('open-drain'),
    );
    expect(found.map(({ near }) => near?.join())).toEqual(['1', '2']);
    for (const { severity, remedy } of found) {
      expect(severity).toBe('stop');
      expect(remedy).toContain('One N-channel MOSFET for this line works both ways');
      expect(remedy).toContain('pull-up on each side');
    }
    expect(kinds(bus('lvttl-3v3'), bus('ttl-5'))).not.toContain('level-over');
    expect(findings(bus('ttl-5'), bus('ttl-5')).map(({ kind }) => kind)).toContain(
      'open-drain-pull-up',
    );
  });
});
