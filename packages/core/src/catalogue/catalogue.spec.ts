import { awgDiameterMm } from './awg';
import { CABLES } from './cable';
import { CONDUCTORS, conductor } from './conductor';
import { CONNECTORS } from './connector';
import { faceContacts, type FaceView } from './face';
import { SCHEMES, WIRE_CONTACTS, conductorAt, contactOf, pairAt, scheme } from './scheme';

const order = (gender: 'plug' | 'socket', view: FaceView): string =>
  [...faceContacts({ gender }, view)]
    .sort((a, b) => a.xMm - b.xMm)
    .map((contact) => contact.contact)
    .join('');

describe('wiring schemes', () => {
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

  it('use each conductor once and find it again', () => {
    for (const { id, conductors } of SCHEMES) {
      expect(new Set(conductors).size).toBe(8);
      for (const { id: wire, pair } of CONDUCTORS) {
        const contact = contactOf(id, wire);
        expect(conductorAt(id, contact)).toBe(wire);
        expect(pairAt(id, contact)?.number).toBe(pair);
      }
      expect(conductorAt(id, 'S')).toBeNull();
      expect(pairAt(id, 'S')).toBeNull();
    }
  });

  it('differ only in pairs 2 and 3', () => {
    for (const contact of WIRE_CONTACTS) {
      const [a, b] = [conductorAt('T568A', contact), conductorAt('T568B', contact)];
      if (a && b && a !== b) expect([2, 3]).toContain(conductor(a).pair);
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
    const down = faceContacts({ gender: 'plug' }, { side: 'mating', latch: 'down' });
    const up = faceContacts({ gender: 'plug' }, { side: 'mating', latch: 'up' });
    for (const [index, contact] of down.entries()) {
      expect(up[index]?.xMm).toBeCloseTo(-contact.xMm, 12);
      expect(up[index]?.yMm).toBeCloseTo(-contact.yMm, 12);
    }
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
      expect(row.insulationMm * 4).toBeLessThan(row.jacketMm);
    }
  });

  it('put every contact of a jack in one slot', () => {
    for (const row of CONNECTORS.filter((part) => part.slots.length > 0))
      expect(row.slots.map((slot) => slot.contact).sort()).toEqual([...WIRE_CONTACTS]);
  });

  it('know wire gauges', () => {
    expect(awgDiameterMm(24)).toBeCloseTo(0.511, 3);
    expect(awgDiameterMm(36)).toBeCloseTo(0.127, 6);
  });
});
