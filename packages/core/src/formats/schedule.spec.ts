import { BUILT_IN, CABLES, CONNECTORS, JACKETS, SCHEMES } from '../catalogue';
import type { Link } from '../link';
import { seeded } from '../testing/seeded';
import type { CellProblem } from './csv-rows';
import { parseSchedule } from './parse-schedule';
import { writeSchedule } from './write-schedule';

const options = {
  catalogue: BUILT_IN,
  defaultScheme: 'T568B' as const,
  takenLabels: new Set<string>(),
};

function links(text: string, rest = {}): readonly Link[] {
  const parsed = parseSchedule(text, { ...options, ...rest });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return parsed.links;
}

function problems(text: string, rest = {}): readonly CellProblem[] {
  const parsed = parseSchedule(text, { ...options, ...rest });
  return parsed.ok ? [] : parsed.problems;
}

const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';

describe('parseSchedule', () => {
  it('reads a plain schedule', () => {
    const [link] = links(
      `${HEAD}\nK1,C1/A/01,Kiosk 1,Cat 6 U/UTP solid,keystone,8P8C plug,T568A,31.5 m\n`,
    );
    expect(link).toEqual({
      label: 'K1',
      hub: 'C1',
      near: { place: 'C1/A/01', connector: 'keystone-punch-down', scheme: 'T568A' },
      far: { place: 'Kiosk 1', connector: 'plug-8p8c', scheme: 'T568A' },
      cable: 'cat6-uutp-solid',
      lengthM: 31.5,
      route: [],
      environment: 'indoor',
      schools: {},
      note: '',
    });
  });

  it('reads the same links whatever the separator, column order, quotes and BOM', () => {
    const rows = [
      ['Length', 'To', 'label', 'Far connector', 'Cable type', 'near-connector', 'From', 'Wiring'],
      ['12,5 m', 'Gate "A", left', 'G1', 'plug', 'cat6', 'jack', 'G2/1', 'A/B'],
    ];
    const quoted = (cell: string) => `"${cell.replace(/"/g, '""')}"`;
    const texts = [',', ';', '\t'].map((sign) =>
      rows.map((row) => row.map(quoted).join(sign)).join('\r\n'),
    );
    const [first, ...rest] = [...texts, `\ufeff${texts[0] ?? ''}`].map((text) => links(text));
    expect(first?.[0]?.lengthM).toBe(12.5);
    expect(first?.[0]?.far).toEqual({
      place: 'Gate "A", left',
      connector: 'plug-8p8c',
      scheme: 'T568B',
    });
    for (const other of rest) expect(other).toEqual(first as Link[]);
  });

  it('takes the unit from the heading, and feet', () => {
    const head = HEAD.replace('length', 'length (ft)');
    const row = 'X,C1/1,Y,cat6,jack,plug,B,';
    expect(links(`${head}\n${row}100`)[0]?.lengthM).toBeCloseTo(30.48, 6);
    expect(links(`${HEAD}\n${row}100 ft`)[0]?.lengthM).toBeCloseTo(30.48, 6);
    expect(links(`${HEAD}\n${row}`)[0]?.lengthM).toBeNull();
  });

  it('tells every bad cell with its line and column, and imports nothing', () => {
    const text = [
      HEAD,
      'K1,C1/1,Kiosk 1,Cat 6,jack,plug,T568B,"12,5x"',
      '"K2\nlower",C1/2,Kiosk 2,Cat 9,jack,plug,T568B,3 m',
      'K3,C1/3,,Cat 6,jack,hook,C,3',
      'K1,C1/4,Kiosk 4,Cat 6,jack,plug,B,4 m',
    ].join('\n');
    expect(problems(text).map(({ line, column }) => [line, column])).toEqual([
      [2, 8],
      [3, 4],
      [5, 3],
      [5, 6],
      [5, 7],
      [5, 8],
      [6, 1],
    ]);
    expect(problems(text)[0]?.reason).toBe(
      "'12,5x' is not a length: 'x' is not a unit. Write 12.5 m or 41 ft.",
    );
  });

  it('tells a cell that is too long once, and not as missing too', () => {
    const long = 'x'.repeat(501);
    const told = problems(`${HEAD}\n${long},C1/1,Kiosk 1,cat6,jack,plug,B,3 m`);
    expect(told.map(({ reason }) => reason)).toEqual([
      'This cell has 501 characters; 500 is the most.',
    ]);
  });

  const refused: [string, string, RegExp][] = [
    ['an empty file', '', /empty/],
    ['headings alone', HEAD, /no links/],
    ['a missing column', 'label,from,to\nA,B,C', /No column is headed 'cable'/],
    ['a doubled column', `${HEAD},Label\nA,B,C,cat6,jack,plug,B,1 m,A`, /Two columns mean 'label'/],
    ['an unclosed quote', `${HEAD}\n"A,B,C,cat6,jack,plug,B,1 m`, /not closed/],
    ['too many cells', `${HEAD}\nA,B,C,cat6,jack,plug,B,12,5`, /9 cells under 8 headings/],
    ['a label of the site', `${HEAD}\nTaken,B,C,cat6,jack,plug,B,1 m`, /link of this site already/],
    ['no length at all', `${HEAD}\nA,B,C,cat6,jack,plug,B,0 m`, /more than 0/],
    ['binary', '\u0000\u0001\u0002', /No column/],
  ];
  for (const [what, text, reason] of refused)
    it(`refuses ${what}`, () => {
      const told = problems(text, { takenLabels: new Set(['Taken']) });
      expect(told.map((problem) => problem.reason).join()).toMatch(reason);
    });

  const meant: [string, string, string, string][] = [
    ['Cat 6A S/FTP', 'tool-less shielded jack', 'cat6a-sftp-solid', 'keystone-tool-less-shielded'],
    ['cat6 gel filled outdoor', 'patch panel', 'cat6-uutp-solid-outdoor', 'panel-port'],
    ['Cat 6 F/UTP direct burial', 'outdoor plug', 'cat6-futp-solid-burial', 'plug-8p8c-outdoor'],
    ['cat5e patch', 'pass-thru plug', 'cat5e-uutp-stranded', 'plug-8p8c-pass-through'],
    ['cat6', 'toolless keystone', 'cat6-uutp-solid', 'keystone-tool-less'],
    ['cat6a ftp', 'large plug', 'cat6a-futp-solid', 'plug-8p8c-large'],
    ['Cat5', 'RJ45', 'cat5e-uutp-solid', 'plug-8p8c'],
    ['Cat 6 F/UTP', 'shielded RJ45', 'cat6-futp-solid', 'plug-8p8c-shielded'],
    ['cat 6 plenum', 'mod plug', 'cat6-uutp-solid-plenum', 'plug-8p8c'],
    ['cat6 dry outdoor', 'RJ45 jack', 'cat6-uutp-solid-outdoor-dry', 'keystone-punch-down'],
    ['RG-6 coax', 'F connector', 'rg-6', 'f-compression-rg-6'],
    ['RG6 quad', 'F plug', 'rg-6-quad', 'f-compression-rg-6-quad'],
    ['RG 58', 'BNC', 'rg-58', 'bnc-crimp-50-rg-58'],
    ['RG-213', 'N plug', 'rg-213', 'n-crimp-50-rg-213'],
    [
      'Telephone, 2 pair',
      'telephone socket extension',
      'telephone-2-pair',
      'telephone-socket-extension',
    ],
    ['flat telephone cord, 4 cores', '6P4C', 'cord-4', 'plug-6p4c'],
    ['screened 9 cores', 'D-sub 9 plug soldered', 'screened-9', 'd-sub-9-soldered-plug'],
    ['Ribbon 9', 'D-sub 9 plug, IDC', 'ribbon-9', 'd-sub-9-press-on-plug'],
    ['multi-core screened, 4 cores', 'din 5', 'screened-4', 'din-5-soldered-plug'],
    ['RG 213', 'N', 'rg-213', 'n-crimp-50-rg-213'],
    ['ribbon, 9 cores', 'D-sub 9 socket, IDC', 'ribbon-9', 'd-sub-9-press-on-socket'],
    ['multi-core screened, 8 cores', 'mini-DIN 6', 'screened-8', 'mini-din-6-soldered-plug'],
  ];
  for (const [cable, part, cableId, partId] of meant)
    it(`reads “${cable}” and “${part}”`, () => {
      const [link] = links(`${HEAD}\nK1,C1/1,Kiosk 1,"${cable}","${part}",plug,B,3 m`);
      expect([link?.cable, link?.near.connector]).toEqual([cableId, partId]);
    });

  it('finds every cable and connector by its own name', () => {
    for (const { id, name } of CABLES)
      expect(links(`${HEAD}\nK,C1/1,X,"${name}",plug,plug,B,3 m`)[0]?.cable).toBe(id);
    for (const { id, name } of CONNECTORS)
      expect(links(`${HEAD}\nK,C1/1,X,cat6,"${name}",plug,B,3 m`)[0]?.near.connector).toBe(id);
  });

  it('says what it took for granted', () => {
    const parsed = parseSchedule(`${HEAD}\nK1,C1/1,Kiosk 1,Cat 6,jack,plug,,3 m`, options);
    expect(parsed.ok && parsed.notes[0]?.sentence).toBe(
      "'Cat 6' does not say whether it is shielded, solid or stranded: read as Cat 6 U/UTP solid.",
    );
  });

  it('drops no word that it did not understand', () => {
    const notes = (cable: string, part: string) => {
      const parsed = parseSchedule(
        `${HEAD}\nK1,C1/1,Kiosk 1,"${cable}","${part}",8P8C plug,B,3 m`,
        options,
      );
      return parsed.ok ? parsed.notes.map(({ sentence }) => sentence) : [];
    };
    expect(notes('RG-58 outdoor', 'BNC')[0]).toBe(
      "'RG-58 outdoor' has ‘outdoor’, which was not read: read as RG-58, 50 ohm.",
    );
    expect(notes('Cat 6 U/UTP solid', 'gold plated RJ45')[0]).toContain('‘gold’, ‘plated’');
    expect(notes('Cat 6 U/UTP solid', 'RJ45')[0]).toBe(
      "'RJ45' does not say plug or jack: read as 8P8C plug.",
    );
    expect(notes('Cat 6 outdoor', '8P8C plug, large entry')[0]).toContain('gel or dry block');
    expect(notes('Cat 6 U/UTP solid', '8P8C plug')).toEqual([]);
  });

  it('reads back what writeSchedule wrote, for any links', () => {
    const random = seeded(5);
    const words = ['Kiosk', 'a,b', '"q"', 'x;y', 'Ŧide', 'two\nlines', '=1+1', 'C1/A', '-', '¼'];
    const word = () => `${random.pick(words)} ${random.below(1000)}`;
    const made = Array.from({ length: 300 }, (_, index): Link => {
      const lengthM = random.below(5) === 0 ? null : (1 + random.below(90_000)) / 1000;
      const end = () => ({
        place: word(),
        connector: random.pick(CONNECTORS).id,
        scheme: random.pick(SCHEMES).id,
      });
      return {
        label: `${word()} ${index}`,
        hub: word(),
        near: end(),
        far: end(),
        cable: random.pick(CABLES).id,
        lengthM,
        route: lengthM
          ? [
              { name: 'Tray T1', atM: lengthM / 4 },
              { name: 'Slack loop', atM: lengthM / 2, extraM: lengthM / 8 },
            ]
          : [],
        environment: random.pick(JACKETS),
        schools: {},
        note: random.below(2) ? word() : '',
      };
    });
    expect(links(writeSchedule(made, BUILT_IN))).toEqual(made);
    // In feet, to the ten-thousandth: 0.02 mm.
    const inFeet = writeSchedule(made, BUILT_IN, true, 'imperial');
    expect(inFeet).not.toMatch(/\d m[,;" \r]/);
    links(inFeet).forEach((link, index) => {
      const was = made[index];
      expect(link.route.length).toBe(was?.route.length ?? -1);
      const apart = (one: number | null | undefined, other: number | null | undefined) =>
        Math.abs((one ?? 0) - (other ?? 0));
      expect(apart(link.lengthM, was?.lengthM)).toBeLessThan(2e-5);
      expect(apart(link.route[1]?.extraM, was?.route[1]?.extraM)).toBeLessThan(2e-5);
    });
  });
});
