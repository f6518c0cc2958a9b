/** Of what is computed: the same again is no news, and nothing is asked or worked out anew for it. */
export const ALIKE = {
  equal: (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b),
};
