import { BUILT_IN } from '../../catalogue';
import { ownConnector } from '../adapter';
import { PORTS } from '../ports';
import { PLAIN_OPTIONS } from '../solution';
import { solveMap } from '../solve';
import { adapterCard } from './card';
import { parseNets, writeNets } from './csv';
import { faceFigure } from './face-figure';
import { figureSvg } from '../../figure';
import { spiceSubcircuit } from './spice';

const portOf = (id: string) => {
  const found = PORTS.find((port) => port.id === id);
  if (!found) throw new Error(id);
  return found;
};

function solved(
  near: string,
  far: string,
  cable: string | null = null,
  lengthM: number | null = null,
) {
  const task = {
    near: portOf(near),
    far: portOf(far),
    cable: cable === null ? null : BUILT_IN.cable(cable),
    options: { ...PLAIN_OPTIONS, lengthM },
  };
  return { task, solution: solveMap(task) };
}

const cardOf = (near: string, far: string, note = '') =>
  adapterCard({
    ...solved(near, far),
    adapter: { name: 'Console lead <1> & "2"', note },
    remarks: [],
    date: '25 November 2026',
    ready: false,
  });

describe('card', () => {
  it('keeps every mark on the page, for small and for the largest connectors', () => {
    for (const [near, far] of [
      ['dte-de9', 'console-8p8c'],
      ['dte-db25', 'dce-db25'],
    ] as const) {
      const { marks } = cardOf(near, far, 'A long note. '.repeat(60));
      for (const mark of marks)
        if (mark.kind === 'text') {
          expect(mark.xMm).toBeGreaterThan(0);
          expect(mark.yMm).withContext(mark.text).toBeLessThan(297);
        }
    }
  });

  it('shows all contacts of both ends, from both sides', () => {
    const { marks } = cardOf('dte-de9', 'dte-de9');
    const numbers = marks.flatMap((mark) =>
      mark.kind === 'text' && mark.text === '7' ? [mark] : [],
    );
    expect(numbers.length).toBeGreaterThanOrEqual(4);
  });

  it('draws the mating side as the mirror of the wiring side, and what mates with the device', () => {
    const part = ownConnector(portOf('dte-de9'));
    expect(part.gender).toBe('socket');
    const at = (side: 'mating' | 'wiring') =>
      faceFigure(part, { side, latch: 'down' }, () => null).contacts;
    const mating = new Map(at('mating').map(({ contact, xMm }) => [contact, xMm]));
    for (const { contact, xMm } of at('wiring'))
      expect(xMm).toBeCloseTo(-(mating.get(contact) ?? NaN), 9);
  });

  it('is well-formed, whatever the adapter is called', () => {
    const svg = figureSvg(cardOf('dte-de9', 'dte-de9'), 'A & B <script>');
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('&#38;');
    expect(svg.match(/<text/g)?.length).toBe(svg.match(/<\/text>/g)?.length);
    expect(svg).not.toContain('NaN');
    expect(svg).not.toContain('undefined');
  });
});

describe('the table as CSV', () => {
  it('gives the same nets when it is read back', () => {
    for (const [near, far] of [
      ['dte-de9', 'dte-de9'],
      ['console-8p8c', 'dte-db25'],
      ['camera', 'monitor'],
    ] as const) {
      const { task, solution } = solved(near, far);
      const parsed = parseNets(writeNets(solution, task), task);
      if (!parsed.ok) throw new Error(parsed.reason);
      const again = solveMap({ ...task, options: { ...task.options, joins: parsed.joins } });
      const joined = ({ nets }: typeof solution) =>
        nets.map((net) => `${net.near.join()}>${net.far.join()}`).sort();
      expect(joined(again)).withContext(`${near} ${far}`).toEqual(joined(solution));
    }
  });

  it('says which line names a contact that is not there', () => {
    const { task } = solved('dte-de9', 'dte-de9');
    expect(parseNets('near contact,far contact\n2,3\n2,77', task)).toEqual({
      ok: false,
      line: 3,
      reason: 'EIA-232 DTE, D-sub 9 has no contact 77 at the far end.',
    });
    for (const head of ['a,b', 'near contact,b', 'a,far contact'])
      expect(parseNets(`${head}\n1,2`, task))
        .withContext(head)
        .toEqual(jasmine.objectContaining({ ok: false, line: 1 }));
  });

  it('keeps a name that a spreadsheet would take for a formula from being one', () => {
    const { task, solution } = solved('dte-de9', 'dte-de9');
    const near = {
      ...task.near,
      contacts: task.near.contacts.map((row) => ({
        ...row,
        signal: row.contact === '5' ? '=1+1' : row.signal,
      })),
    };
    expect(writeNets(solution, { ...task, near })).toContain("'=1+1");
  });
});

describe('SPICE subcircuit', () => {
  it('has a node for each joined contact and the copper’s ohms', () => {
    const { task, solution } = solved('ttl-serial-board', 'ttl-serial-device', 'usb-2', 10);
    const text = spiceSubcircuit('Tide gauge', solution, task);
    const nodes = /\.SUBCKT Tide_gauge (.*)/.exec(text)?.[1]?.split(' ') ?? [];
    expect(nodes.length).toBe(solution.nets.flatMap(({ near, far }) => [...near, ...far]).length);
    const values = [...text.matchAll(/^Rnet\d+ \S+ \S+ ([\d.]+)$/gm)].map(([, value]) =>
      Number(value),
    );
    expect(values.length).toBe(4);
    // 28 AWG is 0.0804 mm²: 2.1 ohm for 10 m at 20 degrees.
    const areaMm2 = (Math.PI / 4) * (0.127 * 92 ** ((36 - (task.cable?.gaugeAwg ?? 0)) / 39)) ** 2;
    expect(values[0]).toBeCloseTo((0.017241 * 10) / areaMm2, 2);
    expect(text.split('\n').filter((line) => line.startsWith('.ENDS')).length).toBe(1);
  });

  it('does not invent ohms where no length is stated', () => {
    const { task, solution } = solved('dte-de9', 'dte-de9');
    const text = spiceSubcircuit('x', solution, task);
    expect(text).not.toMatch(/^R/m);
    expect(text).toContain('not stated');
  });
});
