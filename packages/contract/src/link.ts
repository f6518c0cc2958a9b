import { LENGTH_HOW } from '@near-spoke/core/link';
import { LINK_STATES } from '@near-spoke/core/closed-sets';
import * as z from 'zod';
import { endpoints, versionSeen } from './endpoint';
import {
  cableId,
  connectorId,
  contact,
  filled,
  id,
  jacket,
  line,
  numberText,
  schoolChoices,
  scheme,
  version,
} from './primitives';
import type { Shared } from './shared';

const linkEnd = z
  .strictObject({
    place: filled(500),
    connector: connectorId,
    scheme: scheme.default('T568B').meta({
      description: 'For an eight-contact connector; others have one order only.',
    }),
  })
  .meta({ id: 'LinkEnd' });

const waypoint = z
  .strictObject({
    name: filled(120),
    atM: z.number().nonnegative().max(100_000),
    extraM: z.number().min(1e-3).max(100_000).optional().meta({
      description: 'Cable that is wound up here, or goes up and down, before it goes on.',
    }),
  })
  .meta({ id: 'Waypoint' });

const lengthM = z.number().min(1e-3).max(100_000).nullable();

const fields = {
  label: filled(500),
  hub: line(500),
  near: linkEnd,
  far: linkEnd,
  cable: cableId,
  lengthM,
  lengthHow: z
    .enum(LENGTH_HOW)
    .optional()
    .meta({ description: 'How the length is known; as scheduled if it is not said.' }),
  route: z.array(waypoint).max(100),
  environment: jacket,
  schools: schoolChoices,
  note: line(500),
};

export const linkInput = z
  .strictObject({
    ...fields,
    id: id.optional(),
    hub: fields.hub.optional(),
    lengthM: lengthM.default(null),
    route: fields.route.default([]),
    environment: fields.environment.default('indoor'),
    schools: fields.schools.default({}),
    note: fields.note.default(''),
  })
  .meta({ id: 'LinkInput' });

export const linkPatch = z
  .strictObject({ version, ...z.object(fields).partial().shape })
  .meta({ id: 'LinkPatch' });

const pins = z.array(z.tuple([contact, z.string(), z.string().optional()]).readonly()).readonly();
const pinout = z.object({ near: pins, far: pins }).meta({
  id: 'Pinout',
  description:
    'Of an adapter: which core is on which contact, and what it looks like there if that differs.',
});

export const link = z
  .object({ id, siteId: id, ...fields, pinout: pinout.nullish(), version })
  .meta({ id: 'Link' });

const endStanding = z.object({
  state: z.enum(['does-not-fit', 'bare', 'begun', 'made']),
  done: z.int(),
  total: z.int(),
});

export const linkSummary = link
  .extend({
    state: z.enum(LINK_STATES),
    next: z.object({ stage: z.enum(['terminate', 'verify', 'record']), sentence: z.string() }),
    ends: z.object({ near: endStanding, far: endStanding }),
    testedAt: z.string().nullable(),
  })
  .meta({ id: 'LinkSummary' });

/** Where a page of a list ends: what to ask after for the next one. */
const next = z
  .string()
  .nullable()
  .meta({ description: 'Ask with ?after= this for the next page; null on the last one.' });

export const linkList = z
  .object({
    links: z.array(linkSummary),
    next,
    total: z.int().meta({ description: 'Links that the question names, on all pages.' }),
  })
  .meta({ id: 'LinkList' });

const after = numberText(z.int().nonnegative())
  .optional()
  .meta({ description: 'The next of the page before.' });
const upTo = (most: number, usual: number) =>
  numberText(z.int().min(1).max(most))
    .default(usual)
    .meta({ description: `Rows on a page, ${most} at most.` });

export const linkQuery = z.strictObject({
  after,
  limit: upTo(1000, 500),
  q: z.string().max(200).optional().meta({
    description: 'Words that a link has in its label, hub, places, cable or note.',
  }),
  hub: z.string().max(500).optional().meta({ description: 'Of this hub.' }),
  state: z.enum(LINK_STATES).optional().meta({ description: 'In this state.' }),
});

const placed = linkEnd.omit({ scheme: true }).extend({ scheme });
const made = z.object({ state: endStanding.shape.state });

/** A link as a list of very many has it: what it is sorted, found and drawn by. */
export const linkRow = z
  .object({
    id,
    label: z.string(),
    hub: z.string(),
    near: placed,
    far: placed,
    cable: z.string(),
    lengthM: z.number().nullable(),
    note: z.string(),
    state: z.enum(LINK_STATES),
    ends: z.object({ near: made, far: made }),
    next: z.object({ stage: z.enum(['terminate', 'verify', 'record']) }),
    stamp: z.int().meta({ description: 'Counts the changes of the link and the facts about it.' }),
  })
  .meta({ id: 'LinkRow' });

export const rowQuery = z.strictObject({ after, limit: upTo(5000, 2000) });

export const linkRows = z
  .object({ rows: z.array(linkRow), next, total: z.int() })
  .meta({ id: 'LinkRows' });

/** How a site stands, in numbers. */
export const siteStanding = z
  .object({
    total: z.int(),
    hubs: z.array(
      z.object({ hub: z.string(), counts: z.partialRecord(z.enum(LINK_STATES), z.int()) }),
    ),
    stale: z.int().meta({ description: 'Links that are still being looked at anew.' }),
  })
  .meta({ id: 'SiteStanding' });

export type Link = Shared<z.output<typeof link>>;
export type LinkInput = Shared<z.input<typeof linkInput>>;
export type LinkPatch = Shared<z.input<typeof linkPatch>>;
export type LinkSummary = Shared<z.output<typeof linkSummary>>;
export type LinkRow = Shared<z.output<typeof linkRow>>;
export type SiteStanding = Shared<z.output<typeof siteStanding>>;

export const linkEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/sites/{id}/links',
    of: 'site',
    summary: 'A site’s links with their state, page by page',
    answer: linkList,
    query: linkQuery,
  },
  rows: {
    method: 'get',
    path: '/api/sites/{id}/rows',
    of: 'site',
    summary: 'All links of a site in short, page by page, for lists of very many',
    answer: linkRows,
    query: rowQuery,
  },
  standing: {
    method: 'get',
    path: '/api/sites/{id}/standing',
    of: 'site',
    summary: 'How many links of each hub are in which state',
    answer: siteStanding,
  },
  make: {
    method: 'post',
    path: '/api/sites/{id}/links',
    of: 'site',
    summary: 'Make a link',
    body: linkInput,
    status: 201,
    answer: linkSummary,
  },
  one: {
    method: 'get',
    path: '/api/links/{id}',
    of: 'link',
    summary: 'One link with its state',
    answer: linkSummary,
  },
  change: {
    method: 'patch',
    path: '/api/links/{id}',
    of: 'link',
    summary: 'Change a link',
    body: linkPatch,
    answer: linkSummary,
  },
  putAway: {
    method: 'delete',
    path: '/api/links/{id}',
    of: 'link',
    summary: 'Put a link away',

    status: 204,
    query: versionSeen,
  },
  restore: {
    method: 'post',
    path: '/api/links/{id}/restore',
    of: 'link',
    summary: 'Take a link back that was put away',
    answer: linkSummary,
  },
});
