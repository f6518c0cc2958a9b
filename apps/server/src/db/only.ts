/** The row that a statement just before has made sure of. */
export function only<T>(row: T | undefined): T {
  if (row === undefined) throw new Error('A row that was written is not there');
  return row;
}
