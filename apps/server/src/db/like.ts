/** A word as it is written in a pattern of LIKE, where it stands for itself. */
export const escaped = (word: string): string => word.replace(/[\\%_]/g, '\\$&');
