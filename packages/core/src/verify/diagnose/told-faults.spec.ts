import type { Told } from '../../message';
import { inEnglish } from '../../testing/in-english';
import { WIRE_CONTACTS, type Contact } from '../../catalogue';
import { fourPairWiring, type Net, type Wiring } from '../../link';
import { seeded } from '../../testing/seeded';
import { diagnose, type Diagnosis } from './diagnose';
import type { Fault } from '../fault';

const WIRINGS: Readonly<Record<string, Wiring>> = {
  straight: fourPairWiring('T568B', 'T568B'),
  'straight, T568A': fourPairWiring('T568A', 'T568A'),
  crossed: fourPairWiring('T568A', 'T568B'),
  shielded: fourPairWiring('T568B', 'T568B', true),
};

const seen = (wiring: Wiring, nets: readonly Net[]): Told<Diagnosis> =>
  inEnglish(diagnose({ wiring, tester: 'pairing', nets, splitPairs: [] }));

/** A link on which so many ends were put on wrong contacts, opened or joined. */
function spoiled(random: ReturnType<typeof seeded>, slips: number): Net[] {
  let nets: Net[] = WIRE_CONTACTS.map((contact) => ({ near: [contact], far: [contact] }));
  for (let slip = 0; slip < slips; slip += 1) {
    const [a, b] = [random.below(nets.length), random.below(nets.length)];
    const [one, other] = [nets[a], nets[b]];
    if (!one || !other) continue;
    if (random.below(3) === 0)
      nets = nets.flatMap((net, index) =>
        index === a && net.near.length > 0 && net.far.length > 0
          ? [
              { near: net.near, far: [] },
              { near: [], far: net.far },
            ]
          : [net],
      );
    else if (a !== b && random.below(2) === 0)
      nets = nets.flatMap((net, index) =>
        index === a
          ? [{ near: [...net.near, ...other.near].sort(), far: [...net.far, ...other.far].sort() }]
          : index === b
            ? []
            : [net],
      );
    else if (a !== b)
      nets = nets.map((net, index) =>
        index === a ? { ...net, far: other.far } : index === b ? { ...net, far: one.far } : net,
      );
  }
  return nets.filter(({ near, far }) => near.length + far.length > 0);
}

/** The contacts that a fault is about, whichever side they lie on. */
const contactsOf = ({ near, far }: Fault): Contact[] => [...new Set([...near, ...far])];
const isWord = (sentence: string, word: string) =>
  new RegExp(`(^|[^\\d])${word}([^\\d]|$)`).test(sentence);

describe('What is said of a reading', () => {
  const random = seeded(11);
  const cases = Object.entries(WIRINGS).flatMap(([name, wiring]) =>
    Array.from({ length: 150 }, (_, index) => ({
      name,
      told: seen(wiring, spoiled(random, 1 + (index % 4))),
    })),
  );

  it('is a sentence for every fault: with its contacts, a capital and a full stop', () => {
    let faults = 0;
    for (const { name, told } of cases)
      for (const fault of told.faults) {
        const { sentence, title } = fault;
        expect(sentence)
          .withContext(name)
          .toMatch(/^[A-Z].*\.$/);
        expect(`${title} ${sentence}`)
          .withContext(name)
          .not.toMatch(/undefined|null|NaN|\{|\}| {2}| ,|,\./);
        const about = contactsOf(fault);
        // Where all are open they are told together, as one cable.
        if (about.length <= 4 && fault.kind !== 'split-pair')
          for (const contact of about.filter((one) => one !== 'S'))
            expect(isWord(sentence, contact))
              .withContext(`${name}: ${contact} in “${sentence}”`)
              .toBeTrue();
        faults += 1;
      }
    expect(faults).toBeGreaterThan(500);
  });

  it('names no contact that a connector of eight does not have', () => {
    for (const { name, told } of cases)
      for (const { sentence } of [...told.faults, ...told.actions])
        for (const number of sentence
          .replace(/T568[AB]/g, '')
          .match(/(?<![\d.])\d+(?![\d.]* ?(?:m|cm|mm|%|Ω|V)\b)/g) ?? [])
          expect([...WIRE_CONTACTS] as string[])
            .withContext(`${name}: ${sentence}`)
            .toContain(number);
  });

  it('ends with something to do wherever something is wrong, and never twice the same', () => {
    for (const { name, told } of cases) {
      if (told.verdict !== 'fail') continue;
      expect(told.actions.length).withContext(name).toBeGreaterThan(0);
      const said = told.actions.map(({ sentence }) => sentence);
      expect(new Set(said).size).withContext(said.join(' ')).toBe(said.length);
      for (const sentence of said) expect(sentence).toMatch(/^[A-Z].*\.$/);
    }
  });

  it('is not good news where a conductor is not where it should be', () => {
    for (const { name, told } of cases)
      if (told.faults.length > 0) {
        expect(told.verdict).withContext(name).toBe('fail');
        expect(told.summary).withContext(name).not.toMatch(/^Good/);
      }
  });
});
