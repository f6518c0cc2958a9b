import { findCable, findConnector } from '@near-spoke/core/catalogue';
import * as z from 'zod';

export const id = z.uuid();
/** A time with its zone, written as ISO 8601 in UTC: one spelling, so that times compare as text. */
export const instant = z.iso
  .datetime({ offset: true })
  .transform((text) => new Date(text).toISOString())
  .pipe(z.iso.datetime());
export const version = z.int().positive();
export const end = z.enum(['near', 'far']);
export const scheme = z.enum(['T568A', 'T568B']).meta({ id: 'Scheme' });
export const contact = z
  .enum(['1', '2', '3', '4', '5', '6', '7', '8', 'S'])
  .meta({ id: 'Contact', description: 'A contact of an 8P8C connector; S is the shield.' });

/** Text of one line, trimmed, without control characters. */
export const line = (most: number) =>
  z
    .string()
    .trim()
    .max(most)
    // eslint-disable-next-line no-control-regex -- control characters are just what is refused
    .regex(/^[^\u0000-\u0008\u000b\u000c\u000e-\u001f]*$/, 'has control characters');
export const filled = (most: number) => line(most).pipe(z.string().min(1, 'must not be empty'));

export const cableId = z.string().refine((value) => findCable(value) !== undefined, {
  error: 'is not a cable of the catalogue (see /api/catalogue/cables)',
});
export const connectorId = z.string().refine((value) => findConnector(value) !== undefined, {
  error: 'is not a connector of the catalogue (see /api/catalogue/connectors)',
});
export const author = filled(80).meta({ description: 'Who did it, by role: "tech 1".' });
