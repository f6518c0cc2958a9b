import { BUILT_IN, ribbonOrder } from '../catalogue';
import { PLAIN_JOB, conductorGraph, wiringOf } from '../link';
import { coresAt, ownConnector, pinoutOf, solveAdapter, type Adapter } from './adapter';
import { PORTS } from './ports';
import { pressedEnd } from './ribbon-cores';
import { PLAIN_OPTIONS } from './solution';

const portOf = (id: string) => {
  const found = PORTS.find((port) => port.id === id);
  if (!found) throw new Error(id);
  return found;
};

const adapter = (near: string, far: string, cable: string | null = 'screened-9'): Adapter => ({
  name: 'A',
  note: '',
  near: portOf(near),
  far: portOf(far),
  cable,
  options: { ...PLAIN_OPTIONS, lengthM: 2 },
});

const linkOf = (near: string, far: string, cable = 'screened-9') => ({
  cable,
  lengthM: 12,
  near: { place: '', connector: near, scheme: 'T568B' as const },
  far: { place: '', connector: far, scheme: 'T568B' as const },
  schools: {},
});

describe('an adapter that is a link', () => {
  const link = linkOf('d-sub-9-soldered-plug', 'd-sub-9-soldered-plug');

  it('takes the link’s cable and length, not its own', () => {
    const own = solveAdapter(adapter('dce-de9', 'dce-de9', 'usb-2'), null, BUILT_IN);
    expect([own.task.cable?.id, own.task.options.lengthM]).toEqual(['usb-2', 2]);
    const its = solveAdapter(adapter('dce-de9', 'dce-de9', 'usb-2'), link, BUILT_IN);
    expect([its.task.cable?.id, its.task.options.lengthM]).toEqual(['screened-9', 12]);
  });

  it('is told where the link’s connectors do not mate with its devices', () => {
    const kinds = (near: string, far: string) =>
      solveAdapter(adapter(near, far), link, BUILT_IN)
        .findings.filter(({ kind }) => kind === 'does-not-mate')
        .map(({ sentence }) => sentence.includes('same gender'));
    expect(kinds('dce-de9', 'dce-de9')).toEqual([]);
    expect(kinds('dte-de9', 'dce-de9')).toEqual([true]);
    expect(kinds('dce-de9', 'console-8p8c')).toEqual([false]);
    expect(kinds('dce-de9', 'eia-485-terminal')).toEqual([]);
  });

  it('makes the link’s wiring join what the adapter joins', () => {
    const solved = solveAdapter(adapter('dce-de9', 'dce-de9'), link, BUILT_IN);
    const wiring = wiringOf({ ...link, pinout: pinoutOf(solved) }, PLAIN_JOB);
    const joined = conductorGraph(wiring).map(({ from, to }) => `${from.contact}-${to.contact}`);
    const meant = solved.nets.flatMap(({ near, far, core }) =>
      core && near[0] && far[0] ? [`${near[0]}-${far[0]}`] : [],
    );
    expect(joined.sort()).toEqual(meant.sort());
    expect(joined).toContain('2-3');
    expect(wiring.near.rule).toBe('its own pinout');
  });

  it('is told by its cores at a joint, which has no contacts of its own', () => {
    const tail = linkOf('d-sub-9-soldered-plug', 'pigtail-solder-sleeves');
    const solved = solveAdapter(adapter('dce-de9', 'dce-de9'), tail, BUILT_IN);
    const { far } = wiringOf({ ...tail, pinout: pinoutOf(solved) }, PLAIN_JOB);
    expect(far.contacts.every(({ contact, core }) => contact === core)).toBeTrue();
  });
});

describe('an adapter’s own ends', () => {
  it('are what mates with the devices; terminals stay as they are', () => {
    expect(ownConnector(portOf('dte-de9')).gender).toBe('socket');
    expect(ownConnector(portOf('dce-de9')).gender).toBe('plug');
    expect(ownConnector(portOf('eia-485-terminal')).gender).toBe('socket');
  });

  it('have a core on each contact that goes through, the same at both ends', () => {
    const solved = solveAdapter(adapter('dte-de9', 'dce-db25'), null, BUILT_IN);
    const [near, far] = [coresAt(solved, 'near'), coresAt(solved, 'far')];
    for (const net of solved.nets)
      if (net.core && net.near[0] && net.far[0])
        expect(near.get(net.near[0])).toBe(far.get(net.far[0]));
  });

  it('are pressed on a ribbon where the count fits, and never on a round cable', () => {
    const ribbon = BUILT_IN.cable('ribbon-9');
    const at = (near: string, far: string) =>
      pressedEnd(ribbon, { near: portOf(near), far: portOf(far) });
    expect(at('dte-de9', 'dce-db25')).toBe('near');
    expect(at('dce-db25', 'dte-de9')).toBe('far');
    expect(at('eia-485-terminal', 'console-8p8c')).toBeNull();
    expect(
      pressedEnd(BUILT_IN.cable('screened-9'), { near: portOf('dte-de9'), far: portOf('dte-de9') }),
    ).toBeNull();
    expect(ribbonOrder('box-2x5').slice(0, 4)).toEqual(['1', '2', '3', '4']);
  });
});
