import type { ConductorId } from '../catalogue';
import { message, type Message } from './message';

/** What is told everywhere. Lengths at the bench are in mm. */
export interface CommonMessages {
  /** Nothing: an empty place in a sentence. */
  readonly nothing: object;
  /** One sentence after the other. */
  readonly sentences: { readonly of: readonly Message[] };
  /** Alternatives: "this or that". */
  readonly either: { readonly of: readonly Message[] };
  /** A thing called by its own name, in the words of whoever named it. */
  readonly name: { readonly name: string };
  /** A conductor by its colours; what has none, by its contact. */
  readonly conductor: { readonly core: ConductorId };
  /** Conductors one after the other. */
  readonly conductors: { readonly cores: readonly ConductorId[] };
  /** A cut or another size at the bench; in inches it may be named by what is so near. */
  readonly cut: { readonly mm: number; readonly nearMm?: number | undefined };
  readonly 'cut-within': { readonly mm: number; readonly toleranceMm: number };
  /** A size as sheets have it. */
  readonly sheet: { readonly mm: number };
  readonly gauge: { readonly awg: number };
  readonly ohm: { readonly ohm: number };
  readonly cores: { readonly count: number };
  /** From one size to another. */
  readonly range: { readonly min: Message; readonly max: Message };
  readonly 'at-most': { readonly most: Message };
}

export const common = message<CommonMessages>();

export const NOTHING: Message = common('nothing', {});

/** Sentences one after the other, without those that say nothing. */
export function sentences(of: readonly Message[]): Message {
  const told = of.filter(({ code }) => code !== 'nothing');
  return told.length === 1 && told[0] ? told[0] : common('sentences', { of: told });
}
