import type { Contact } from './scheme';

export type OutlineId = string;

export interface Place {
  readonly contact: Contact;
  readonly xMm: number;
  readonly yMm: number;
}

export interface Outline {
  readonly id: OutlineId;
  readonly name: string;
  readonly shape: 'modular' | 'd' | 'round' | 'coaxial' | 'row' | 'jack';
  readonly widthMm: number;
  readonly heightMm: number;
  /** Looking into a socket's mating face, its latch or key down; right and up from the centre. */
  readonly places: readonly Place[];
  /** What tells the two ways round apart, in words. */
  readonly key: string;
  /** Whether it can be put on the wrong way round. */
  readonly turns: boolean;
  /** Seen from one side only: its wires enter where it mates, or it is drawn along its axis. */
  readonly oneSided: boolean;
  /** Whether it has a shell or hood that carries a shield. */
  readonly shell: boolean;
  /** Said with the drawing where the places are not certain for every make. */
  readonly doubt: string | null;
}
