export type ParsedOhm =
  /** Null is an open circuit. */
  | { readonly ok: true; readonly ohm: number | null }
  | { readonly ok: false; readonly reason: string };

const OPEN = /^(ol|open|-|∞)$/i;
const NUMBER = /^(\d+(?:[.,]\d*)?|[.,]\d+)\s*(m|k|meg)?\s*(?:ω|Ω|ohms?)?$/iu;
const TIMES: Readonly<Record<string, number>> = { k: 1e3, meg: 1e6 };

/** Reads a resistance as a meter shows it: "5.2", "5,2 Ω", "1.2 k", "300 m" (thousandths), "OL" for open. */
export function parseOhm(text: string): ParsedOhm {
  const typed = text.trim();
  if (OPEN.test(typed)) return { ok: true, ohm: null };
  const [, number, prefix] = NUMBER.exec(typed) ?? [];
  if (number === undefined)
    return {
      ok: false,
      reason: `'${typed}' is not a resistance. Write 5.2 or 1.2 k, OL for open.`,
    };
  const times =
    prefix === undefined ? 1 : prefix === 'M' ? 1e6 : (TIMES[prefix.toLowerCase()] ?? 1e-3);
  return { ok: true, ohm: Number(number.replace(',', '.')) * times };
}
