import { compareContacts } from '../../catalogue';
import { tell } from '../messages';
import { few, shownForm } from './form';

/** Which core is on which contact, and where eyes see something else that is wrong. */
export const COLOURS = shownForm({
  method: 'colours',
  gives: { cores: 'colours', flaws: 'flaws' },
  key: ({ cores, flaws }) =>
    [...cores]
      .map(([contact, core]) => `${contact}=${core}`)
      .sort()
      .concat(flaws ? [`flaws ${[...flaws].sort().join('+')}`] : [])
      .join(),
  words({ cores, flaws }, good) {
    const names = [...cores]
      .filter(([contact, core]) => good.cores.get(contact) !== core)
      .sort(([a], [b]) => compareContacts(a, b))
      .map(([contact, core]) => tell('shows-core', { core, contact }));
    const seen = flaws?.length ? [tell('shows-flaws', { contacts: flaws })] : [];
    return few([...seen, ...names]);
  },
  ownWords: true,
  told: (there, told) => ({
    ...there,
    cores: new Map([...there.cores].filter(([contact]) => told.cores.has(contact))),
    // Whether something is to be seen is a matter of chance: it is weighed, not compared.
    flaws: told.flaws,
  }),
});
