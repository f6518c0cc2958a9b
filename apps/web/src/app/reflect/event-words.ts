import type { TraceEvent } from '@near-spoke/core/reflect/analyse';

/** What each kind is called, and what it is on a cable. */
export const EVENT_WORDS: Readonly<
  Record<TraceEvent['kind'] | 'hand', { name: string; what: string }>
> = {
  open: { name: 'Open', what: 'The cable ends here with nothing on it, or is cut through.' },
  short: { name: 'Short', what: 'Both conductors touch here, or the end is shorted.' },
  rise: { name: 'Impedance rises', what: 'Spread or untwisted pair, other cable, a bad splice.' },
  drop: { name: 'Impedance drops', what: 'Water, a crush, or other cable.' },
  series: { name: 'Resistance in the way', what: 'A corroded or loose joint.' },
  tap: { name: 'Something across', what: 'A branch, or a leak between the conductors.' },
  matched: { name: 'Matched end', what: 'The far end gives nothing back.' },
  hand: { name: 'Put by hand', what: 'You put it here with a cursor.' },
  ghost: { name: 'Repeat', what: 'An echo that went to and fro: no place on the cable.' },
};

/** How sure a kind is, in words. */
export function surely(confidence: number): string {
  if (confidence >= 0.95) return 'sure';
  return confidence >= 0.75 ? 'likely' : 'not told apart from other kinds';
}
