import { VELOCITY_HOW } from '@near-spoke/core/link';
import * as z from 'zod';
import { endpoints } from '../endpoint';
import { factKind } from '../fact-kind';
import { cableId, filled, id, instant, keptFact, line, sentFact } from '../primitives';
import { metres, uncertainFactor, uncertainMetres } from '../uncertain';
import type { Shared } from '../shared';

const mark = z
  .number()
  .min(0)
  .max(1_000_000)
  .nullable()
  .default(null)
  .meta({ description: 'Printed on the jacket at the loose end; null where it was not read.' });

const deed = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('velocity'),
      velocityFactor: uncertainFactor,
      how: z.enum(VELOCITY_HOW),
    }),
    z.strictObject({ kind: z.literal('reel'), leftM: uncertainMetres }),
    z.strictObject({
      kind: z.literal('got'),
      lengthM: metres.min(0.1),
      markM: mark,
      marks: z.enum(['up', 'down']).default('up').meta({
        description: 'Which way the marks run on the jacket, as it comes off the reel.',
      }),
    }),
    z.strictObject({ kind: z.literal('cut'), lengthM: metres.min(0.01), markM: mark }),
    z.strictObject({ kind: z.literal('gone') }),
    z.strictObject({
      kind: z.literal('place'),
      event: filled(20),
      distanceM: uncertainMetres,
      sentence: filled(1000),
    }),
  ])
  .meta({
    id: 'CableDeed',
    description:
      'A velocity factor; of a reel what came, was cut, is left or is of no use; the place of a fault on a link.',
  });

/** What can only be said of a reel that has a name. */
const OF_REELS: ReadonlySet<string> = new Set(['reel', 'got', 'cut', 'gone']);

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
    if (OF_REELS.has(kind) && reel === '')
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
    summary:
      'Keep a velocity factor, what a reel had, what was cut from it or is left, or the place of a fault',
    body: cableFactInput,
    status: 201,
    answer: cableFact,
  },
});

const SAID: Readonly<Record<Exclude<CableFact['deed']['kind'], 'place'>, string>> = {
  velocity: 'Velocity factor of',
  reel: 'What is left of',
  got: 'New reel',
  cut: 'Cut from',
  gone: 'No use any more:',
};

export const cableKind = factKind({
  fact: cableFact,
  keep: cableFactEndpoints.keep,
  lists: { site: cableFactEndpoints.list },
  subject: 'siteId',
  at: 'at',
  said: ({ deed: what, reel, cable }) =>
    what.kind === 'place' ? what.sentence : `${SAID[what.kind]} ${reel === '' ? cable : reel}`,
});
