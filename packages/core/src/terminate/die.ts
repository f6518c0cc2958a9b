const NAME = 'hex die';

/** The die of a ferrule as a tool, before its size is filled in. */
export const DIE = `${NAME} {die}`;

/** A die of whatever size. */
export const ANY_DIE = new RegExp(`^${NAME}\\b`);

export const isDie = (tool: string): boolean => ANY_DIE.test(tool);
