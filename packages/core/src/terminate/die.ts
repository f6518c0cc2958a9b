const NAME = 'hex die';

/** The die of a ferrule as a tool, before its size is known. */
export const DIE = NAME;

/** The same of a size, mm. */
export const dieOf = (mm: number): string => `${NAME} ${mm} mm`;

const OF_A_SIZE = new RegExp(`^${NAME} ([\\d.]+) mm$`);

/** The size of a die, mm; null for any other tool. */
export function dieMm(tool: string): number | null {
  const size = OF_A_SIZE.exec(tool)?.[1];
  return size === undefined ? null : Number(size);
}

export const isDie = (tool: string): boolean => dieMm(tool) !== null;
