import type { Slot } from './connector-row';
import type { Contact } from './scheme';

export type ParsedSlots =
  | { readonly ok: true; readonly slots: readonly Slot[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Reads a jack's slots as its card shows them, from the left: "5 4 1 2 / 7 8 3 6" for an upper and a
 * lower row, one row alone for a single one. Contacts of one sign may stand without spaces.
 */
export function parseSlots(text: string, contacts: readonly Contact[]): ParsedSlots {
  const short = contacts.every((contact) => contact.length === 1);
  const rows = text
    .toUpperCase()
    .split('/')
    .map((row) => row.match(short ? /[^\s,]/g : /[^\s,]+/g) ?? []);
  if (rows.length > 2) return { ok: false, reason: 'A card has one row or two, separated by “/”.' };
  const named = rows.flat();
  const strange = named.find((contact) => !contacts.includes(contact));
  if (strange !== undefined) return { ok: false, reason: `There is no contact ${strange}.` };
  const missing = contacts.filter(
    (contact) => named.filter((other) => other === contact).length !== 1,
  );
  if (missing.length > 0)
    return { ok: false, reason: `Write each contact once: look at ${missing.join(', ')}.` };
  return {
    ok: true,
    slots: rows.flatMap((row, index) =>
      row.map((contact, place): Slot => ({
        row: rows.length === 1 ? 'single' : index === 0 ? 'upper' : 'lower',
        place: place + 1,
        contact,
      })),
    ),
  };
}

/** Slots as parseSlots reads them back. */
export function writeSlots(slots: readonly Slot[]): string {
  return (['upper', 'single', 'lower'] as const)
    .map((row) =>
      slots
        .filter((slot) => slot.row === row)
        .sort((a, b) => a.place - b.place)
        .map(({ contact }) => contact)
        .join(' '),
    )
    .filter(Boolean)
    .join(' / ');
}
