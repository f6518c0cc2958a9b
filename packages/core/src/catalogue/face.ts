import type { Connector } from './connector';
import { WIRE_CONTACTS, type Contact } from './scheme';

/** Which side of a connector is seen, and which way up its latch is. */
export interface FaceView {
  readonly side: 'mating' | 'wiring';
  readonly latch: 'down' | 'up';
}

export interface FaceContact {
  readonly contact: Contact;
  /** From the centre of the row of contacts, right and up, in mm, as the viewer sees it. */
  readonly xMm: number;
  readonly yMm: number;
}

/** Centre distance of neighbouring contacts, mm. Source: IEC 60603-7 (0.040 in). */
export const CONTACT_PITCH_MM = 1.02;

/** Outline of a plug's nose for drawing, mm: width after IEC 60603-7, height generic. */
export const PLUG_NOSE_MM = { width: 11.68, height: 6.6 } as const;

/**
 * Contacts of an 8P8C connector as seen in a view. One table, every view computed: looking into a
 * socket's mating face with the latch down and the contacts above it, contact 1 is on the left
 * (IEC 60603-7); the other side of the same part, and the same side of its mate, are its mirror
 * images; latch up is a half turn.
 */
export function faceContacts(part: Pick<Connector, 'gender'>, view: FaceView): FaceContact[] {
  const mirrored = (part.gender === 'plug') !== (view.side === 'wiring');
  const turned = view.latch === 'up';
  const direction = mirrored === turned ? 1 : -1;
  return WIRE_CONTACTS.map((contact, index) => ({
    contact,
    xMm: direction * (index - 3.5) * CONTACT_PITCH_MM,
    yMm: (turned ? -1 : 1) * (PLUG_NOSE_MM.height / 2 - 1),
  }));
}

/** The view in words, for the label beside every drawing. */
export function describeView(part: Pick<Connector, 'gender'>, view: FaceView): string {
  const side =
    part.gender === 'plug'
      ? { mating: 'Looking into the nose', wiring: 'Looking from the cable end' }[view.side]
      : { mating: 'Looking into the opening', wiring: 'Looking at the wiring side' }[view.side];
  return `${side}, latch ${view.latch}`;
}
