import { CONTACT_NAME, findOutline, parseOutline, type Outline } from '@near-spoke/core/catalogue';
import {
  DIRECTIONS,
  LEVEL_IDS,
  PORTS,
  ROLES,
  namedContact,
  withPartners,
  type Port,
  type PortContact,
} from '@near-spoke/core/map';
import * as z from 'zod';
import { contact, filled, line } from '../primitives';

const places = z
  .array(
    z.strictObject({
      contact,
      xMm: z.number().min(-500).max(500),
      yMm: z.number().min(-500).max(500),
    }),
  )
  .min(1)
  .max(100)
  .refine((rows) => new Set(rows.map((row) => row.contact)).size === rows.length, {
    error: 'a contact stands twice',
  })
  .readonly();

const ownOutline = z.strictObject({
  id: line(80),
  name: filled(80),
  shape: z.enum(['modular', 'd', 'round', 'coaxial', 'row', 'jack']),
  widthMm: z.number().min(1e-3).max(1000),
  heightMm: z.number().min(1e-3).max(1000),
  places,
  key: line(60),
  turns: z.boolean(),
  oneSided: z.boolean(),
  shell: z.boolean(),
  doubt: line(200).nullable(),
});

const outlineText = z
  .strictObject({ name: filled(80), text: z.string().max(5000) })
  .transform(({ name, text }, context): Outline => {
    const parsed = parseOutline(text, name);
    if (parsed.ok) return parsed.outline;
    context.addIssue({
      code: 'custom',
      path: ['text'],
      message: `line ${parsed.line}, column ${parsed.column}: ${parsed.reason}`,
    });
    return z.NEVER;
  });

/** A row of the catalogue by its id; or a geometry of one's own, as text or worked out. */
export const connectorRef = z
  .union([
    z.string().refine((id) => findOutline(id) !== undefined, {
      error: 'is not a connector (see /api/catalogue/outlines)',
    }),
    outlineText,
    ownOutline,
  ])
  .meta({
    id: 'ConnectorRef',
    description:
      'A connector’s id, or { name, text } with "grid 2 x 5 pitch 2.54", "circle 7 diameter 7" or a line for each contact: name, mm to the right, mm up, seen into the socket’s mating face.',
  });

export const gender = z.enum(['plug', 'socket']);

const volts = z.number().min(-1000).max(1000);

const thresholds = z.strictObject({
  outLowMinV: volts,
  outLowMaxV: volts,
  outHighMinV: volts,
  outHighMaxV: volts,
  inLowMaxV: volts,
  inHighMinV: volts,
  inMinV: volts,
  inMaxV: volts,
});

const level = z
  .string()
  .refine((id) => LEVEL_IDS.includes(id), { error: `is not one of: ${LEVEL_IDS.join(', ')}` });

const portContact = z
  .strictObject({
    contact,
    signal: line(40),
    role: z.enum(ROLES).optional(),
    direction: z.enum(DIRECTIONS).optional(),
    level: level.nullable().optional(),
    thresholds: thresholds.nullable().optional(),
    volts: volts.nullable().optional(),
    leastV: volts.nullable().optional(),
    mostV: volts.nullable().optional(),
    currentA: z.number().nonnegative().max(1000).nullable().optional(),
    partner: contact.nullable().optional(),
    colour: line(40).optional(),
  })
  .transform(({ contact: name, signal, ...given }): PortContact => {
    const stated = Object.fromEntries(
      Object.entries(given).filter(([, value]) => value !== undefined),
    ) as Partial<PortContact>;
    return namedContact(name, signal, stated);
  });

const portFields = z
  .strictObject({
    id: line(80).default(''),
    name: filled(80).default('Device'),
    connector: connectorRef,
    gender,
    contacts: z.array(portContact).min(1).max(100).readonly(),
    leastSupplyV: volts.nullable().default(null),
    leadAwg: z.number().min(0).max(50).nullable().default(null),
  })
  .superRefine(({ contacts, connector }, context) => {
    const row = typeof connector === 'string' ? findOutline(connector) : connector;
    // A connector that is not known has been told already.
    if (!row) return;
    const known = new Set(row.places.map((place) => place.contact));
    const names = contacts.map((row) => row.contact);
    contacts.forEach((row, index) => {
      const complain = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: ['contacts', index, field], message });
      if (!known.has(row.contact) && row.role !== 'shield')
        complain('contact', `the connector has no contact ${row.contact}`);
      if (names.indexOf(row.contact) !== index) complain('contact', 'stands twice');
      if (row.partner !== null && !names.includes(row.partner))
        complain('partner', `there is no contact ${row.partner}`);
    });
  })
  .transform((port): Port => ({ ...port, contacts: withPartners(port.contacts) }));

const BUILT_IN_PORTS = new Map(PORTS.map((port) => [port.id, port]));

/** A device's connector with what each contact is; or a built-in one by its id. */
export const port = z
  .union([
    z
      .string()
      .refine((id) => BUILT_IN_PORTS.has(id), {
        error: 'is not a built-in port (see /api/catalogue/ports)',
      })
      .transform((id): Port => BUILT_IN_PORTS.get(id) as Port),
    portFields,
  ])
  .meta({
    id: 'Port',
    description: `What is not stated follows from the signal’s name. Contacts: ${CONTACT_NAME.source}.`,
  });

/** The same as it is kept, with all that follows from names worked out. */
export const keptPort = z
  .object({
    id: z.string(),
    name: z.string(),
    connector: z.union([z.string(), ownOutline]),
    gender,
    contacts: z
      .array(
        z.object({
          contact,
          signal: z.string(),
          role: z.enum(ROLES),
          direction: z.enum(DIRECTIONS),
          level: z.string().nullable(),
          thresholds: thresholds.nullish(),
          volts: z.number().nullable(),
          leastV: z.number().nullable(),
          mostV: z.number().nullish(),
          currentA: z.number().nullable(),
          colour: z.string().optional(),
          partner: contact.nullable(),
        }),
      )
      .readonly(),
    leastSupplyV: z.number().nullable(),
    leadAwg: z.number().nullable(),
  })
  .meta({ id: 'PortKept' }) satisfies z.ZodType<Port>;
