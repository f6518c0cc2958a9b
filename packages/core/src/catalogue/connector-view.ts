import type { Connector } from './connector-row';
import { describeView, faceContacts, type FaceContact, type FaceView } from './face';
import { outline } from './outline';

export interface ConnectorView {
  readonly id: string;
  /** What the viewer sees, for the label that every drawing carries. */
  readonly label: string;
  /** A plan of a plug, a face, a colour card, the rows of a block, or the cores of a joint. */
  readonly kind: 'plan' | 'face' | 'card' | 'block' | 'joint';
  readonly contacts: readonly FaceContact[];
  /** In a plan: whether the contacts or the latch face the viewer. */
  readonly facing?: 'contacts' | 'latch';
}

/** Distance between the rows and the places of a drawn colour card, mm. Generic. */
const SLOT_PITCH_MM = 3.4;
const SINGLE_PITCH_MM = 2;
const ROW_Y_MM = { upper: 3.5, lower: -3.5, single: 3.5 } as const;
/** Rows of a block, mm. Generic. */
const BLOCK_ROW_MM = 2;
const BLOCK_BANK_MM = 16;

const LATCHES = ['down', 'up'] as const;

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
  const faces = (side: FaceView['side']) => LATCHES.map((latch) => face({ side, latch }));
  if (part.family === 'punch-block') return [block(part)];
  const shape = part.outline ? outline(part.outline).shape : null;
  if (shape === null)
    return part.slots.length > 0
      ? [card(part)]
      : [{ id: 'joint', label: 'Core to core, by colour', kind: 'joint', contacts: [] }];
  if (shape === 'coaxial') return [face({ side: 'mating', latch: 'down' })];
  if (part.slots.length > 0) return [card(part), ...faces('mating')];
  if (shape !== 'modular') return [...faces('wiring'), ...faces('mating')];
  const plan = (facing: 'contacts' | 'latch'): ConnectorView => ({
    id: `plan-${facing}`,
    label: `${facing === 'contacts' ? 'Contacts' : 'Latch'} toward you, nose up`,
    kind: 'plan',
    facing,
    contacts: faceContacts(part, { side: 'wiring', latch: facing === 'contacts' ? 'down' : 'up' }),
  });
  return [plan('contacts'), plan('latch'), ...faces('mating')];
}

function card(part: Connector): ConnectorView {
  const places = Math.max(...part.slots.map((slot) => slot.place));
  // Eight in a row stand closer than four.
  const pitchMm = places > 4 ? SINGLE_PITCH_MM : SLOT_PITCH_MM;
  return {
    id: 'card',
    label: `Wiring side, cable toward you. Generic order: ${
      part.wiring === 'four-pair' ? 'the card on yours decides' : 'the marks on yours decide'
    }`,
    kind: 'card',
    contacts: part.slots.map((slot) => ({
      contact: slot.contact,
      xMm: (slot.place - (places + 1) / 2) * pitchMm,
      yMm: ROW_Y_MM[slot.row],
    })),
  };
}

/** Two banks of rows, counted down the left bank and then the right. */
function block(part: Connector): ConnectorView {
  const perBank = Math.ceil(part.contacts.length / 4) * 2;
  return {
    id: 'block',
    label: 'Front of the block, row 1 at the top left, shown in two halves',
    kind: 'block',
    contacts: part.contacts.map((contact, index) => ({
      contact,
      xMm: (Math.floor(index / perBank) - 0.5) * BLOCK_BANK_MM,
      yMm: ((perBank - 1) / 2 - (index % perBank)) * BLOCK_ROW_MM,
    })),
  };
}
