import { conductor } from '../../catalogue';
import { ENDS, type End, type Wiring } from '../../link';
import type { ShownBy } from '../shown';
import { tell } from '../messages';
import { NEVER_SEEN, testerClass, type Parsed } from './tester-class';

const look = (end: End) => ({ tester: 'look', end, moved: null }) as const;

export const LOOK = testerClass({
  id: 'look',
  name: 'Reading the colours at an end',
  short: 'Look',
  method: 'colours',
  subject: 'any',
  how: 'The order of the colours in the connector is read against the order that was meant.',
  far: 'nothing',
  minutes: 1,
  blindTo: ['open', 'short', ...NEVER_SEEN],
  shows: 'once',
  isOnLive: false,
  caution: '',
  put: { end: 'end' },
  isWatched: false,
  seesJoints: false,
  tellsPlaces: true,
  isWhole: false,
  opensEnd: true,
  observe: ({ end }, link) => ({ method: 'colours', cores: link.coresAt(end), flaws: null }),
  procedure: () => ENDS.map(look),
  candidates: () => ENDS.map(look),
  endOf: ({ end }) => end,
  order: ({ end }) => tell('order-look', { end }),
  entry: {
    kind: 'line-a-trial',
    line: ({ end }, good, { wiring }) => ({
      label: `${end} end, colours from its first contact on`,
      good: [...good.cores.values()].join(' '),
      choices: null,
      parse: (text) => coloursOf(text, wiring, end, good),
    }),
  },
});

function coloursOf(
  text: string,
  wiring: Wiring,
  end: End,
  good: ShownBy<'colours'>,
): Parsed<ShownBy<'colours'>> {
  const cores = new Set(wiring[end].contacts.flatMap(({ core }) => core ?? []));
  const contacts = [...good.cores.keys()];
  const words = text.trim().split(/[\s,]+/);
  const named = words.map((word) =>
    [...cores].find((core) => core.toUpperCase() === word.toUpperCase()),
  );
  const strange = words[named.indexOf(undefined)];
  if (strange !== undefined)
    return {
      ok: false,
      reason: `‘${strange}’ is none of this cable’s colours: ${[...cores].map((core) => `${core} ${conductor(core).name}`).join(', ')}.`,
    };
  if (words.length !== contacts.length)
    return { ok: false, reason: `${words.length} of ${contacts.length} colours are there.` };
  return {
    ok: true,
    value: {
      method: 'colours',
      cores: new Map(contacts.map((contact, index) => [contact, named[index] ?? ''])),
      flaws: null,
    },
  };
}
