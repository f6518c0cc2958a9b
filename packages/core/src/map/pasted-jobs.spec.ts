import { BUILT_IN, type CableId } from '../catalogue';
import { parsePins } from './parse-port';
import type { Port } from './port';
import { PLAIN_OPTIONS, type SolveOptions } from './solution';
import { solveMap } from './solve';

/** One device as somebody pastes it, in whatever way it stands in a manual, a forum or on a label. */
interface Pasted {
  readonly connector: string;
  readonly text: string;
}

interface Job {
  readonly what: string;
  readonly near: Pasted;
  readonly far: Pasted;
  readonly cable?: CableId;
  readonly options?: Partial<SolveOptions>;
  /** What must be joined, "near-far". */
  readonly joined: readonly string[];
  /** What is asked about, near to far; nothing else may be. */
  readonly asked?: readonly string[];
}

const port = ({ connector, text }: Pasted, name: string): Port => {
  const parsed = parsePins(text, connector);
  if (!parsed.ok)
    throw new Error(parsed.problems.map(({ line, reason }) => `${line}: ${reason}`).join(' '));
  return {
    id: '',
    name,
    connector,
    gender: 'socket',
    leastSupplyV: null,
    leadAwg: null,
    contacts: parsed.contacts,
  };
};

const JOBS: readonly Job[] = [
  {
    what: 'a ticket printer’s serial lead, both sheets headed, columns in another order',
    near: { connector: 'd-sub-9', text: 'Pin;Signal;Dir\n2;RXD;in\n3;TXD;out\n5;Signal ground;' },
    far: { connector: 'd-sub-9', text: 'Name\tPin no.\tDir\nTXD\t2\tout\nRXD\t3\tin\nGND\t5\t' },
    joined: ['2-2', '3-3', '5-5'],
  },
  {
    what: 'a keyboard of a kiosk, numbered lists with brackets and points',
    near: { connector: 'header-4', text: '1) CLK\n2) DATA\n3) GND\n4) Key' },
    far: { connector: 'header-4', text: '1. KB DATA\n2. KB CLK\n3. KEY\n4. GND' },
    joined: ['1-2', '2-1', '3-4', '4-3'],
  },
  {
    what: 'the same in the words of two manuals',
    near: { connector: 'header-3', text: 'Pin 1 - Clock\nPin 2 - Data\nPin 3 - Ground' },
    far: { connector: 'header-3', text: 'Pin 1: GND\nPin 2: DAT\nPin 3: CLOCK' },
    joined: ['1-3', '2-2', '3-1'],
  },
  {
    what: 'a joystick of a crane’s panel, as a table out of a text document',
    near: {
      connector: 'd-sub-9',
      text: '| 1 | UP |\n| 2 | DOWN |\n| 3 | LEFT |\n| 4 | RIGHT |\n| 6 | FIRE |\n| 8 | GND |',
    },
    far: {
      connector: 'header-6',
      text: '1-UP\n2-DOWN\n3-LEFT\n4-RIGHT\n5-Button\n6-GND',
    },
    joined: ['1-1', '2-2', '3-3', '4-4', '8-6'],
    asked: ['6-5'],
  },
  {
    what: 'a display’s bus with pairs, whose colours stand in brackets',
    near: {
      connector: 'terminal-4',
      text: '1 A (brown)\n2 B (white)\n3 GND (blue)\n4 Shield (bare)',
    },
    far: { connector: 'terminal-4', text: '1 Shield\n2 GND\n3 B\n4 A' },
    joined: ['1-4', '2-3', '3-2'],
    options: { shield: 'open' },
  },
  {
    what: 'two boards with a transmitter and a receiver each, named by their port',
    near: { connector: 'header-3', text: '1 UART TX\n2 UART RX\n3 GND' },
    far: { connector: 'header-3', text: '1 RX0\n2 TX0\n3 GND' },
    joined: ['3-3'],
    asked: ['1-1'],
  },
  {
    what: 'a microphone line: hot and cold with their shield',
    near: { connector: 'xlr-3', text: '1 Shield\n2 Hot\n3 Cold' },
    far: { connector: 'terminal-3', text: '1 Hot\n2 Cold\n3 Screen' },
    cable: 'screened-4',
    options: { shield: 'both' },
    joined: ['1-3', '2-1', '3-2'],
  },
  {
    what: 'a handset’s jack: tip, ring and sleeve in full and as letters',
    near: { connector: 'terminal-2', text: '1 Tip\n2 Ring' },
    far: { connector: 'terminal-2', text: '1 R\n2 T' },
    joined: [],
    asked: ['1-2', '2-1'],
  },
];

const solved = ({ near, far, cable, options }: Job) =>
  solveMap({
    near: port(near, 'Near device'),
    far: port(far, 'Far device'),
    cable: BUILT_IN.cable(cable ?? 'screened-9'),
    options: { ...PLAIN_OPTIONS, ...options },
  });

describe('Two pin lists, pasted as they stand', () => {
  for (const job of JOBS)
    it(`become ${job.what}`, () => {
      const { nets, questions } = solved(job);
      const joined = nets
        .filter(({ near, far }) => near.some((c) => c !== 'S') && far.some((c) => c !== 'S'))
        .map(({ near, far }) => `${near.join('+')}-${far.join('+')}`);
      expect(joined.sort()).toEqual([...job.joined].sort());
      const first = questions.flatMap(({ choices }) =>
        (choices[0]?.joins ?? []).map(({ near, far }) => `${near}-${far}`),
      );
      expect(first.sort()).toEqual([...(job.asked ?? [])].sort());
      for (const { sentence, choices } of questions) {
        expect(sentence).not.toMatch(/undefined|null|NaN/);
        expect(choices.length).toBeGreaterThan(1);
      }
    });

  it('say the same whichever of the two was pasted first', () => {
    for (const job of JOBS) {
      const turned = solved({ ...job, near: job.far, far: job.near });
      const of = (nets: ReturnType<typeof solved>['nets'], way: 'as' | 'turned') =>
        nets
          .filter(({ near, far }) => near.length > 0 && far.length > 0)
          .map(({ near, far }) => (way === 'as' ? [near, far] : [far, near]))
          .map(([a = [], b = []]) => `${[...a].sort().join('+')}-${[...b].sort().join('+')}`)
          .sort();
      expect(of(turned.nets, 'turned'))
        .withContext(job.what)
        .toEqual(of(solved(job).nets, 'as'));
    }
  });

  it('are the same list in every spelling of it', () => {
    const wanted = [
      ['1', 'CLK'],
      ['2', 'Data'],
      ['3', 'GND'],
    ];
    const spellings = [
      '1 CLK\n2 Data\n3 GND',
      '1. CLK\n2. Data\n3. GND',
      '1) CLK\n2) Data\n3) GND',
      '1: CLK\n2: Data\n3: GND',
      '1-CLK\n2-Data\n3-GND',
      '1 = CLK\n2 = Data\n3 = GND',
      'Pin 1 - CLK\nPin 2 - Data\nPin 3 - GND',
      '| 1 | CLK |\n| 2 | Data |\n| 3 | GND |',
      '|Pin|Signal|\n|---|---|\n|1|CLK|\n|2|Data|\n|3|GND|',
      'CLK,1\nData,2\nGND,3',
      '1;CLK;brown\n2;Data;white\n3;GND;blue',
      'brown\t1\tCLK\nwhite\t2\tData\nblue\t3\tGND',
      'Colour,Signal,Pin\nBN,CLK,1\nWH,Data,2\nBU,GND,3',
      '1 CLK (brown)\n2 Data (white)\n3 GND (blue)',
      '\n\n1  CLK  \n\n2  Data\n3  GND\n\n',
    ];
    for (const text of spellings) {
      const parsed = parsePins(text, 'header-3');
      expect(parsed.ok && parsed.contacts.map(({ contact, signal }) => [contact, signal]))
        .withContext(JSON.stringify(text))
        .toEqual(wanted);
    }
  });

  it('keep the colours that stand beside the names, in words or by their short names', () => {
    for (const text of [
      '1;CLK;brown\n2;Data;white\n3;GND;blue',
      '1 CLK (brown)\n2 Data (white)\n3 GND (blue)',
    ]) {
      const parsed = parsePins(text, 'header-3');
      expect(parsed.ok && parsed.contacts.map(({ colour }) => colour))
        .withContext(text)
        .toEqual(['brown', 'white', 'blue']);
    }
  });

  it('are refused whole, with the line, where a line is not one of a list', () => {
    for (const [text, line] of [
      ['1 CLK\n2 Data\nsee page 7', 3],
      ['1 CLK\n9 Data', 2],
      ['1 CLK\n1 Data', 2],
    ] as const) {
      const parsed = parsePins(text, 'header-3');
      expect(parsed.ok).withContext(text).toBeFalse();
      expect(!parsed.ok && parsed.problems.map((problem) => problem.line))
        .withContext(text)
        .toContain(line);
    }
  });
});
