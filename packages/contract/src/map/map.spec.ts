import { CABLES, OUTLINES } from '@near-spoke/core/catalogue';
import { PLAIN_OPTIONS, PORTS, solveMap, type Port } from '@near-spoke/core/map';
import {
  FILE_FORMAT,
  adapterFactInput,
  adapterFile,
  adapterInput,
  adapterPatch,
  buzzResultRequest,
  connectorRef,
  port,
  solution,
  solveRequest,
} from './index';

const told = (result: { error?: { issues: { path: PropertyKey[]; message: string }[] } }) =>
  (result.error?.issues ?? []).map(({ path, message }) => `${path.join('.')} ${message}`);

/** A port as somebody else would write it: nothing but what a pin table has. */
const plain = ({ connector, gender, contacts }: Port) => ({
  connector,
  gender,
  contacts: contacts.map(({ contact, signal, direction }) => ({ contact, signal, direction })),
});

describe('ports at the edge', () => {
  it('are taken by name, in full, and come out as they went in', () => {
    for (const built of PORTS) {
      expect(port.parse(built.id)).toEqual(built);
      expect(port.parse(JSON.parse(JSON.stringify(built)))).toEqual(built);
    }
  });

  it('take role, voltage and partner from the names where a caller states nothing', () => {
    for (const built of PORTS)
      for (const row of port.parse(plain(built)).contacts) {
        const meant = built.contacts.find(({ contact }) => contact === row.contact);
        expect(row.role)
          .withContext(`${built.id} ${row.signal}`)
          .toBe(meant?.role ?? 'none');
      }
  });

  it('refuse contacts that the connector has not, twins, and partners that are not there', () => {
    const bad = (contacts: object[]) =>
      told(
        solveRequest.safeParse({ near: 'dte-de9', far: 'dte-de9', options: { joins: contacts } }),
      );
    expect(bad([{ near: '44', far: null }])).toEqual([
      'options.joins.0.near the near port has no contact 44',
    ]);
    const own = (contacts: object[]) =>
      port.safeParse({ connector: 'd-sub-9', gender: 'plug', contacts }).success;
    expect(own([{ contact: '9', signal: 'RI' }])).toBeTrue();
    expect(own([{ contact: '10', signal: 'RI' }])).toBeFalse();
    expect(
      own([
        { contact: '9', signal: 'RI' },
        { contact: '9', signal: 'RI' },
      ]),
    ).toBeFalse();
    expect(own([{ contact: '9', signal: 'RI', partner: '1' }])).toBeFalse();
    expect(own([])).toBeFalse();
  });

  it('take every connector of the catalogue, and geometries of one’s own', () => {
    for (const { id } of OUTLINES) expect(connectorRef.parse(id)).toBe(id);
    const own = connectorRef.parse({ name: 'Gauge', text: 'circle 5 diameter 8' });
    expect(typeof own === 'string' ? 0 : own.places.length).toBe(5);
    expect(connectorRef.parse(JSON.parse(JSON.stringify(own)))).toEqual(own);
    expect(connectorRef.safeParse({ name: 'Gauge', text: 'spiral 5' }).success).toBeFalse();
    expect(connectorRef.safeParse('d-sub-8').success).toBeFalse();
  });
});

describe('solutions at the edge', () => {
  it('of any two built-in ports, with any cable, are what the schema says', () => {
    PORTS.forEach((near, index) => {
      const far = PORTS[(index * 7 + 3) % PORTS.length] ?? near;
      const cable = CABLES[index % CABLES.length] ?? null;
      const solved = solveMap({ near, far, cable, options: { ...PLAIN_OPTIONS, lengthM: 3 } });
      const sent: unknown = JSON.parse(JSON.stringify(solved));
      expect(solution.parse(sent) as unknown).toEqual(sent);
    });
  });
});

describe('adapters at the edge', () => {
  const input = { name: 'Console', near: 'dte-de9', far: 'console-8p8c' };

  it('need a name and two ports; the rest has its usual value', () => {
    const parsed = adapterInput.parse(input);
    expect([parsed.options, parsed.cable, parsed.linkId, parsed.note]).toEqual([
      { ...PLAIN_OPTIONS, joins: [], measured: [] },
      null,
      null,
      '',
    ]);
    expect(told(adapterInput.safeParse({ ...input, name: ' ' }))).toEqual([
      'name must not be empty',
    ]);
    expect(adapterInput.safeParse({ ...input, colour: 'red' }).success).toBeFalse();
  });

  it('change by any field alone, with their version', () => {
    expect(adapterPatch.safeParse({ note: 'x' }).success).toBeFalse();
    expect(adapterPatch.parse({ version: 3, note: 'x' })).toEqual({ version: 3, note: 'x' });
  });

  it('are files of a stated format and version', () => {
    const file = { format: FILE_FORMAT, formatVersion: 1, ...input };
    expect(adapterFile.parse(file).near).toEqual(port.parse('dte-de9'));
    expect(adapterFile.safeParse({ ...file, format: 'other' }).success).toBeFalse();
    expect(adapterFile.safeParse({ ...file, formatVersion: 2 }).success).toBeFalse();
  });

  it('keep facts of known kinds alone', () => {
    const fact = (deed: object) => adapterFactInput.safeParse({ author: 'tech 1', deed }).success;
    expect(fact({ kind: 'test', stepId: 'beep near 1 far 2', pass: true })).toBeTrue();
    expect(fact({ kind: 'walk', subject: 'cores', far: [[1, 2], [3]] })).toBeTrue();
    expect(fact({ kind: 'walk', subject: 'cores', far: [[]] })).toBeFalse();
    expect(fact({ kind: 'probe', subject: 'lamps', probe: {} })).toBeFalse();
  });

  it('are buzzed out with at most a hundred cores, each named once', () => {
    const names = (count: number) => Array.from({ length: count }, (_, index) => String(index));
    const ask = (near: string[]) =>
      buzzResultRequest.safeParse({ mode: 'in-reach', near, far: near, readings: [] }).success;
    expect(ask(names(100))).toBeTrue();
    expect(ask(names(101))).toBeFalse();
    expect(ask(['1', '1'])).toBeFalse();
  });
});
