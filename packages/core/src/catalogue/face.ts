import type { Connector } from './connector-row';
import { outline, type OutlineRef } from './outline';
import type { Outline, Place } from './outline-row';

/** Which side of a connector is seen, and which way up its latch or key is. */
export interface FaceView {
  readonly side: 'mating' | 'wiring';
  readonly latch: 'down' | 'up';
}

export type FaceContact = Place;

export interface Faced {
  readonly gender: Connector['gender'];
  readonly outline: OutlineRef | null;
}

/**
 * Contacts of a connector as seen in a view. One table, every view computed: the other side of the same
 * part, and the same side of its mate, are mirror images; latch up is a half turn.
 */
export function faceContacts(part: Faced, view: FaceView): FaceContact[] {
  if (!part.outline) return [];
  const row = outline(part.outline);
  const mirrored = !row.oneSided && (part.gender === 'plug') !== (view.side === 'wiring');
  const turned = view.latch === 'up';
  const across = mirrored === turned ? 1 : -1;
  const along = turned ? -1 : 1;
  return row.places.map(({ contact, xMm, yMm }) => ({
    contact,
    xMm: across * xMm,
    yMm: along * yMm,
  }));
}

/** Where contact 1, or the tip, stands in a view, where nothing else tells which way up it is. */
function firstAt(row: Outline, [first]: readonly FaceContact[]): string {
  if (!first) return '';
  const across = first.xMm < 0 ? 'left' : 'right';
  const rows = new Set(row.places.map(({ yMm }) => yMm)).size > 1;
  const along = rows ? (first.yMm > 0 ? 'top ' : 'bottom ') : 'on the ';
  return `${/^[A-Z]$/.test(first.contact) ? 'the tip' : `contact ${first.contact}`} ${along}${across}`;
}

/** The view in words, for the label beside every drawing. */
export function describeView(part: Faced, view: FaceView): string {
  const row = part.outline ? outline(part.outline) : null;
  const side = row?.oneSided
    ? 'Looking at the side where the wires go'
    : part.gender === 'plug'
      ? { mating: 'Looking into the nose', wiring: 'Looking from the cable end' }[view.side]
      : { mating: 'Looking into the opening', wiring: 'Looking at the wiring side' }[view.side];
  if (row?.shape === 'coaxial') return side;
  const doubt = row?.doubt ? `. ${row.doubt}` : '';
  if (row && (row.shape === 'row' || row.shape === 'jack'))
    return `${side}, ${firstAt(row, faceContacts(part, view))}${doubt}`;
  const key = row?.key ?? 'latch';
  // The table has a D-sub's wide row where others have the latch's far side.
  const up = row?.shape === 'd' ? view.latch === 'down' : view.latch === 'up';
  return `${side}, ${key} ${up ? 'up' : 'down'}${doubt}`;
}

/** What mates with a part. */
export const mateOf = (gender: 'plug' | 'socket'): 'plug' | 'socket' =>
  gender === 'plug' ? 'socket' : 'plug';
