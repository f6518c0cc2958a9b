/** A cable of which an end is begun is pulled already. */
export const isPulled = (ticks: readonly { readonly done: boolean }[] | undefined): boolean =>
  (ticks ?? []).some(({ done }) => done);
