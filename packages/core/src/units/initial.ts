/** A text with its first letter as at the start of a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A text with its first letter as within a sentence; a name of one letter, or in capitals, stays. */
export const lower = (text: string): string =>
  /^\p{Lu}\p{Ll}/u.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
