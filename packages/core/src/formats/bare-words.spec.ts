import { BUILT_IN } from '../catalogue';
import { parseSchedule } from './parse-schedule';

const HEAD = 'label,from,to,cable,near connector,far connector,scheme,length';

interface Written {
  readonly cable: string;
  readonly near: string;
  /** What it is taken for. */
  readonly taken: readonly [cable: string, near: string];
  /** What is told of it; nothing where all of it was said. */
  readonly told?: readonly RegExp[];
}

/** As it stands in schedules that people bring: a word or two, in the words of their trade. */
const ROWS: readonly Written[] = [
  {
    cable: 'Cat 6 U/UTP solid',
    near: 'Keystone jack, punch-down',
    taken: ['cat6-uutp-solid', 'keystone-punch-down'],
  },
  {
    cable: 'Cat5',
    near: 'RJ45',
    taken: ['cat5e-uutp-solid', 'plug-8p8c'],
    told: [/Cat5.*whether it is 5e/],
  },
  {
    cable: 'cat6 outdoor',
    near: 'mod plug',
    taken: ['cat6-uutp-solid-outdoor', 'plug-8p8c'],
    told: [/gel or dry block/],
  },
  {
    cable: 'cat6 outdoor gel solid utp',
    near: 'mod plug',
    taken: ['cat6-uutp-solid-outdoor', 'plug-8p8c'],
  },
  {
    cable: 'CAT6 FTP solid',
    near: 'shielded RJ45',
    taken: ['cat6-futp-solid', 'plug-8p8c-shielded'],
  },
  {
    cable: 'Cat 6 purple UTP solid',
    near: 'jack',
    taken: ['cat6-uutp-solid', 'keystone-punch-down'],
    told: [/‘purple’, which was not read/],
  },
  {
    cable: 'RG6',
    near: 'F',
    taken: ['rg-6', 'f-compression-rg-6'],
  },
  {
    cable: 'telephone 2 pair',
    near: 'telephone socket master',
    taken: ['telephone-2-pair', 'telephone-socket-master'],
  },
];

const read = ({ cable, near }: Pick<Written, 'cable' | 'near'>) => {
  const parsed = parseSchedule(`${HEAD}\nK1,C1/1,Kiosk 1,"${cable}","${near}","${near}",B,3 m`, {
    catalogue: BUILT_IN,
    defaultScheme: 'T568B',
    takenLabels: new Set(),
  });
  if (!parsed.ok) throw new Error(parsed.problems.map(({ reason }) => reason).join(' '));
  return {
    ids: [parsed.links[0]?.cable, parsed.links[0]?.near.connector],
    told: parsed.notes.map(({ sentence }) => sentence),
  };
};

describe('The bare words of a schedule', () => {
  for (const row of ROWS)
    it(`“${row.cable}” with “${row.near}” is ${row.taken.join(' with ')}`, () => {
      const { ids, told } = read(row);
      expect(ids).toEqual([...row.taken]);
      for (const wanted of row.told ?? [])
        expect(told.some((sentence) => wanted.test(sentence)))
          .withContext(told.join(' '))
          .toBeTrue();
      // Whatever was taken for granted names what it was taken for.
      for (const sentence of told) expect(sentence).toMatch(/: read as |which was not read/);
    });

  it('lose nothing: a word that means nothing here is told, wherever it stands', () => {
    for (const word of ['lilac', 'Trawers', 'XQ7', 'halyard'])
      for (const text of [`${word} Cat 6`, `Cat 6 ${word}`, `Cat 6, ${word}, solid`])
        expect(read({ cable: text, near: 'jack' }).told.join(' '))
          .withContext(text)
          .toContain(word.toLowerCase());
  });

  it('are refused where no cable is meant, with what to write', () => {
    for (const cable of ['string', 'Cat 9', 'the blue one'])
      expect(() => read({ cable, near: 'jack' }))
        .withContext(cable)
        .toThrowError(/is not a cable of the catalogue/);
    expect(() => read({ cable: 'Cat 6', near: 'hook' })).toThrowError(/hook/);
  });

  it('are told once for each line, however many links a schedule has', () => {
    const rows = Array.from(
      { length: 40 },
      (_, i) => `K${i},C1/${i},Kiosk ${i},Cat 6,jack,plug,B,${i + 3} m`,
    );
    const parsed = parseSchedule([HEAD, ...rows].join('\n'), {
      catalogue: BUILT_IN,
      defaultScheme: 'T568B',
      takenLabels: new Set(),
    });
    const lines = parsed.ok ? parsed.notes.map(({ line, field }) => `${line} ${field}`) : [];
    expect(new Set(lines).size).toBe(lines.length);
    expect(lines.filter((one) => one.endsWith(' cable')).length).toBe(rows.length);
  });
});
