import { CONTACTS, type Contact } from '../catalogue';
import { joinedGroups, type GraphEdge, type Reading } from '../link';

export type ParsedWireMap =
  | { readonly ok: true; readonly nets: Reading }
  | { readonly ok: false; readonly column: number; readonly reason: string };

/**
 * Reads a wire map as typed from a tester's display: for near contacts 1 to 8, in order, the far
 * contact that each one reaches; "-" or "0" where it reaches none; a group in brackets, "(45)", where
 * it reaches several; then "S" or "-" for the shield, if it was tested. "12345678" is a good link.
 */
export function parseWireMap(text: string): ParsedWireMap {
  const edges: GraphEdge[] = [];
  let position = 0;
  let group: Contact[] | null = null;
  const reached = (contacts: readonly Contact[]) => {
    const near = CONTACTS[position] as Contact;
    for (const far of contacts)
      edges.push({ from: { end: 'near', contact: near }, to: { end: 'far', contact: far } });
    position += 1;
  };
  for (const [index, sign] of [...text.toUpperCase()].entries()) {
    const refuse = (reason: string): ParsedWireMap => ({ ok: false, column: index + 1, reason });
    if (/[\s,;]/.test(sign)) continue;
    if (position >= CONTACTS.length) return refuse('There are only eight contacts and the shield.');
    if (sign === '(' && !group) group = [];
    else if (sign === ')' && group) {
      reached(group);
      group = null;
    } else if (CONTACTS.includes(sign as Contact)) {
      if (group) group.push(sign as Contact);
      else reached([sign as Contact]);
    } else if ((sign === '-' || sign === '0') && !group) reached([]);
    else
      return refuse(
        `'${sign}' can’t stand here. Write 1 to 8, S, - for open, or (45) for several.`,
      );
  }
  if (group) return { ok: false, column: text.length + 1, reason: 'The bracket is not closed.' };
  if (position < 8) {
    const reason = `${position} of 8 contacts entered: go on with near contact ${position + 1}.`;
    return { ok: false, column: text.length + 1, reason };
  }
  return { ok: true, nets: joinedGroups(edges) };
}
