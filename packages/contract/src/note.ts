import * as z from 'zod';
import { factKind, linkFactEndpoints } from './fact-kind';
import { filled, id, instant, keptFact, sentFact } from './primitives';
import type { Shared } from './shared';

/** What a note or photo is about on its link. */
export const WHERE = ['near', 'along', 'far'] as const;
export const where = z
  .enum(WHERE)
  .meta({ description: 'At which end it was seen, or along the way between them.' });

const fields = { where, text: filled(1000) };

export const noteInput = z
  .strictObject({ ...sentFact, at: instant.optional(), ...fields })
  .meta({ id: 'NoteInput', description: 'What a person saw or decided on a link, in own words.' });

export const note = z
  .object({ ...fields, ...keptFact, linkId: id, at: z.string() })
  .meta({ id: 'Note' });

export type Note = Shared<z.output<typeof note>>;

export const noteEndpoints = linkFactEndpoints('notes', noteInput, note, {
  list: 'What people noted of a link, oldest first',
  keep: 'Note something with a link',
});

export const noteKind = factKind({
  fact: note,
  keep: noteEndpoints.keep,
  lists: { link: noteEndpoints.list },
  subject: 'linkId',
  at: 'at',
  said: ({ text }) => text,
});
