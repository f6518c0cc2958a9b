import { inEnglish } from '../../testing/in-english';
import { WIRE_CONTACTS, conductor, type Contact } from '../../catalogue';
import { fourPairWiring, type Net, type Wiring } from '../../link';
import { seeded } from '../../testing/seeded';
import { diagnose } from './diagnose';

/*
 * Every sentence of a diagnosis is read again, word by word, and held against the reading itself: by a
 * reader that knows only the colours and pairs of T568B and the words.
 */

const T568B: Wiring = fourPairWiring('T568B', 'T568B');
const PAIRS: Readonly<Record<string, readonly [tip: string, ring: string]>> = {
  '1': ['5', '4'],
  '2': ['1', '2'],
  '3': ['3', '6'],
  '4': ['7', '8'],
};
const COLOURS: Readonly<Record<string, string>> = {
  '1': 'white-orange',
  '2': 'orange',
  '3': 'white-green',
  '4': 'blue',
  '5': 'white-blue',
  '6': 'green',
  '7': 'white-brown',
  '8': 'brown',
};
/** Between an end of T568A and one of T568B. */
const MIXED: Readonly<Record<string, string>> = { '1': '3', '2': '6', '3': '1', '6': '2' };

interface Reading {
  readonly nets: readonly Net[];
  /** Where near contacts arrive that arrive at just one. */
  readonly to: ReadonlyMap<string, string>;
}

const readingOf = (nets: readonly Net[]): Reading => ({
  nets,
  to: new Map(
    nets.flatMap(({ near, far }) =>
      near.length === 1 && far.length === 1 ? [[near[0] as string, far[0] as string]] : [],
    ),
  ),
});
const ofOrder = (order: readonly Contact[]): Reading =>
  readingOf(WIRE_CONTACTS.map((near, index) => ({ near: [near], far: [order[index] as string] })));

const joined = ({ nets }: Reading, near: string, far: string) =>
  nets.some((net) => net.near.includes(near) && net.far.includes(far));
const pairOf = (contact: string) =>
  Object.entries(PAIRS).find(([, pair]) => pair.includes(contact))?.[0];

/** What a sentence claims and the reading denies; nothing where all is true. */
function denied(sentence: string, reading: Reading): string[] {
  const wrong: string[] = [];
  const claim = (is: boolean, what: string) => {
    if (!is) wrong.push(`${what} in “${sentence}”`);
  };
  for (const [, near = '', far = ''] of sentence.matchAll(/near (\w) arrives at far (\w)/g))
    claim(joined(reading, near, far), `near ${near} at far ${far}`);
  for (const [, name = '', contact = ''] of sentence.matchAll(/([A-Za-z-]+) \((\d)\)/g))
    claim(name.toLowerCase() === COLOURS[contact], `${name} on ${contact}`);
  for (const [, pair = ''] of sentence.matchAll(/^Pair (\d) is reversed/g)) {
    const [tip, ring] = PAIRS[pair] ?? ['', ''];
    claim(joined(reading, tip, ring) && joined(reading, ring, tip), `pair ${pair} reversed`);
  }
  const open = /^[\w-]+ \((\d)\), pair (\d), is open/.exec(sentence);
  if (open) {
    const [, contact = '', pair] = open;
    claim(pairOf(contact) === pair, `pair ${pair ?? ''} of ${contact}`);
    claim(
      reading.nets.every(
        ({ near, far }) => !near.includes(contact) || far.length === 0 || near.length > 1,
      ),
      `${contact} open`,
    );
  }
  const together = /^Pairs ([\d, and]+) are open/.exec(sentence);
  for (const pair of together?.[1]?.match(/\d/g) ?? [])
    for (const contact of PAIRS[pair] ?? [])
      claim(
        reading.nets.every(
          ({ near, far }) => !near.includes(contact) || far.length === 0 || near.length > 1,
        ),
        `${contact} open`,
      );
  const within = /within pair (\d)/.exec(sentence)?.[1];
  if (within)
    for (const contact of sentence.match(/(?<=\()\d(?=\))|(?<=near |far |and )\d/g) ?? [])
      claim(pairOf(contact) === within, `${contact} in pair ${within}`);
  if (sentence.includes('as if one end followed T568A'))
    for (const [near, far] of Object.entries(MIXED))
      claim(joined(reading, near, far), `near ${near} at far ${far} of mixed schemes`);
  if (/^Pairs .* are crossed/.test(sentence)) {
    const crossed = /^Pairs ([\d, and]+) are crossed/.exec(sentence)?.[1]?.match(/\d/g) ?? [];
    const told: readonly string[] =
      /with pairs? ([\d, and]+) reversed besides/.exec(sentence)?.[1]?.match(/\d/g) ?? [];
    for (const pair of crossed) {
      const [tip = ''] = PAIRS[pair] ?? [];
      const arrives = new RegExp(`near ${tip} arrives at far (\\w)`).exec(sentence)?.[1];
      const isRing = Object.values(PAIRS).some(([, ring]) => ring === arrives);
      claim(told.includes(pair) === isRing, `pair ${pair} ${isRing ? '' : 'not '}reversed`);
    }
  }
  if (sentence.includes('upside down')) {
    const turned = WIRE_CONTACTS.filter(
      (near) => reading.to.get(near) === String(9 - Number(near)),
    );
    claim(turned.length >= 4, 'upside down');
  }
  if (sentence.startsWith('Nothing goes through'))
    claim(
      reading.nets.every(({ near, far }) => near.length === 0 || far.length === 0),
      'nothing goes through',
    );
  return wrong;
}

const read = (reading: Reading): string[] =>
  inEnglish(
    diagnose({ wiring: T568B, tester: 'pairing', nets: reading.nets, splitPairs: [] }),
  ).faults.flatMap(({ sentence }) => denied(sentence, reading));

function* orders(left: readonly Contact[], chosen: readonly Contact[] = []): Generator<Contact[]> {
  if (left.length === 0) yield [...chosen];
  for (const contact of left)
    yield* orders(
      left.filter((other) => other !== contact),
      [...chosen, contact],
    );
}

describe('Every sentence, read again against the reading,', () => {
  it('is true of all 40 320 orders', () => {
    const wrong = new Set<string>();
    let count = 0;
    for (const order of orders(WIRE_CONTACTS)) {
      count += 1;
      for (const row of read(ofOrder(order))) if (wrong.size < 10) wrong.add(row);
    }
    expect(count).toBe(40_320);
    expect([...wrong]).toEqual([]);
  }, 120_000);

  it('is true of all 384 maps in which pairs stay whole, and three or four reversed pairs are told as such', () => {
    const wrong: string[] = [];
    let maps = 0;
    for (const places of orders(['1', '2', '3', '4']))
      for (let turned = 0; turned < 16; turned += 1) {
        const far = new Map<string, string>();
        places.forEach((place, index) => {
          const [tip, ring] = PAIRS[String(index + 1)] as readonly [string, string];
          const [a, b] = PAIRS[place] as readonly [string, string];
          const isTurned = (turned >> index) % 2 === 1;
          far.set(tip, isTurned ? b : a).set(ring, isTurned ? a : b);
        });
        const reading = ofOrder(WIRE_CONTACTS.map((near) => far.get(near) ?? ''));
        wrong.push(...read(reading));
        maps += 1;
        if (places.join('') !== '1234') continue;
        const { faults } = inEnglish(
          diagnose({
            wiring: T568B,
            tester: 'pairing',
            nets: reading.nets,
            splitPairs: [],
          }),
        );
        expect(faults.map(({ kind }) => kind)).toEqual(
          new Array([...turned.toString(2)].filter((bit) => bit === '1').length).fill(
            'reversed-pair',
          ),
        );
      }
    expect(maps).toBe(384);
    expect(wrong).toEqual([]);
  });

  it('is true of random partitions of both ends', () => {
    const random = seeded(5);
    const wrong = new Set<string>();
    for (let count = 0; count < 4000; count += 1) {
      const near = random.shuffle([...WIRE_CONTACTS]);
      const far = random.shuffle([...WIRE_CONTACTS]);
      const nets: { near: Contact[]; far: Contact[] }[] = [];
      while (near.length + far.length > 0)
        nets.push({
          near: near.splice(0, random.below(3)).sort(),
          far: far.splice(0, random.below(3)).sort(),
        });
      for (const row of read(readingOf(nets.filter((net) => net.near.length + net.far.length > 0))))
        if (wrong.size < 10) wrong.add(row);
    }
    expect([...wrong]).toEqual([]);
  }, 60_000);

  it('was false of these, and is not any more', () => {
    const told = (nets: readonly Net[]) =>
      inEnglish(diagnose({ wiring: T568B, tester: 'pairing', nets, splitPairs: [] })).faults.map(
        ({ sentence }) => sentence,
      );
    const order = (far: string) => ofOrder([...far] as Contact[]).nets;
    // Pairs 2 and 3 crossed, one of them reversed: no mixture of schemes does that.
    expect(told(order('63145278')).join()).not.toContain('as if one end');
    expect(told(order('36145278'))).toEqual([
      jasmine.stringContaining('as if one end followed T568A and the other T568B'),
    ]);
    expect(told(order('63145278'))[0]).toContain('with pair 2 reversed besides');
    // Contacts 1 and 3 are of two pairs.
    const short = order('12345678').filter(({ near }) => !['1', '3'].includes(near[0] as string));
    expect(
      told([...short, { near: ['1'], far: ['1', '3'] }, { near: ['3'], far: [] }]).join(),
    ).not.toContain('within pair');
    // Four pairs, each reversed in its place.
    expect(told(order('21654387')).length).toBe(4);
    // A cable of two pairs on eight contacts.
    const two = order('12345678').filter(({ near }) =>
      ['1', '2', '3', '6'].includes(near[0] as string),
    );
    expect(told(two)).toEqual([
      'Pairs 1 and 4 are open, both conductors of each (4, 5, 7 and 8): as in a cable or a cord that has only the other pairs.',
    ]);
    expect(conductor('BL').name).toBe('blue');
  });
});
