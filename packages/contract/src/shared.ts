/** Data that nobody changes, all through: what core makes is of this kind. */
export type Shared<T> = unknown extends T
  ? T
  : T extends object
    ? { readonly [K in keyof T]: Shared<T[K]> }
    : T;
