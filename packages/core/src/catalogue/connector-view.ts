import type { Connector } from './connector';
import { describeView, faceContacts, type FaceContact, type FaceView } from './face';
import type { Contact } from './scheme';

export interface ConnectorView {
  readonly id: string;
  /** What the viewer sees, for the label that every drawing carries. */
  readonly label: string;
  readonly kind: 'plan' | 'face' | 'card';
  readonly contacts: readonly FaceContact[];
  /** In a plan: whether the contacts or the latch face the viewer. */
  readonly facing?: 'contacts' | 'latch';
}

/** Distance between the rows and the places of a drawn colour card, mm. Generic. */
const SLOT_PITCH_MM = 3.4;
const SINGLE_PITCH_MM = 2;
const ROW_Y_MM = { upper: 3.5, lower: -3.5, single: 3.5 } as const;

/**
 * The views in which a connector is drawn, the one that its maker works from first. Plans of a plug
 * have the nose up and the cable toward the viewer's feet: seen so, contacts lie as from the cable end.
 */
export function connectorViews(part: Connector): ConnectorView[] {
  const face = (view: FaceView): ConnectorView => ({
    id: `${view.side}-${view.latch}`,
    label: describeView(part, view),
    kind: 'face',
    contacts: faceContacts(part, view),
  });
  const faces = [face({ side: 'mating', latch: 'down' }), face({ side: 'mating', latch: 'up' })];
  if (part.slots.length > 0) return [card(part), ...faces];
  const plan = (facing: 'contacts' | 'latch'): ConnectorView => ({
    id: `plan-${facing}`,
    label: `${facing === 'contacts' ? 'Contacts' : 'Latch'} toward you, nose up`,
    kind: 'plan',
    facing,
    contacts: faceContacts(part, { side: 'wiring', latch: facing === 'contacts' ? 'down' : 'up' }),
  });
  return [plan('contacts'), plan('latch'), ...faces];
}

function card(part: Connector): ConnectorView {
  const places = Math.max(...part.slots.map((slot) => slot.place));
  // Eight in a row stand closer than four.
  const pitchMm = places > 4 ? SINGLE_PITCH_MM : SLOT_PITCH_MM;
  return {
    id: 'card',
    label: 'Wiring side, cable toward you. Generic slot order: the card on yours decides',
    kind: 'card',
    contacts: part.slots.map((slot) => ({
      contact: slot.contact as Contact,
      xMm: (slot.place - (places + 1) / 2) * pitchMm,
      yMm: ROW_Y_MM[slot.row],
    })),
  };
}
