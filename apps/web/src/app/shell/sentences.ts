/** A text in two: its first sentence, for the headline, and the rest. */
export function headline(text: string): { readonly first: string; readonly rest: string } {
  const end = /[.:](?=\s+\S)/.exec(text)?.index;
  return end === undefined
    ? { first: text, rest: '' }
    : { first: `${text.slice(0, end)}.`, rest: text.slice(end + 1).trim() };
}
