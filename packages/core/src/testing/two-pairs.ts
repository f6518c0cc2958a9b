import { fourPairWiring, type Wiring } from '../link';

/** Two pairs of a cord: small enough to look at every case. */
export const TWO_PAIRS: Wiring = (() => {
  const { near, far } = fourPairWiring('T568B', 'T568B');
  const only = (end: typeof near) => ({
    ...end,
    contacts: end.contacts.filter(({ contact }) => ['1', '2', '3', '6'].includes(contact)),
  });
  return { near: only(near), far: only(far) };
})();
