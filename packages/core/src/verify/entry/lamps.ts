import { compareContacts, type Contact } from '../../catalogue';
import { madeWith } from '../circuit/made';
import type { CircuitStep } from '../circuit/lamp-circuit';
import type { Bench } from '../circuit/bench';
import { lightOf, type LampLight, type LampStep } from '../circuit/lamp-step';
import { observe } from '../observe';
import { classOf, procedureOf, type TesterId, type Trial, type TypedLamps } from '../testers';
import { parseWireMap, mapContacts } from '../wire-map-text';

/** A lamp tester on a link: its steps with every lamp, and what a good link shows. */
export interface LampFace {
  readonly trial: Trial;
  readonly steps: readonly { readonly name: string; readonly lamps: readonly string[] }[];
  readonly good: readonly LampStep[];
  /** How it is typed; null where lamps are touched only. */
  readonly typed: TypedLamps | null;
}

/** A face of which nothing was said yet: no lamp lights. */
export const darkSteps = ({ steps }: LampFace): LampStep[] =>
  steps.map(({ name }) => ({ step: name, lit: [], dim: [] }));

/** The face of a tester by what is put to the link; null for one that has no lamps. */
function faceOf(trial: Trial, bench: Bench): LampFace | null {
  const row = classOf(trial);
  const shown = observe(trial, madeWith(bench.wiring, []), bench);
  if (!row.circuit || row.entry.kind !== 'lamps' || shown.method !== 'lamps') return null;
  return {
    trial,
    steps: row.circuit(trial, bench).map(({ name, lamps }) => ({ name, lamps })),
    good: shown.steps,
    typed: row.entry.typed,
  };
}

export const ownFace = (
  circuit: readonly CircuitStep[],
  bench: Bench,
  moved: Trial['moved'] = null,
): LampFace | null => faceOf({ tester: 'own-lamps', circuit, moved }, bench);

export function lampFace(
  id: TesterId,
  bench: Bench,
  moved: Trial['moved'] = null,
): LampFace | null {
  const [trial] = procedureOf({ id }, bench.wiring);
  return trial ? faceOf({ ...trial, moved }, bench) : null;
}

const NEXT: Readonly<Record<LampLight, LampLight>> = { dark: 'lit', lit: 'dim', dim: 'dark' };

/** The step with one lamp taken on: dark, lit, dim, dark. */
export function turnLamp(step: LampStep, lamp: string): LampStep {
  return setLamp(step, lamp, NEXT[lightOf(step, lamp)]);
}

function setLamp({ step, lit, dim }: LampStep, lamp: string, light: LampLight): LampStep {
  const others = (lamps: readonly string[]) => lamps.filter((name) => name !== lamp);
  return {
    step,
    lit: light === 'lit' ? [...others(lit), lamp] : others(lit),
    dim: light === 'dim' ? [...others(dim), lamp] : others(dim),
  };
}

export type ParsedLamps =
  | { readonly ok: true; readonly steps: readonly LampStep[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Reads what lamps showed as it is typed. Pair lamps: the pairs that light, "1 3 4", "2?" for dim. A
 * scan: for each near contact in order the far lamp that lights, as a wire map is typed, and the
 * near lamp is taken to light with it.
 */
export function parseLamps(text: string, face: LampFace, bench: Bench): ParsedLamps {
  return face.typed?.by === 'lamp' ? parsePairs(text, face) : parseScan(text, face, bench);
}

function parsePairs(text: string, { steps }: LampFace): ParsedLamps {
  const { name, lamps } = steps[0] ?? { name: 'all', lamps: [] };
  let step: LampStep = { step: name, lit: [], dim: [] };
  for (const [, number = '', dim] of text.matchAll(/([^\s,?-])(\?)?/g)) {
    const lamp = `pair ${number}`;
    if (!lamps.includes(lamp))
      return {
        ok: false,
        reason: `There is no lamp ‘${number}’. Write the pairs that light, such as 1 3 4; 2? for dim.`,
      };
    step = setLamp(step, lamp, dim ? 'dim' : 'lit');
  }
  return { ok: true, steps: [step] };
}

function parseScan(text: string, { steps }: LampFace, { wiring }: Bench): ParsedLamps {
  const parsed = parseWireMap(text, mapContacts(wiring));
  if (!parsed.ok) return { ok: false, reason: parsed.reason };
  const far = (near: Contact) =>
    parsed.nets.filter((net) => net.near.includes(near)).flatMap((net) => net.far);
  const read = steps.map(({ name, lamps }): LampStep => {
    const lit = [...far(name)]
      .sort(compareContacts)
      .map((contact) => `far ${contact}`)
      .filter((lamp) => lamps.includes(lamp));
    return { step: name, lit: lit.length > 0 ? [`near ${name}`, ...lit] : [], dim: [] };
  });
  return { ok: true, steps: read };
}
