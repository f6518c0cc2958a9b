import { VELOCITY_HOW } from '@near-spoke/core/reflect/velocity';
import * as z from 'zod';
import { endpoints } from '../endpoint';
import { factKind } from '../fact-kind';
import { cableId, filled, id, instant, keptFact, line, sentFact } from '../primitives';
import { uncertainFactor, uncertainMetres } from '../uncertain';
import type { Shared } from '../shared';

const deed = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('velocity'),
      velocityFactor: uncertainFactor,
      how: z.enum(VELOCITY_HOW),
    }),
    z.strictObject({ kind: z.literal('reel'), leftM: uncertainMetres }),
    z.strictObject({
      kind: z.literal('place'),
      event: filled(20),
      distanceM: uncertainMetres,
      sentence: filled(1000),
    }),
  ])
  .meta({
    id: 'CableDeed',
    description: 'A velocity factor, what is left on a reel, or the place of a fault on a link.',
  });

const fields = {
  cable: cableId,
  reel: line(80).default('').meta({ description: 'As the box is called; empty if not told.' }),
  linkId: id.nullable().default(null),
  deed,
};

export const cableFactInput = z
  .strictObject({
    ...sentFact,
    at: instant.optional(),
    ...fields,
  })
  .superRefine(({ deed: { kind }, linkId, reel }, context) => {
    if (kind === 'place' && linkId === null)
      context.addIssue({ code: 'custom', path: ['linkId'], message: 'a place is on a link' });
    if (kind === 'reel' && reel === '')
      context.addIssue({ code: 'custom', path: ['reel'], message: 'must not be empty' });
  })
  .meta({ id: 'CableFactInput' });

export const cableFact = z
  .object({ ...fields, ...keptFact, siteId: id, at: z.string() })
  .meta({ id: 'CableFact' });

export const cableFactList = z.object({ facts: z.array(cableFact) }).meta({ id: 'CableFactList' });

export type CableFact = Shared<z.output<typeof cableFact>>;

export const cableFactEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/sites/{id}/cable-facts',
    of: 'site',
    summary: 'What was measured of a site’s cables, oldest first',
    answer: cableFactList,
  },
  keep: {
    method: 'post',
    path: '/api/sites/{id}/cable-facts',
    of: 'site',
    summary: 'Keep a velocity factor, what is left on a reel, or the place of a fault',
    body: cableFactInput,
    status: 201,
    answer: cableFact,
  },
});

export const cableKind = factKind({
  fact: cableFact,
  keep: cableFactEndpoints.keep,
  lists: { site: cableFactEndpoints.list },
  subject: 'siteId',
  at: 'at',
  said: ({ deed: what, reel, cable }) =>
    what.kind === 'place'
      ? what.sentence
      : `${what.kind === 'velocity' ? 'Velocity factor' : 'What is left'} of ${reel === '' ? cable : reel}`,
});
