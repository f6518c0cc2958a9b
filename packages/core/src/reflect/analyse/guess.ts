import type { Launch } from '../line/launch';
import type { Joint, Line, Loss, Section } from '../line/line';
import type { Tee } from '../line/ratio';

/** A place on the line where something changes, as supposed while a trace is explained. */
export interface Change {
  /**
   * `step`: another impedance from here on. `series`, `shunt`: a resistance in the way, or across.
   * `tap`: a branch of the same cable. `end`: nothing lies behind.
   */
  readonly kind: 'step' | 'series' | 'shunt' | 'tap' | 'end';
  /** There and back. */
  readonly delayS: number;
  /** What a wave in the cable is thrown back by, −1 to 1. Of a tap it follows from the cable. */
  readonly size: number;
  /** Of a tap: there and back along the branch. */
  readonly stubS: number;
}

/** What a line is supposed to be. */
export interface GuessedLine {
  readonly impedanceOhm: number;
  readonly loss: Loss;
  /** In the order of their delays; only the last may be an end. Behind it the line goes on for ever. */
  readonly changes: readonly Change[];
}

/** All that a trace is supposed to show. */
export interface Guess {
  readonly offsetV: number;
  readonly launch: Launch;
  readonly tee: Tee;
  readonly line: GuessedLine;
}

/** The same guess with other changes on its line. */
export const withChanges = (guess: Guess, changes: readonly Change[]): Guess => ({
  ...guess,
  line: { ...guess.line, changes },
});

const NEARLY = 0.999;

/**
 * What a change is in ohms, on a line of so many: the impedance behind it, what it ends in, or what is in
 * the way or across. Source: (Z − Z0) / (Z + Z0), R / (R + 2 Z0) and −Z0 / (2 R + Z0).
 */
export function ohmOf({ kind, size }: Change, lineOhm: number): number {
  // Past one, which noise may make of an open end, it stays a smooth function of the size.
  const bounded = kind === 'end' ? size : Math.min(NEARLY, Math.max(-NEARLY, size));
  switch (kind) {
    case 'series':
      return (2 * lineOhm * bounded) / (1 - bounded);
    case 'shunt':
      return (-lineOhm * (1 + bounded)) / (2 * (bounded || -1e-6));
    case 'tap':
      return lineOhm;
    case 'step':
    case 'end':
      return (lineOhm * (1 + bounded)) / (1 - bounded || 1e-9);
  }
}

/** The line in the terms that it is worked out in. */
export function lineOf({ impedanceOhm, loss, changes }: GuessedLine): Line {
  const sections: Section[] = [];
  const joints: Joint[] = [];
  let here = impedanceOhm;
  let before = 0;
  for (const change of changes) {
    const { kind, delayS, stubS } = change;
    const ohm = ohmOf(change, here);
    sections.push({ impedanceOhm: here, delayS: Math.max(0, delayS - before) / 2, loss });
    before = delayS;
    if (kind === 'end') return { sections, joints, termination: { kind: 'resistor', ohm } };
    if (kind === 'step') {
      here = ohm;
      joints.push({ kind: 'plain' });
    } else if (kind === 'tap')
      joints.push({ kind, stub: { impedanceOhm: here, delayS: stubS / 2, loss } });
    else joints.push({ kind, ohm });
  }
  // So long that nothing could return from its far end anyway: it is matched.
  sections.push({ impedanceOhm: here, delayS: 0, loss });
  return { sections, joints, termination: { kind: 'matched' } };
}
