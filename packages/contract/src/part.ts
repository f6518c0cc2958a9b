import {
  CABLE_FAMILIES,
  CABLE_PARTS,
  CONNECTOR_FAMILIES,
  CUT_LAYERS,
  OUTLINES,
  WIRING_RULES,
} from '@near-spoke/core/catalogue';
import * as z from 'zod';
import { endpoints, versionSeen } from './endpoint';
import { contact, filled, id, jacket, line, version } from './primitives';
import type { Shared } from './shared';

const mm = z.number().min(1e-3).max(1000);
const awg = z.number().min(0).max(50);
const range = z
  .strictObject({ min: z.number().nonnegative().max(1000), max: z.number().positive().max(1000) })
  .refine(({ min, max }) => min <= max, 'begins above its end');
const outlineIds = OUTLINES.map((row) => row.id) as [string, ...string[]];

const cableRow = z
  .strictObject({
    id: z.string(),
    name: filled(120),
    family: z.enum(CABLE_FAMILIES),
    grade: filled(80),
    stranding: z.enum(['solid', 'stranded']),
    shield: z.enum(['none', 'foil', 'braid']),
    parts: z.array(z.enum(CABLE_PARTS)).max(8),
    cores: z
      .array(
        z.strictObject({
          id: filled(12),
          pair: z.int().positive().nullable(),
          member: z.enum(['tip', 'ring']).nullable(),
        }),
      )
      .min(1)
      .max(100),
    gaugeAwg: awg,
    conductorMm: mm,
    insulationMm: mm,
    jacketMm: mm,
    pitchMm: mm.nullable(),
    impedanceOhm: z.number().min(1e-3).max(10_000).nullable(),
    environment: jacket,
    generic: z.boolean(),
  })
  .refine(({ conductorMm, insulationMm }) => conductorMm < insulationMm, {
    path: ['insulationMm'],
    error: 'is not thicker than its conductor',
  })
  .refine(({ insulationMm, jacketMm }) => insulationMm < jacketMm, {
    path: ['jacketMm'],
    error: 'is not thicker than a core',
  });

const connectorRow = z
  .strictObject({
    id: z.string(),
    name: filled(120),
    family: z.enum(CONNECTOR_FAMILIES),
    gender: z.enum(['plug', 'socket', 'joint']),
    shielded: z.boolean(),
    accepts: z.strictObject({
      families: z.array(z.enum(CABLE_FAMILIES)).min(1),
      jacketMm: range.nullable(),
      insulationMm: range.nullable(),
      conductorMm: range.nullable(),
      gaugeAwg: range.nullable(),
      stranding: z.array(z.enum(['solid', 'stranded'])).min(1),
      cores: range.nullable(),
      pitchMm: mm.nullable(),
    }),
    cuts: z
      .array(
        z.strictObject({
          layer: z.enum(CUT_LAYERS),
          fromEndMm: z.number().nonnegative().max(2000),
          fromDatumMm: z.number().nonnegative().max(2000),
          toleranceMm: z.number().nonnegative().max(100),
        }),
      )
      .max(6),
    untwistMm: mm.nullable(),
    wiring: z.enum(WIRING_RULES),
    contacts: z.array(contact).max(100),
    pairs: z.array(z.tuple([contact, contact])).max(50),
    bell: z
      .strictObject({ contact, pair: z.int().positive(), member: z.enum(['tip', 'ring']) })
      .nullable(),
    turns: z.boolean(),
    outline: z.enum(outlineIds).nullable(),
    slots: z
      .array(
        z.strictObject({
          row: z.enum(['upper', 'lower', 'single']),
          place: z.int().positive(),
          contact,
        }),
      )
      .max(100),
    impedanceOhm: z.number().min(1e-3).max(10_000).nullable(),
    weatherproof: z.boolean(),
    dieMm: mm.nullable(),
    traits: z.array(line(40)).max(10),
    generic: z.boolean(),
  })
  .refine(({ contacts }) => new Set(contacts).size === contacts.length, {
    path: ['contacts'],
    error: 'names a contact twice',
  });

const fields = {
  kind: z.enum(['cable', 'connector']),
  cable: cableRow.nullable(),
  connector: connectorRow.nullable(),
  /** Where the sizes come from: the maker's sheet, a measurement. */
  source: line(300),
};

const oneRow = (
  { kind, cable, connector }: { kind: string; cable: unknown; connector: unknown },
  context: z.RefinementCtx,
) => {
  if ((kind === 'cable') !== (cable !== null) || (kind === 'connector') !== (connector !== null))
    context.addIssue({ code: 'custom', path: [kind], message: 'must be there, and only it' });
};

export const partInput = z
  .strictObject({
    id: id.optional(),
    kind: fields.kind,
    cable: fields.cable.default(null),
    connector: fields.connector.default(null),
    source: fields.source.default(''),
  })
  .superRefine(oneRow)
  .meta({ id: 'PartInput', description: 'A cable or connector of your own, from its sheet.' });

export const partPatch = z
  .strictObject({
    version,
    cable: fields.cable.optional(),
    connector: fields.connector.optional(),
    source: fields.source.optional(),
  })
  .meta({ id: 'PartPatch' });

export const part = z.object({ id, ...fields, away: z.boolean(), version }).meta({ id: 'Part' });
export const partList = z.object({ parts: z.array(part) }).meta({ id: 'PartList' });

export type Part = Shared<z.output<typeof part>>;
export type PartInput = Shared<z.input<typeof partInput>>;
export type PartPatch = Shared<z.input<typeof partPatch>>;

/** A stored part as the catalogue's row; its id there is the part's own. */
export function rowsOfParts(parts: readonly Part[]) {
  return {
    cables: parts.flatMap(({ id: own, cable }) => (cable ? [{ ...cable, id: own }] : [])),
    connectors: parts.flatMap(({ id: own, connector }) =>
      connector ? [{ ...connector, id: own }] : [],
    ),
    away: new Set(parts.flatMap(({ id: own, away }) => (away ? [own] : []))),
  };
}

export const partEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/parts',
    summary: 'Cables and connectors of your own, those put away too',
    answer: partList,
  },
  add: {
    method: 'post',
    path: '/api/parts',
    summary: 'Add a cable or connector',
    body: partInput,
    status: 201,
    answer: part,
  },
  change: {
    method: 'patch',
    path: '/api/parts/{id}',
    of: 'part',
    summary: 'Change a cable or connector of your own',
    body: partPatch,
    answer: part,
  },
  putAway: {
    method: 'delete',
    path: '/api/parts/{id}',
    of: 'part',
    summary: 'Put a part away: links keep it, it is offered no more',

    status: 204,
    query: versionSeen,
  },
  restore: {
    method: 'post',
    path: '/api/parts/{id}/restore',
    of: 'part',
    summary: 'Offer a part again that was put away',
    answer: part,
  },
});
