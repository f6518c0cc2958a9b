import { NOTHING, common, sentences, type Message } from '../../message';
import type { End } from '../../link';
import type { RemakeCause } from '../../terminate';
import { tell, type AdapterDeed, type Where } from '../messages';
import { diagnosisOf, type TakenReading, type TakenTest } from '../tested';

/** What of a fact is told in one line. */
export interface LinedFacts {
  readonly tick: { readonly end: End; readonly done: boolean; readonly cause: RemakeCause | '' };
  readonly reading: TakenReading & { readonly note: string };
  readonly test: Pick<TakenTest, 'summary'> & { readonly note: string };
  readonly trace: { readonly name: string };
  readonly note: { readonly where: Where; readonly text: string };
  readonly photo: { readonly where: Where; readonly text: string };
  readonly cord: { readonly label: string; readonly summary: string };
  readonly cable: {
    readonly cable: string;
    readonly reel: string;
    readonly deed:
      | { readonly kind: 'place'; readonly sentence: string }
      | { readonly kind: 'velocity'; readonly velocityFactor: { readonly value: number } }
      | { readonly kind: 'reel'; readonly leftM: { readonly value: number } }
      | { readonly kind: 'got' | 'cut'; readonly lengthM: number }
      | { readonly kind: 'gone' };
  };
  readonly drawing: {
    readonly deed:
      | { readonly kind: 'picture' | 'way'; readonly name: string }
      | { readonly kind: 'place'; readonly place: string }
      | { readonly kind: 'scale' | 'off' };
  };
  readonly adapter: { readonly deed: { readonly kind: AdapterDeed } };
  readonly void: { readonly summary: string; readonly reason: string };
}

export type LinedFact = {
  readonly [K in keyof LinedFacts]: { readonly kind: K; readonly fact: LinedFacts[K] };
}[keyof LinedFacts];

/** What people wrote, or what was said at the time. */
const own = (name: string): Message => (name === '' ? NOTHING : common('name', { name }));

/** A line stays one: of more faults the first are told. */
const MOST_FAULTS = 2;

type Lines = { readonly [K in keyof LinedFacts]: (fact: LinedFacts[K], count: number) => Message };

const LINES: Lines = {
  tick: ({ end, done, cause }, count) =>
    cause ? tell('remade', { end, cause }) : tell('ticked', { end, done, count }),
  reading: (reading) => {
    const { summary, faults } = diagnosisOf(reading);
    const told = faults.slice(0, MOST_FAULTS).map(({ sentence }) => sentence);
    return sentences([summary, ...told, own(reading.note)]);
  },
  test: ({ summary, note }) => sentences([own(summary), own(note)]),
  trace: ({ name }) => tell('trace-of', { name }),
  note: ({ where, text }) => tell('note-about', { where, text }),
  photo: ({ where, text }) => tell('photo-of', { where, text }),
  cord: ({ label, summary }) => own(`${label}: ${summary}`),
  cable: ({ cable, reel, deed }) => {
    const of = reel === '' ? cable : reel;
    if (deed.kind === 'place') return own(deed.sentence);
    if (deed.kind === 'velocity')
      return tell('velocity-of', { of, velocityFactor: deed.velocityFactor.value });
    if (deed.kind === 'reel') return tell('left-on', { of, leftM: deed.leftM.value });
    return deed.kind === 'gone'
      ? tell('reel-gone', { of })
      : tell('reel-length', { of, what: deed.kind, lengthM: deed.lengthM });
  },
  drawing: ({ deed }, count) => {
    if (count > 1) return tell('drawn-together', { count });
    const name = 'name' in deed ? deed.name : 'place' in deed ? deed.place : '';
    return tell('drawn', { what: deed.kind, name });
  },
  adapter: ({ deed: { kind } }) => tell('adapter-deed', { kind }),
  void: ({ summary, reason }) => tell('taken-back', { summary, reason }),
};

/**
 * What was done, seen or taken back, in one line.
 *
 * @param count how many ticks of the same end, or things drawn, one right after the other, are told together
 */
export function factLine({ kind, fact }: LinedFact, count = 1): Message {
  const line = LINES[kind] as (fact: LinedFacts[keyof LinedFacts], count: number) => Message;
  return line(fact, count);
}
