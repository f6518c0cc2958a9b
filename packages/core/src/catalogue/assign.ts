import type { Cable } from './cable';
import { SHIELD, type ConductorId, type Core } from './conductor';
import type { Connector } from './connector-row';
import { SHELL, scheme, type Contact, type SchemeId } from './scheme';
import type { Schools } from './school';

/** A contact with the core that belongs on it; null where the cable has none for it. */
export interface Assigned {
  readonly contact: Contact;
  readonly core: ConductorId | null;
  /** What the core looks like here, where that was measured to differ. */
  readonly looks?: ConductorId | undefined;
  readonly pair: number | null;
  readonly member: 'tip' | 'ring' | null;
}

const empty = (contact: Contact): Assigned => ({ contact, core: null, pair: null, member: null });
const on = (contact: Contact, core: Core | undefined): Assigned =>
  core ? { contact, core: core.id, pair: core.pair, member: core.member } : empty(contact);

/**
 * Which core of a cable belongs on which contact of a connector, in the order in which they lie in it:
 * by T568A or T568B, pair by pair, one after the other, or core to core. A shield that both have is last.
 */
export function assignCores(
  cable: Cable,
  part: Connector,
  schemeId: SchemeId,
  schools: Schools,
): Assigned[] {
  const core = (pair: number, member: 'tip' | 'ring') =>
    cable.cores.find((row) => row.pair === pair && row.member === member);
  const inPairs = (pairs: readonly (readonly [number, Contact, Contact])[]) =>
    part.contacts.map((contact) => {
      const pair = pairs.find(([, tip, ring]) => tip === contact || ring === contact);
      return pair
        ? on(contact, core(pair[0], pair[1] === contact ? 'tip' : 'ring'))
        : empty(contact);
    });
  const rules: Readonly<Record<Connector['wiring'], () => Assigned[]>> = {
    'four-pair': () =>
      inPairs(scheme(schemeId).pairs.map(({ number, tip, ring }) => [number, tip, ring])),
    pairs: () => {
      const paired = inPairs(part.pairs.map(([tip, ring], index) => [index + 1, tip, ring]));
      const { bell } = part;
      return bell && schools.ringing === 'bell-wire'
        ? paired.map((row) =>
            row.contact === bell.contact ? on(bell.contact, core(bell.pair, bell.member)) : row,
          )
        : paired;
    },
    'in-order': () => part.contacts.map((contact, index) => on(contact, cable.cores[index])),
    colour: () => cable.cores.map((wire) => on(wire.id, wire)),
  };
  const shell: Assigned[] =
    part.shielded && cable.shield !== 'none' ? [{ ...empty(SHELL), core: SHIELD }] : [];
  return [...rules[part.wiring](), ...shell];
}

/** The same cores on the contacts from behind, as in the plug that turns a flat cord over. */
export function turnedOver(assigned: readonly Assigned[]): Assigned[] {
  const wires = assigned.filter(({ contact }) => contact !== SHELL);
  const back = [...wires].reverse();
  return assigned.map((row) => {
    const other = back[wires.indexOf(row)];
    return other ? { ...other, contact: row.contact } : row;
  });
}

/** What the wiring of this connector follows, in words. */
export function wiringName(part: Connector, schemeId: SchemeId): string {
  return {
    'four-pair': schemeId,
    pairs: 'pair order',
    'in-order': part.contacts.length === 1 ? 'centre and shell' : 'contact order',
    colour: 'colour to colour',
  }[part.wiring];
}
