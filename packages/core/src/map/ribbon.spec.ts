import { BUILT_IN, ribbonOrder } from '../catalogue';
import { seeded } from '../testing/seeded';
import { PORTS } from './ports';
import { layRibbon, ribbonOf, type RibbonTask } from './ribbon';
import { PLAIN_OPTIONS } from './solution';
import { solveMap } from './solve';

/** The fewest crossings of every way to put cores in slots: nets where they belong, the rest wherever free. */
function fewestByTrying({ pressed, slotted, nets }: RibbonTask): number {
  const order = ribbonOrder(pressed.connector);
  const straight = ribbonOrder(slotted.connector);
  const netOf = (contact: string, end: 'pressed' | 'slotted') =>
    nets.findIndex(
      (net) => net[end].includes(contact) && net.pressed.length * net.slotted.length > 0,
    );
  const wanted = nets.reduce(
    (sum, net) => sum + Math.min(net.pressed.length, net.slotted.length),
    0,
  );
  const loose = (contacts: readonly string[], end: 'pressed' | 'slotted') =>
    contacts.filter((contact) => netOf(contact, end) < 0).length;
  const fillers = Math.min(loose(order, 'pressed'), loose(straight, 'slotted'));
  const best = [straight, [...straight].reverse()].map((slots) => {
    let least = Infinity;
    const taken: number[] = [];
    const go = (core: number, crossings: number, done: number, filled: number): void => {
      if (crossings >= least) return;
      if (core === order.length) {
        if (done === wanted && filled === fillers) least = crossings;
        return;
      }
      taken[core] = -1;
      go(core + 1, crossings, done, filled);
      const net = netOf(order[core] ?? '', 'pressed');
      slots.forEach((slot, at) => {
        if (taken.slice(0, core).includes(at) || netOf(slot, 'slotted') !== net) return;
        taken[core] = at;
        const more = taken.slice(0, core).filter((other) => other > at).length;
        go(core + 1, crossings + more, done + (net < 0 ? 0 : 1), filled + (net < 0 ? 1 : 0));
      });
      taken[core] = -1;
    };
    go(0, 0, 0, 0);
    return least;
  });
  return Math.min(...best);
}

const box = { connector: 'box-2x5', gender: 'socket' } as const;
const dsub = { connector: 'd-sub-9', gender: 'plug' } as const;

describe('ribbon', () => {
  it('lies straight from a box connector into a D-sub pressed on the same way', () => {
    const order = ribbonOrder('d-sub-9');
    const layout = layRibbon({
      pressed: dsub,
      slotted: { connector: 'd-sub-9', gender: 'socket' },
      nets: order.map((contact) => ({ pressed: [contact], slotted: [contact] })),
    });
    expect(layout.crossings).toBe(0);
    expect(layout.turned).toBeFalse();
    expect(layout.wires.map(({ pressed }) => pressed)).toEqual([
      '1',
      '6',
      '2',
      '7',
      '3',
      '8',
      '4',
      '9',
      '5',
    ]);
  });

  it('has as few crossings as every way tried, on random nets of up to nine cores', () => {
    const { below, shuffle } = seeded(21);
    for (let round = 0; round < 120; round += 1) {
      const size = 3 + below(7);
      const names = Array.from({ length: size }, (_, index) => String(index + 1));
      const [left, right] = [shuffle(names), shuffle(names)];
      const nets: { pressed: string[]; slotted: string[] }[] = [];
      while (left.length > 1 && right.length > 1 && nets.length < 5)
        nets.push({
          pressed: left.splice(0, Math.min(left.length, 1 + below(2))),
          slotted: right.splice(0, Math.min(right.length, 1 + below(2))),
        });
      const task = {
        pressed: { connector: `header-${size}`, gender: 'plug' as const },
        slotted: { connector: `header-${size}`, gender: 'plug' as const },
        nets,
      };
      expect(layRibbon(task).crossings)
        .withContext(JSON.stringify(nets))
        .toBe(fewestByTrying(task));
    }
  });

  it('fills free slots with unused cores and says which stay empty or are cut', () => {
    const layout = layRibbon({
      pressed: box,
      slotted: dsub,
      nets: [
        { pressed: ['1'], slotted: ['5'] },
        { pressed: ['9', '10'], slotted: ['3'] },
      ],
    });
    const used = layout.wires.filter(({ slot }) => slot !== null);
    expect(new Set(used.map(({ slot }) => slot)).size).toBe(used.length);
    expect(
      used
        .filter(({ filler }) => !filler)
        .map(({ slot }) => slot)
        .sort(),
    ).toEqual(['3', '5']);
    expect(used.length + layout.wires.filter(({ slot }) => slot === null).length).toBe(10);
    expect(layout.emptySlots.length).toBe(9 - used.length);
    const [slot, ...others] = layout.emptySlots;
    const words =
      others.length === 0
        ? `Slot ${slot} stays empty.`
        : `Slots ${layout.emptySlots.join(', ')} stay empty.`;
    expect(layout.sentences.includes(words)).toBe(slot !== undefined);
  });

  it('peels further the further a core has to go', () => {
    const far = layRibbon({
      pressed: box,
      slotted: { connector: 'd-sub-25', gender: 'plug' },
      nets: [
        { pressed: ['1'], slotted: ['25'] },
        { pressed: ['10'], slotted: ['13'] },
      ],
    });
    expect(far.peelMm).toBeGreaterThan(
      layRibbon({ pressed: dsub, slotted: dsub, nets: [] }).peelMm,
    );
    const { fromMm = 0, toMm } = far.wires[0] ?? {};
    expect(Math.abs((toMm ?? 0) - fromMm) / far.peelMm).toBeLessThanOrEqual(
      Math.tan(Math.PI / 6) + 1e-9,
    );
  });

  it('decides the cores: the pressed connector’s contacts in zig-zag, not the colours', () => {
    const [near, far] = ['dte-de9', 'dce-de9'].map((id) => PORTS.find((port) => port.id === id));
    if (!near || !far) throw new Error('no port');
    const task = { near, far, cable: BUILT_IN.cable('ribbon-9'), options: PLAIN_OPTIONS };
    const solution = solveMap(task);
    const cores = task.cable.cores.map(({ id }) => id);
    const order = ribbonOrder('d-sub-9');
    for (const net of solution.nets)
      if (net.core) expect(cores.indexOf(net.core)).toBe(order.indexOf(net.near[0] ?? ''));
    expect(ribbonOf(task, solution)?.crossings).toBe(0);
    expect(ribbonOf({ ...task, cable: BUILT_IN.cable('screened-9') }, solution)).toBeNull();
  });
});
