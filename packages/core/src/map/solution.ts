import type { ConductorId, Contact } from '../catalogue';
import type { End } from '../link';

/** A contact of one of the adapter's two connectors. */
export interface Spot {
  readonly end: End;
  readonly contact: Contact;
}

/** Contacts that are joined, with the core that joins them. */
export interface Net {
  readonly signal: string;
  readonly near: readonly Contact[];
  readonly far: readonly Contact[];
  /** As it is coloured at the near end; none where all its contacts are at one end. */
  readonly core?: ConductorId;
  /** Its colour at the far end, where that was measured to differ. */
  readonly farCore?: ConductorId;
  /** Further cores beside the first, where one is too thin. */
  readonly more?: readonly ConductorId[];
}

/** A join by hand, or an answer: near with far; null leaves the other one open. */
export interface Join {
  readonly near: Contact | null;
  readonly far: Contact | null;
  /** Of a supply, the end that gives it. */
  readonly feeds?: End | undefined;
}

export interface Choice {
  readonly label: string;
  readonly joins: readonly Join[];
}

/** What the names do not decide. An answer is a choice's joins. */
export interface Question {
  readonly id: string;
  readonly sentence: string;
  readonly choices: readonly Choice[];
}

export const SEVERITIES = ['stop', 'warn', 'note'] as const;
export type Severity = (typeof SEVERITIES)[number];

export interface Finding {
  readonly severity: Severity;
  readonly kind: string;
  readonly near?: readonly Contact[];
  readonly far?: readonly Contact[];
  readonly sentence: string;
  readonly remedy?: string;
}

export const SHIELD_CHOICES = ['near-end', 'far-end', 'both', 'capacitor', 'open'] as const;
export type ShieldChoice = (typeof SHIELD_CHOICES)[number];
export const HANDSHAKES = ['through', 'loop', 'open'] as const;
export type Handshake = (typeof HANDSHAKES)[number];
export const UNUSED = ['insulate', 'cut'] as const;
export type Unused = (typeof UNUSED)[number];

/** A core as its two ends were found to look: two halves of a bought cable may differ. */
export interface MeasuredCore {
  readonly near: ConductorId;
  readonly far: ConductorId;
}

export interface SolveOptions {
  readonly joins: readonly Join[];
  /** Null: by what the ports carry, with the reason. */
  readonly shield: ShieldChoice | null;
  readonly handshake: Handshake;
  readonly unused: Unused;
  /** Null while nobody knows it: then nothing is said about volts lost on the way. */
  readonly lengthM: number | null;
  /** What the cable's cores were measured to be; empty: as the catalogue says. */
  readonly measured: readonly MeasuredCore[];
  /** The copper's temperature, degrees Celsius. */
  readonly temperatureC: number;
}

export const PLAIN_OPTIONS: SolveOptions = {
  joins: [],
  shield: null,
  handshake: 'through',
  unused: 'insulate',
  lengthM: null,
  measured: [],
  temperatureC: 20,
};

export interface Solution {
  readonly nets: readonly Net[];
  /** Contacts that carry something and are joined with nothing. */
  readonly unmatched: Readonly<Record<End, readonly Contact[]>>;
  readonly questions: readonly Question[];
  readonly findings: readonly Finding[];
  /** The sum of the stated costs over the signals that were matched. */
  readonly cost: number;
}

/** What one rule of the solver adds. */
export interface Joined {
  readonly edges: readonly (readonly [Spot, Spot])[];
  readonly questions: readonly Question[];
  readonly findings: readonly Finding[];
}

export const NOTHING_JOINED: Joined = { edges: [], questions: [], findings: [] };

export const near = (contact: Contact): Spot => ({ end: 'near', contact });
export const far = (contact: Contact): Spot => ({ end: 'far', contact });
