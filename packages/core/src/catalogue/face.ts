import type { Connector } from './connector-row';
import { outline, type Place } from './outline';

/** Which side of a connector is seen, and which way up its latch or key is. */
export interface FaceView {
  readonly side: 'mating' | 'wiring';
  readonly latch: 'down' | 'up';
}

export type FaceContact = Place;

type Faced = Pick<Connector, 'gender' | 'outline'>;

/**
 * Contacts of a connector as seen in a view. One table, every view computed: the other side of the same
 * part, and the same side of its mate, are mirror images; latch up is a half turn.
 */
export function faceContacts(part: Faced, view: FaceView): FaceContact[] {
  if (!part.outline) return [];
  const mirrored = (part.gender === 'plug') !== (view.side === 'wiring');
  const turned = view.latch === 'up';
  const across = mirrored === turned ? 1 : -1;
  const along = turned ? -1 : 1;
  return outline(part.outline).places.map(({ contact, xMm, yMm }) => ({
    contact,
    xMm: across * xMm,
    yMm: along * yMm,
  }));
}

/** The view in words, for the label beside every drawing. */
export function describeView(part: Faced, view: FaceView): string {
  const side =
    part.gender === 'plug'
      ? { mating: 'Looking into the nose', wiring: 'Looking from the cable end' }[view.side]
      : { mating: 'Looking into the opening', wiring: 'Looking at the wiring side' }[view.side];
  const row = part.outline ? outline(part.outline) : null;
  if (row?.shape === 'coaxial') return side;
  if (row?.shape === 'row') {
    const left = (faceContacts(part, view)[0]?.xMm ?? 0) < 0;
    return `${side}, contact 1 on the ${left ? 'left' : 'right'}. ${row.doubt ?? ''}`;
  }
  const key = row?.key ?? 'latch';
  // The table has a D-sub's wide row where others have the latch's far side.
  const up = row?.shape === 'd' ? view.latch === 'down' : view.latch === 'up';
  const doubt = row?.doubt ? `. ${row.doubt}` : '';
  return `${side}, ${key} ${up ? 'up' : 'down'}${doubt}`;
}
