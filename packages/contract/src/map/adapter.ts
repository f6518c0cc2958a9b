import { DECISIONS, SUBJECTS } from '@near-spoke/core/map';
import * as z from 'zod';
import { endpoints, versionSeen } from '../endpoint';
import { factKind } from '../fact-kind';
import { probeReading, solution, solveOptions, walkTies } from './solve';
import { keptPort, port } from './port';
import { cableId, filled, id, instant, keptFact, line, sentFact, version } from '../primitives';
import type { Shared } from '../shared';

const fields = {
  name: filled(80),
  note: line(500),
  near: port,
  far: port,
  cable: cableId.nullable(),
  options: solveOptions,
  /** The link that this adapter is; a link is one adapter at most. */
  linkId: id.nullable(),
};

export const adapterInput = z
  .strictObject({
    ...fields,
    id: id.optional(),
    note: fields.note.default(''),
    cable: fields.cable.default(null),
    options: solveOptions.prefault({}),
    linkId: fields.linkId.default(null),
  })
  .meta({ id: 'AdapterInput' });

export const adapterPatch = z
  .strictObject({ ...z.strictObject(fields).partial().shape, version })
  .meta({ id: 'AdapterPatch' });

export const adapter = z
  .object({ ...fields, near: keptPort, far: keptPort, id, version, away: z.boolean() })
  .meta({ id: 'Adapter' });

export const adapterList = z.object({ adapters: z.array(adapter) }).meta({ id: 'AdapterList' });

export const adapterDeed = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('test'),
    stepId: filled(120),
    pass: z.boolean(),
    readV: z.number().min(-1000).max(1000).nullable().default(null),
  }),
  z.strictObject({ kind: z.literal('probe'), subject: z.enum(SUBJECTS), probe: probeReading }),
  z.strictObject({
    kind: z.literal('walk'),
    subject: z.enum(SUBJECTS),
    far: walkTies,
    near: walkTies.nullable().default(null),
  }),
  z.strictObject({
    kind: z.literal('difference'),
    differenceId: filled(200),
    decision: z.enum(DECISIONS),
    note: line(300).default(''),
  }),
  z.strictObject({ kind: z.literal('restart'), subject: z.enum(SUBJECTS) }),
]);

export const adapterFactInput = z
  .strictObject({ ...sentFact, at: instant.optional(), deed: adapterDeed })
  .meta({ id: 'AdapterFactInput' });

export const adapterFact = z
  .object({ ...keptFact, adapterId: id, at: instant, deed: adapterDeed })
  .meta({ id: 'AdapterFact' });

export const adapterFactList = z
  .object({ facts: z.array(adapterFact) })
  .meta({ id: 'AdapterFactList' });

export const FILE_FORMAT = 'near-spoke-adapter';

/**
 * An adapter as a file of its own: an open format. `nets` tells a reader without our solver what is
 * joined; it is worked out again when the file is read.
 */
export const adapterFile = z
  .strictObject({
    format: z.literal(FILE_FORMAT),
    formatVersion: z.literal(1),
    name: fields.name,
    note: fields.note.default(''),
    near: port,
    far: port,
    cable: fields.cable.default(null),
    options: solveOptions.prefault({}),
    nets: solution.shape.nets.optional(),
  })
  .meta({ id: 'AdapterFile' });

export type Adapter = Shared<z.output<typeof adapter>>;
export type AdapterInput = Shared<z.input<typeof adapterInput>>;
export type AdapterPatch = Shared<z.input<typeof adapterPatch>>;
export type AdapterFact = Shared<z.output<typeof adapterFact>>;
export type AdapterFile = Shared<z.output<typeof adapterFile>>;

export const adapterEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/adapters',
    summary: 'The firm’s adapters, those put away too',
    answer: adapterList,
  },
  keep: {
    method: 'post',
    path: '/api/adapters',
    summary: 'Keep an adapter',
    body: adapterInput,
    status: 201,
    answer: adapter,
  },
  read: {
    method: 'post',
    path: '/api/adapters/import',
    summary: 'Keep an adapter from a file',
    body: adapterFile,
    status: 201,
    answer: adapter,
  },
  one: {
    method: 'get',
    path: '/api/adapters/{id}',
    of: 'adapter',
    summary: 'One adapter',
    answer: adapter,
  },
  change: {
    method: 'patch',
    path: '/api/adapters/{id}',
    of: 'adapter',
    summary: 'Change an adapter',
    body: adapterPatch,
    answer: adapter,
  },
  putAway: {
    method: 'delete',
    path: '/api/adapters/{id}',
    of: 'adapter',
    summary: 'Put an adapter away',

    status: 204,
    query: versionSeen,
  },
  restore: {
    method: 'post',
    path: '/api/adapters/{id}/restore',
    of: 'adapter',
    summary: 'Take an adapter back that was put away',
    answer: adapter,
  },
  facts: {
    method: 'get',
    path: '/api/adapters/{id}/facts',
    of: 'adapter',
    summary: 'What was measured and decided, oldest first',
    answer: adapterFactList,
  },
  keepFact: {
    method: 'post',
    path: '/api/adapters/{id}/facts',
    of: 'adapter',
    summary: 'Keep a measurement or decision',
    body: adapterFactInput,
    status: 201,
    answer: adapterFact,
  },
  cardPdf: {
    method: 'get',
    path: '/api/adapters/{id}/card.pdf',
    of: 'adapter',
    summary: 'The page that goes with the adapter',
    answer: 'application/pdf',
  },
  cardSvg: {
    method: 'get',
    path: '/api/adapters/{id}/card.svg',
    of: 'adapter',
    summary: 'The same as a drawing',
    answer: 'image/svg+xml',
  },
  netsCsv: {
    method: 'get',
    path: '/api/adapters/{id}/nets.csv',
    of: 'adapter',
    summary: 'The table contact, signal, core',
    answer: 'text/csv',
  },
  file: {
    method: 'get',
    path: '/api/adapters/{id}/file.json',
    of: 'adapter',
    summary: 'The adapter as a file',
    answer: adapterFile,
  },
  subcircuit: {
    method: 'get',
    path: '/api/adapters/{id}/subcircuit.cir',
    of: 'adapter',
    summary: 'The joined nets as a SPICE subcircuit',
    answer: 'text/plain',
  },
});

export const adapterKind = factKind({
  fact: adapterFact,
  keep: adapterEndpoints.keepFact,
  lists: { adapter: adapterEndpoints.facts },
  subject: 'adapterId',
  at: 'at',
  said: ({ deed }) =>
    'stepId' in deed ? `${deed.stepId}: ${deed.pass ? 'pass' : 'fail'}` : deed.kind,
});
