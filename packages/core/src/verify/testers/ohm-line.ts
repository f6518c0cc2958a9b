import { formatOhm, parseOhm } from '../../units';
import type { EntryLine } from './tester-class';

/** A line that a resistance is put down in: "3.4", "OL". */
export const ohmLine = <Shown>(
  label: string,
  good: number | null,
  shown: (ohm: number | null) => Shown,
): EntryLine<Shown> => ({
  label,
  good: good === null ? 'OL' : formatOhm(Number(good.toPrecision(2))),
  choices: null,
  parse(text) {
    const parsed = parseOhm(text);
    return parsed.ok
      ? { ok: true, value: shown(parsed.ohm) }
      : { ok: false, reason: parsed.reason };
  },
});
