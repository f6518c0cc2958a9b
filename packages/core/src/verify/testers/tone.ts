import { wireContacts } from '../../link';
import { tell } from '../messages';
import { NEVER_SEEN, testerClass } from './tester-class';

const tone = (from: string) => ({ tester: 'tone', from, moved: null }) as const;

export const TONE = testerClass({
  id: 'tone',
  name: 'Tone and probe',
  short: 'Tone',
  method: 'tone',
  subject: 'any',
  how: 'A tone on one near contact is heard at the far contacts that it reaches.',
  far: 'someone',
  minutes: 1,
  blindTo: [...NEVER_SEEN],
  shows: 'all-the-time',
  isOnLive: false,
  caution: '',
  put: { moved: 'moved', from: 'contact' },
  isWatched: false,
  seesJoints: true,
  tellsPlaces: false,
  isWhole: false,
  opensEnd: false,
  observe: ({ from }, link) => ({
    method: 'tone',
    heard: [...(link.nets().find(({ near }) => near.includes(from))?.far ?? [])],
  }),
  procedure: ({ near }) => wireContacts(near).map(tone),
  candidates: ({ contacts }) => contacts('near').map(tone),
  endOf: () => 'far',
  order: ({ from }) => tell('order-tone', { from }),
  items: ({ from }, { heard }) => [{ tags: [`n:${from}`], value: heard.join() }],
  entry: {
    kind: 'line-a-trial',
    line: ({ from }, { heard }, { wiring }) => ({
      label: `tone on near ${from}`,
      good: heard.join(' ') || '-',
      choices: null,
      parse(text) {
        const named = text === '-' ? [] : text.toUpperCase().split(/[\s,]+/);
        const strange = named.find((name) => !wireContacts(wiring.far).includes(name));
        return strange === undefined
          ? { ok: true, value: { method: 'tone', heard: named } }
          : { ok: false, reason: `The far end has no contact ${strange}. Write - for none.` };
      },
    }),
  },
});
