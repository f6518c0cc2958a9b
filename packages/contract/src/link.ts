import { leavesAtM, type Waypoint } from '@near-spoke/core/link';
import { LINK_STATES } from '@near-spoke/core/record';
import * as z from 'zod';
import {
  cableId,
  connectorId,
  contact,
  filled,
  id,
  jacket,
  line,
  schoolChoices,
  scheme,
  version,
} from './primitives';

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
    extraM: z.number().positive().max(100_000).optional().meta({
      description: 'Cable that is wound up here, or goes up and down, before it goes on.',
    }),
  })
  .meta({ id: 'Waypoint' });

const lengthM = z.number().positive().max(100_000).nullable();

const fields = {
  label: filled(500),
  hub: line(500),
  near: linkEnd,
  far: linkEnd,
  cable: cableId,
  lengthM,
  route: z.array(waypoint).max(100),
  environment: jacket,
  schools: schoolChoices,
  note: line(500),
};

function checkRoute(
  link: { route?: readonly Waypoint[]; lengthM?: number | null },
  context: z.RefinementCtx,
): void {
  link.route?.forEach((point, index, route) => {
    const before = route[index - 1];
    if (before && point.atM < leavesAtM(before))
      context.addIssue({
        code: 'custom',
        path: ['route', index, 'atM'],
        message: 'waypoints run from the near end to the far end',
      });
    if (link.lengthM != null && leavesAtM(point) > link.lengthM)
      context.addIssue({
        code: 'custom',
        path: ['route', index, 'atM'],
        message: 'lies beyond the far end of the cable',
      });
  });
}

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
  .superRefine(checkRoute)
  .meta({ id: 'LinkInput' });

export const linkPatch = z
  .strictObject({ version, ...z.object(fields).partial().shape })
  .superRefine(checkRoute)
  .meta({ id: 'LinkPatch' });

const pins = z.array(z.tuple([contact, z.string()]).readonly()).readonly();
const pinout = z
  .object({ near: pins, far: pins })
  .meta({ id: 'Pinout', description: 'Of an adapter: which core is on which contact.' });

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

export const linkList = z.object({ links: z.array(linkSummary) }).meta({ id: 'LinkList' });

export type Link = z.output<typeof link>;
export type LinkInput = z.input<typeof linkInput>;
export type LinkPatch = z.input<typeof linkPatch>;
export type LinkSummary = z.output<typeof linkSummary>;
