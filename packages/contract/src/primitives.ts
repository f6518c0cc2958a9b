import { CONTACT_NAME, JACKETS, SCHOOLS, SCHOOL_IDS } from '@near-spoke/core/catalogue';
import { ENTERED } from '@near-spoke/core/closed-sets';
import { LANGUAGE_IDS } from '@near-spoke/words/language-ids';
import * as z from 'zod';

export const id = z.uuid();
/** A time with its zone, written as ISO 8601 in UTC: one spelling, so that times compare as text. */
export const instant = z.codec(z.iso.datetime({ offset: true }), z.iso.datetime(), {
  decode: (text) => new Date(text).toISOString(),
  encode: (text) => text,
});
/** Counts the changes of what is edited; PostgreSQL keeps it as an integer of 32 bits. */
export const version = z.int32().positive();
/** A number in a query, where all is text. */
export const numberText = (schema: z.ZodNumber | z.ZodInt) =>
  z.codec(z.string().regex(/^-?\d+(\.\d+)?(e-?\d+)?$/i, 'is not a number'), schema, {
    decode: Number,
    encode: String,
  });
export const end = z.enum(['near', 'far']);
export const scheme = z.enum(['T568A', 'T568B']).meta({ id: 'Scheme' });
export const contact = z
  .string()
  .regex(CONTACT_NAME, 'is not a contact')
  .meta({ id: 'Contact', description: 'As it stands on the connector; S is the shield or shell.' });

/** Text of one line, trimmed, without control characters. */
export const line = (most: number) =>
  z
    .string()
    .trim()
    .max(most)
    // eslint-disable-next-line no-control-regex -- control characters are just what is refused
    .regex(/^[^\u0000-\u0008\u000b\u000c\u000e-\u001f]*$/, 'has control characters');
export const filled = (most: number) => line(most).pipe(z.string().min(1, 'must not be empty'));

/** The id of a catalogue row, built in or own; whether it exists is asked of the catalogue. */
const partId = z.string().regex(/^[a-z0-9][a-z0-9.-]{0,79}$/, 'is not the id of a part');
export const cableId = partId;
export const connectorId = partId;
export const jacket = z
  .enum(JACKETS)
  .meta({ id: 'Jacket', description: 'Where a jacket is made for, or a cable runs.' });
/** Choices on which good technicians differ, with the reason kept. */
export const schoolChoices = z
  .partialRecord(
    z.enum(SCHOOL_IDS),
    z.strictObject({ choice: line(40), reason: line(300).default('') }),
  )
  .superRefine((choices, context) => {
    for (const [id, row] of Object.entries(choices)) {
      const options = SCHOOLS.find((school) => school.id === id)?.options ?? [];
      if (row && !options.some((option) => option.id === row.choice))
        context.addIssue({
          code: 'custom',
          path: [id, 'choice'],
          message: `is not one of: ${options.map((option) => option.id).join(', ')}`,
        });
    }
  })
  .meta({ id: 'SchoolChoices' });
export const entered = z
  .enum(ENTERED)
  .meta({ id: 'Entered', description: 'How what a tester showed came into the record.' });
export const author = filled(80).meta({ description: 'Who did it, by role: "tech 1".' });
const device = line(80).meta({ description: 'On which device: "van tablet"; empty if not told.' });
/** What every fact that is sent may say of itself, and what is known of one that is kept. */
export const sentFact = {
  id: id.optional(),
  author: author.default('unnamed'),
  device: device.default(''),
};
export const keptFact = { id, author: z.string(), device: device.default('') };

/** What a site measures in. */
export const units = z.enum(['metric', 'imperial']);
/** The same where nothing belongs to a site: of what is asked. */
export const speaksIn = units
  .default('metric')
  .meta({ description: 'In which the sentences of the answer speak of lengths.' });
/** In which language an answer speaks; a query, so that an address of a page to print can hold it. */
export const language = z
  .enum(LANGUAGE_IDS)
  .default('en')
  .meta({ description: 'In which the sentences of the answer are.' });
export const spoken = z.strictObject({ language });
