import { awgDiameterMm } from './awg';
import { CABLES } from './cables';
import { BUILT_IN } from './catalogue';
import { FOUR_PAIRS, conductor, ribbonCores, telephonePairs } from './conductor';
import { assignCores } from './assign';
import { CONNECTORS } from './connectors';
import { faceContacts, type FaceView } from './face';
import { DEFAULT_SCHOOLS } from './school';
import { SCHEMES, WIRE_CONTACTS, compareContacts, scheme } from './scheme';

const order = (gender: 'plug' | 'socket', view: FaceView): string =>
  [...faceContacts({ gender, outline: 'modular-8' }, view)]
    .sort((a, b) => a.xMm - b.xMm)
    .map((contact) => contact.contact)
    .join('');

describe('wiring schemes', () => {
  it('count contacts as people do: by number, then by letter, the shield last', () => {
    const contacts = ['S', 'B', '10', 'A', '2', '1'];
    expect(contacts.sort(compareContacts)).toEqual(['1', '2', '10', 'A', 'B', 'S']);
  });

  it('follow the published pin/pair assignments', () => {
    expect(scheme('T568A').conductors.join(' ')).toBe('W-G G W-O BL W-BL O W-BR BR');
    expect(scheme('T568B').conductors.join(' ')).toBe('W-O O W-G BL W-BL G W-BR BR');
    const pairs = (id: 'T568A' | 'T568B') =>
      scheme(id)
        .pairs.map((pair) => `${pair.number}:${pair.tip}${pair.ring}`)
        .join(' ');
    expect(pairs('T568A')).toBe('1:54 2:36 3:12 4:78');
    expect(pairs('T568B')).toBe('1:54 2:12 3:36 4:78');
  });

  it('use each conductor once, and differ only in pairs 2 and 3', () => {
    for (const { conductors } of SCHEMES)
      expect([...conductors].sort()).toEqual(FOUR_PAIRS.map(({ id }) => id).sort());
    const [a, b] = SCHEMES.map(({ conductors }) => conductors);
    WIRE_CONTACTS.forEach((_, index) => {
      if (a?.[index] !== b?.[index])
        expect([2, 3]).toContain(FOUR_PAIRS.find(({ id }) => id === a?.[index])?.pair ?? 0);
    });
  });
});

describe('colour codes', () => {
  it('begin with blue-white and give every one of 25 pairs colours of its own', () => {
    const pairs = telephonePairs(25);
    expect(pairs.slice(0, 4).map(({ id }) => id)).toEqual(['W-BL', 'BL-W', 'W-O', 'O-W']);
    expect(pairs.slice(48).map(({ id }) => id)).toEqual(['V-S', 'S-V']);
    expect(new Set(pairs.map(({ id }) => id)).size).toBe(50);
  });

  it('repeat a ribbon’s ten colours, and tell the rounds apart', () => {
    const ribbon = ribbonCores(25).map(({ id }) => id);
    expect(ribbon.slice(0, 11)).toEqual([
      ...['BR', 'R', 'O', 'Y', 'G', 'BL', 'V', 'GY', 'W', 'BK'],
      'BR.2',
    ]);
    expect(new Set(ribbon).size).toBe(25);
  });

  it('name what they can and leave the rest as it is written', () => {
    expect(conductor('W-BL').name).toBe('white-blue');
    expect(conductor('BR.2').name).toBe('brown 2');
    expect(conductor('core 7').name).toBe('core 7');
    expect(conductor('XX').stripe).toBeNull();
  });
});

describe('assignCores', () => {
  const at = (cable: string, part: string, schools = DEFAULT_SCHOOLS) =>
    Object.fromEntries(
      assignCores(BUILT_IN.cable(cable), BUILT_IN.connector(part), 'T568B', schools).map(
        ({ contact, core }) => [contact, core],
      ),
    );

  it('puts the line in the middle of a 6P plug, and on 5 and 2 of a telephone socket', () => {
    expect(at('cord-4', 'plug-6p4c')).toEqual({ 2: 'BK', 3: 'R', 4: 'G', 5: 'Y' });
    const socket = at('telephone-2-pair', 'telephone-socket-extension');
    expect([socket['5'], socket['2'], socket['3']]).toEqual(['W-BL', 'BL-W', null]);
    const bell = { ...DEFAULT_SCHOOLS, ringing: 'bell-wire' };
    expect(at('telephone-2-pair', 'telephone-socket-extension', bell)['3']).toBe('O-W');
  });

  it('runs a ribbon to and fro between the rows of a D-sub', () => {
    const dSub = at('ribbon-9', 'd-sub-9-press-on-plug');
    const order = ribbonCores(9).map(({ id }) =>
      Object.keys(dSub).find((contact) => dSub[contact] === id),
    );
    expect(order.join('')).toBe('162738495');
  });

  it('never puts one core on two contacts, and none that the cable lacks', () => {
    for (const cable of CABLES)
      for (const part of CONNECTORS) {
        const cores = assignCores(cable, part, 'T568A', DEFAULT_SCHOOLS).flatMap(
          ({ core }) => core ?? [],
        );
        expect(new Set(cores).size).toBe(cores.length);
        const own = new Set([...cable.cores.map(({ id }) => id), 'shield']);
        expect(cores.every((core) => own.has(core))).toBeTrue();
      }
  });
});

describe('connector faces', () => {
  it('show contact 1 where the trade expects it', () => {
    expect(order('socket', { side: 'mating', latch: 'down' })).toBe('12345678');
    expect(order('plug', { side: 'wiring', latch: 'down' })).toBe('12345678');
    expect(order('plug', { side: 'mating', latch: 'down' })).toBe('87654321');
    expect(order('plug', { side: 'mating', latch: 'up' })).toBe('12345678');
  });

  it('make a plug’s mating face the wiring side of its socket', () => {
    for (const latch of ['down', 'up'] as const)
      expect(order('plug', { side: 'mating', latch })).toBe(
        order('socket', { side: 'wiring', latch }),
      );
  });

  it('turn over by a half turn, so that turning twice changes nothing', () => {
    const down = faceContacts(
      { gender: 'plug', outline: 'modular-8' },
      { side: 'mating', latch: 'down' },
    );
    const up = faceContacts(
      { gender: 'plug', outline: 'modular-8' },
      { side: 'mating', latch: 'up' },
    );
    for (const [index, contact] of down.entries()) {
      expect(up[index]?.xMm).toBeCloseTo(-contact.xMm, 12);
      expect(up[index]?.yMm).toBeCloseTo(-contact.yMm, 12);
    }
  });
});

describe('faces of other connectors', () => {
  const shown = (gender: 'plug' | 'socket', outline: 'd-sub-9', view: FaceView) => {
    const rows = new Map<number, string>();
    for (const { contact, yMm } of [...faceContacts({ gender, outline }, view)].sort(
      (a, b) => b.yMm - a.yMm || a.xMm - b.xMm,
    ))
      rows.set(yMm, (rows.get(yMm) ?? '') + contact);
    return [...rows.values()].join('/');
  };

  it('have a D-sub’s contact 1 where IEC 60807-2 has it', () => {
    const down = { side: 'mating', latch: 'down' } as const;
    expect(shown('plug', 'd-sub-9', down)).toBe('12345/6789');
    expect(shown('socket', 'd-sub-9', down)).toBe('54321/9876');
    expect(shown('plug', 'd-sub-9', { side: 'wiring', latch: 'down' })).toBe('54321/9876');
    expect(shown('plug', 'd-sub-9', { side: 'mating', latch: 'up' })).toBe('9876/54321');
  });
});

describe('catalogue rows', () => {
  it('have ids of their own', () => {
    expect(new Set(CABLES.map((row) => row.id)).size).toBe(CABLES.length);
    expect(new Set(CONNECTORS.map((row) => row.id)).size).toBe(CONNECTORS.length);
  });

  it('give conductors thinner than their insulation, and insulation that fits in the jacket', () => {
    for (const row of CABLES) {
      expect(row.conductorMm).toBeLessThan(row.insulationMm);
      const across = row.family === 'four-pair' ? 4 : row.cores.length > 1 && !row.pitchMm ? 2 : 1;
      expect(row.insulationMm * across).toBeLessThan(row.jacketMm);
    }
  });

  it('put every contact of a jack in one slot', () => {
    for (const row of CONNECTORS.filter((part) => part.slots.length > 0))
      expect(row.slots.map((slot) => slot.contact).sort()).toEqual([...row.contacts]);
  });

  it('know wire gauges', () => {
    expect(awgDiameterMm(24)).toBeCloseTo(0.511, 3);
    expect(awgDiameterMm(36)).toBeCloseTo(0.127, 6);
  });
});

describe('Slots of network jacks', () => {
  it('lie pair by pair: of a jack two pairs a row, of a panel all in one', () => {
    const rowsOf = (id: string) => {
      const rows = new Map<string, string>();
      for (const { row, contact } of BUILT_IN.connector(id).slots)
        rows.set(row, `${rows.get(row) ?? ''}${contact}`);
      return Object.fromEntries(rows);
    };
    expect(rowsOf('keystone-punch-down')).toEqual({ upper: '5412', lower: '7836' });
    expect(rowsOf('keystone-punch-down-shielded')).toEqual({ upper: '5412', lower: '7836' });
    const panel = BUILT_IN.connectors.find(
      ({ slots }) => slots.length === 8 && slots.every(({ row }) => row === 'single'),
    );
    expect(panel?.slots.map(({ contact }) => contact).join('')).toBe('45123678');
  });
});
